# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A subject that cannot be seen from where the base is looked at.
    class Hidden < Check
      code "composition/hidden"
      severity "spoils"
      weight 220
      # Half a subject in a group is seen enough; of the one that is looked at first, more (from memory), percent.
      LEAST_PCT = 40
      LEAST_FOCAL_PCT = 65
      # How far a move may go, mm.
      MOVES_MM = [4, 8, 12, 16, 24, 32, 48, 64].freeze

      def snags
        return [] unless design.purpose.trait?("shown")

        design.subjects.filter_map do |subject|
          seen = @evaluation.sight.visible_pct(subject)
          next if seen.nil? || seen >= least(subject)

          snag(subject.pointer,
            "Only #{number(seen)} % of #{subject.name} is seen from #{number(@evaluation.eye.elevation_deg)}° up: #{blame(subject)}.",
            moved(subject))
        end
      end

      private

      def least(subject) = subject.focal? ? LEAST_FOCAL_PCT : LEAST_PCT

      def blame(subject)
        @evaluation.sight.hidden_by(subject).first(2).map do |pointer, pct|
          part = (design.features + design.subjects).find { |other| other.pointer == pointer }
          "#{part ? part.name : "the ground"} hides #{number(pct)} %"
        end.join(", ")
      end

      # The nearest free place on the top from which it is seen.
      def moved(subject)
        there = @evaluation.nearest_place.find(subject, runs: MOVES_MM) do |moved|
          (@evaluation.sight.visible_pct(moved, anew: true) || 0) >= least(subject)
        end
        move(subject, there, "into sight")
      end
    end
  end
end
