# frozen_string_literal: true

module GreenPlinth
  module Composition
    module Judgements
      # How much of the top is taken by things that stand on it.
      class Crowding < Judgement
        title "Room to breathe"
        how "the area of what stands on the top, each place counted once ÷ the area of the top",
          from: "geometry; how much is too much from memory"
        weight 90
        purposes "shown"
        def verdict
          return if design.subjects.empty? && design.features.empty?

          told = "#{things} #{number(layout.standing_pct)} % of the top"
          return told_as(told, "good", "guide") unless crowded?

          told_as("#{told}: take out what does not serve the story", "look", "trouble", thinned)
        end

        def crowded? = layout.crowded?

        # The smallest of the features goes first, and none that another stands on.
        # @return [Fix, nil]
        def thinned
          hosts = design.features.map(&:host)
          spare = design.outlined_features.reject { |feature| hosts.include?(feature.id) || feature.kind.trait?("trodden") }
          spare.min_by { |feature| feature.area.area }&.then { |least| take_out("take out #{least.name}", least.pointer) }
        end

        private

        def told_as(told, word, tone, *fixes)
          marks = layout.taken.map { |area| Mark.area(area, tone) }
          judged(word, "#{told}.", figure: layout.standing_pct, unit: "%", marks: marks, fixes: fixes)
        end

        def things
          count = design.subjects.size + design.features.size
          count == 1 ? "1 thing takes" : "#{count} things take"
        end
      end
    end
  end
end
