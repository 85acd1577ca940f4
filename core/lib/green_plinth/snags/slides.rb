# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Loose grains on ground steeper than they lie by themselves.
    class Slides < Check
      code "relief/slides"
      severity "advice"
      weight 460
      # Less of a zone than this is a bank's edge, share.
      LEAST = 0.15
      # The filler that eases it leaves this much in hand, degrees.
      EASE_DEG = 2

      # A course that covers less than this lies in patches, which hold, percent.
      CLOSED_PCT = 50

      def snags
        design.zones.each_with_index.select { |zone, _| zone.courses.any? { |course| loose?(course) } }.filter_map do |zone, index|
          share = sliding_share(index)
          snag_of(zone, share) if share > LEAST
        end
      end

      private

      def loose?(course) = course.material&.trait?("granular") && course.cover_pct > CLOSED_PCT

      def sliding_share(index)
        inside = terrain.zone_map.eq(index)
        count = inside.count_true
        count.zero? ? 0 : @evaluation.slopes.classes[inside].eq(Relief::Slopes::CLASSES.size - 1).count_true / count.to_f
      end

      def snag_of(zone, share)
        repose = @evaluation.slopes.repose_deg(zone)
        steep = "#{number(share * 100)} % of #{zone.name} is steeper than the #{number(repose)}° at which its grains lie"
        snag(zone.pointer, "#{steep}: they slide off before the glue holds. Work in strips, the board tilted, or ease the ground.",
          eased(zone, repose)).drawn(Figure.measure(share * 100, "%", most: LEAST * 100))
      end

      def eased(zone, repose)
        return if zone.rest?

        form = { "id" => fresh("ease"), "name" => "ease under #{zone.name}"[0, 80], "kind" => design.kinds.form("skim").key,
                 "slope_deg" => (repose - EASE_DEG).floor,
                 "outline" => zone.outline }
        Fix.new("skim it to #{(repose - EASE_DEG).floor}° first", [append("forms", form)])
      end
    end
  end
end
