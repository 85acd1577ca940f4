# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A scene as level as a table, with nothing upright.
    class Flat < Check
      code "composition/flat"
      severity "advice"
      weight 140
      # How much the back is raised by the fix, as a share of the longer side (from memory).
      RAISE = 0.08

      def snags
        return [] unless design.purpose.trait?("staged") && design.subjects.any?

        heights = @evaluation.heights
        return [] unless heights.flat?

        [snag("/plinth/outline",
          "Nothing rises more than #{mm(heights.rise_mm)} over a base #{mm(heights.longer_side)} long: it will look like a table top.",
          raised(heights))]
      end

      private

      def raised(heights)
        height = (heights.longer_side * RAISE).round
        form = RaisedBack.new(@evaluation).form(fresh("bank"), height) or return
        Fix.new("raise the back third by #{mm(height)} of cork", [append("forms", form)])
      end
    end
  end
end
