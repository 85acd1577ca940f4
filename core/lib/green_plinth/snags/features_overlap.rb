# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Two upright parts that would stand in one place.
    class FeaturesOverlap < Check
      code "fit/features_overlap"
      severity "spoils"
      weight 185

      # Of the smaller so much may be shared: feet are sunk and foliage gives way (from memory).
      ALLOWED = 0.25
      FARTHEST_MM = 80

      def snags
        upright = design.outlined_features.select { |feature| feature.kind.trait?("bars_feet") }
        upright.combination(2).filter_map { |one, other| judged(one, other) unless hosted?(one, other) }
      end

      private

      # What stands on, in or along another is meant to.
      def hosted?(one, other) = one.host == other.id || other.host == one.id || [one, other].any?(&:strip?)

      def judged(one, other)
        return unless one.area.intersects?(other.area)

        shared = Plan::Geos.area(one.area.intersection(other.area))
        mover, still = [one, other].minmax_by { |part| part.area.area }
        return if shared <= ALLOWED * mover.area.area

        both = "#{mover.name.capitalize} and #{still.name} stand on the same #{number(shared)} mm²"
        snag(mover.pointer, "#{both}: only one of them fits there.", away(mover, still))
      end

      # The least move straight away from the other that clears it.
      def away(mover, still)
        x, y = mover.middle
        dx, dy = x - still.middle[0], y - still.middle[1]
        long = Math.hypot(dx, dy)
        dx, dy, long = 0.0, 1.0, 1.0 if long < 1e-6
        (1..FARTHEST_MM).each do |run|
          outline = Plan::Outline.shifted(mover.outline, (dx / long * run).round(2), (dy / long * run).round(2))
          shape = Plan::Outline.polygon(outline)
          return put("move #{mover.name} #{mm(run)} away", "#{mover.pointer}/outline", outline) if free?(shape, mover)
        end
        nil
      end

      def free?(shape, mover)
        @evaluation.ground.top.contains?(shape) && (design.outlined_features - [mover]).none? do |other|
          other.kind.trait?("bars_feet") && other.area.intersects?(shape)
        end
      end
    end
  end
end
