# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Loose grains on ground steeper than they lie by themselves.
    class Slides < Check
      code "relief/slides"
      severity "advice"
      # Less of a zone than this is a bank's edge, share.
      LEAST = 0.15
      # The filler that eases it leaves this much in hand, degrees.
      EASE_DEG = 2

      def snags
        design.zones.each_with_index.filter_map do |zone, index|
          next unless zone.courses.any? { |course| catalogue[course.material]&.family == "grain" && (course["cover_pct"] || 100) > 50 }

          inside = terrain.zone_map.eq(index)
          count = inside.count_true
          share = count.zero? ? 0 : @evaluation.slopes.classes[inside].eq(Relief::Slopes::CLASSES.size - 1).count_true / count.to_f
          told(zone, share) if share > LEAST
        end
      end

      private

      def told(zone, share)
        repose = @evaluation.slopes.repose_deg(zone)
        snag(zone.pointer, "#{number(share * 100)} % of #{zone.name} is steeper than the #{number(repose)}° at which its grains lie: they slide off before the glue holds. " \
                           "Work in strips, the board tilted, or ease the ground.", eased(zone, repose))
      end

      def eased(zone, repose)
        return if zone.rest?

        form = { "id" => fresh("ease"), "name" => "ease under #{zone.name}"[0, 80], "kind" => "skim", "slope_deg" => (repose - EASE_DEG).floor,
                 "outline" => zone.outline }
        Fix.new("skim it to #{(repose - EASE_DEG).floor}° first", [append("forms", form)])
      end
    end
  end
end
