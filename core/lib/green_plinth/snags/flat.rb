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

      # A torn bank over the back third.
      def raised(heights)
        height = (heights.longer_side * RAISE).round
        ring = Plan::Geos.rings(heights.back.simplify(0.5)).first or return
        form = { "id" => fresh("bank"), "name" => "raised back", "kind" => design.kinds.form("lift").key,
                 "material" => design.kinds.work("bank", "material"),
                 "sheet_mm" => [height, 1].max, "sheets" => 1,
                 "edge" => { "kind" => design.kinds.with("edges", "ragged").key, "run_mm" => (height / 2.0).round(1) },
                 "outline" => { "kind" => "polygon", "points_mm" => ring[0..-2].map { |x, y| [x.round(1), y.round(1)] } } }
        Fix.new("raise the back third by #{mm(height)} of cork", [append("forms", form)])
      end
    end
  end
end
