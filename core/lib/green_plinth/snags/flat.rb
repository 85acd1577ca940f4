# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A scene as level as a table, with nothing upright.
    class Flat < Check
      code "composition/flat"
      severity "advice"
      weight 140

      def snags
        return [] unless design.purpose.trait?("staged") && design.subjects.any?

        heights = @evaluation.heights
        return [] unless heights.flat?

        [snag("/plinth/outline",
          "Nothing rises more than #{mm(heights.rise_mm)} over a base #{mm(heights.longer_side)} long: it will look like a table top.",
          heights.raised)]
      end
    end
  end
end
