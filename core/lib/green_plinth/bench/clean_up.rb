# frozen_string_literal: true

module GreenPlinth
  module Bench
    # What to put away, wash or close at the end of a sitting, by what was worked with: records of core/data/kinds/clean_ups.yml.
    class CleanUp
      # @param catalogue [Catalogue]
      # @param steps [Array<Steps::Step>] that were worked on
      def initialize(catalogue, steps)
        @catalogue = catalogue
        @steps = steps
      end

      # @return [Array<Hash>] "line" and "source", each once
      def lines
        @catalogue.kinds["clean_ups"].values.select { |kind| @steps.any? { |step| meets?(kind, step) } }
          .map { |kind| { "line" => kind["line"], "source" => kind["source"] } }
      end

      private

      # All that the record asks for.
      def meets?(kind, step)
        materials = [step.stages.material, step.material].compact.uniq.filter_map { |key| @catalogue[key] }
        technique = @catalogue.technique(step.technique)
        [[kind["mechanisms"], materials.map(&:mechanism)], [kind["rigs"], [step.rig]], [kind["phases"], [step.phase.to_s]],
          [kind["families"], materials.map { |one| one["family"] }], [kind["ways"], [technique&.key]]]
          .all? { |wanted, had| wanted.nil? || (wanted & had).any? }
      end
    end
  end
end
