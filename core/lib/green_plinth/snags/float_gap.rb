# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Plinth and ground at the axis thicker than the gap the magnet works through.
    class FloatGap < Check
      code "balance/float_gap"
      severity "stops"
      weight 150

      def snags
        limit = design.limits.float_gap_mm
        stack = @evaluation.floating.stack_mm
        return [] unless design.purpose.trait?("floats") && limit && stack > limit

        ground = stack - design.plinth.thickness_mm
        [snag("/plinth/thickness_mm", "Plinth and ground are #{mm(stack)} thick at the axis, the driver works through #{mm(limit)} in all.",
          (put("make the plinth #{mm(limit - ground)} thick", "/plinth/thickness_mm", (limit - ground).round(2)) if limit - ground >= 1))]
      end
    end
  end
end
