# frozen_string_literal: true

module GreenPlinth
  module Screens
    # What is composed by itself within a build, as a screen draws it: copies that differ, and further bodies.
    class Within
      # @param evaluation [Evaluation] of the build
      # @param lines [Array, nil] where to cut sections
      def initialize(evaluation, lines)
        @evaluation = evaluation
        @lines = lines
      end

      # @return [Array<Hash>]
      def to_a = variants + bodies

      private

      def variants
        numbers = @evaluation.bases.to_h { |range, variant| [variant&.id, [range.min, range.max]] }
        @evaluation.variants.map { |variant, own| told(variant, own).merge("bases" => numbers[variant.id], "place" => nil) }
      end

      def bodies
        @evaluation.placed_bodies.map do |placed|
          body = placed.body
          told(body, placed.evaluation).merge("bases" => nil,
            "place" => { "how" => body.how.key, "at_mm" => body.at_mm, "turn_deg" => body.turn_deg, "lift_mm" => placed.lift_mm.round(2),
                         "carried" => body.carried? })
        end
      end

      def told(part, own)
        { "id" => part.id, "pointer" => part.pointer, "name" => part.name, "drawing" => own.drawing, "sections" => own.sections(@lines),
          "evaluation" => Files::EvaluationFile.new(own).base }
      end
    end
  end
end
