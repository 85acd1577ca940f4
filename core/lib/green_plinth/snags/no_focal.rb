# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Several subjects and none that the eye is meant to find first.
    class NoFocal < Check
      code "habit/no_focal"
      severity "advice"
      weight 290
      def snags
        return [] if design.subjects.size < 2 || design.subjects.any?(&:focal?) || !design.purpose.trait?("staged")

        tallest = design.subjects.max_by { |subject| subject.height_mm || 0 }
        [snag("/subjects", "None of the #{design.subjects.size} subjects is the one to look at first, so nothing can be judged against it.",
          put("make #{tallest.name} the focal one", "#{tallest.pointer}/focal", true))]
      end
    end
  end
end
