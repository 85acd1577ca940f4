# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A room for a lamp or a battery that nobody can reach once the base is finished.
    class CavityShut < Check
      code "fit/cavity_shut"
      severity "spoils"
      weight 449

      def snags
        design.forms.select(&:cavity?).reject(&:open_below?).flat_map do |cavity|
          over = standing_over(cavity)
          next [bare(cavity)] if over.empty?

          over.reject { |part| comes_off?(part) }.map { |part| shut(cavity, part) }
        end
      end

      private

      def standing_over(cavity)
        parts = design.outlined_features + design.standing
        parts.select { |part| part.foot_area.intersects?(cavity.area) }
      end

      def comes_off?(part)
        part.data.dig("fixing", "removable") || part.kind.trait?("lifts_off") ||
          (part.is_a?(Design::Subject) && part.mount.trait?("comes_off"))
      end

      def bare(cavity)
        snag(cavity.pointer, "#{cavity.name.capitalize} is reached from above, and nothing stands over it that could be taken off: the " \
                             "ground shuts it in.", from_below(cavity))
      end

      def shut(cavity, part)
        snag(cavity.pointer, "#{cavity.name.capitalize} is reached from above, and #{part.name}, which is held for good, shuts it in.",
          put("let #{part.name} be taken off", *removable(part)), from_below(cavity))
      end

      def removable(part)
        fixing = part.data["fixing"]
        fixing ? ["#{part.pointer}/fixing/removable", true] : ["#{part.pointer}/fixing", { "removable" => true }]
      end

      def from_below(cavity)
        put("reach it from below", "#{cavity.pointer}/reached_from", design.kinds.with("hatches", "under").key)
      end
    end
  end
end
