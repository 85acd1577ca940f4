# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A road over a track that stands above the rail tops, where wheels foul it, or lies too far below them.
    class Flangeway < Check
      code "fit/flangeway"
      severity "spoils"
      weight 175

      # So much out nobody sees or feels, mm in life (from memory).
      ALLOWED_LIFE_MM = 25.0
      # Less of a track than this share is beside the road, not in it.
      LEAST_SHARE = 0.1

      def snags
        tracks = design.outlined_features.select { |feature| feature.gauge_mm && top_mm(feature) }
        tracks.flat_map { |track| crossed(track).filter_map { |index| judged(track, index) } }
      end

      private

      # Of the rails above the bulk that the track lies on.
      def top_mm(track) = track.height_mm || track.rail_mm

      def crossed(track)
        design.zones.each_index.select do |index|
          design.zones[index].ground["climbs_pct"] &&
            Plan::Geos.area(@evaluation.ground.area(index).intersection(track.area)) > LEAST_SHARE * track.area.area
        end
      end

      def judged(track, index)
        zone = design.zones[index]
        over = terrain.raises[index].sum - top_mm(track)
        return if over.abs * design.scale <= ALLOWED_LIFE_MM

        groove = real_thing(GROOVE).range_mm
        open = "#{mm(groove.low / design.scale)}–#{mm(groove.high / design.scale)}"
        told = "#{zone.name.capitalize} lies #{mm(over.abs)} #{over.positive? ? "above" : "below"} the rail tops of #{track.name}"
        snag(zone.pointer, "#{told}: #{over.positive? ? "wheels ride up on it" : "it reads as a pit"}. " \
                           "Beside each rail #{open} are left open for the flanges.", levelled(zone, over))
      end

      GROOVE = "flangeway"
      private_constant :GROOVE

      # The thickest course takes up the difference.
      def levelled(zone, over)
        course = zone.courses.select(&:own_thickness_mm).max_by(&:own_thickness_mm) or return
        right = (course.own_thickness_mm - over).round(2)
        put("lay #{course.name} #{mm(right)} thick", "#{course.pointer}/thickness_mm", right) if right.positive?
      end
    end
  end
end
