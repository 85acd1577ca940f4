# frozen_string_literal: true

module GreenPlinth
  module Snags
    # What stands so near to a track that a train would strike it.
    class TrackClearance < Check
      code "fit/track_clearance"
      severity "spoils"
      weight 445

      def snags
        tracks.flat_map { |track| beside(track).filter_map { |part| judged(track, part) } }
      end

      private

      def tracks = design.outlined_features.select { |feature| feature.strip? && feature.gauge_mm }

      # Not what lies flat, nor what stands on the rails.
      def beside(track)
        features = design.outlined_features.reject { |one| one == track || one.kind.trait?("trodden") || !(one.height_mm || 0).positive? }
        on_rails = ->(subject) { track.area.contains?(Plan::Geos.point(subject.middle)) }
        features + design.subjects.reject(&on_rails)
      end

      def judged(track, part)
        shape = part.is_a?(Design::Subject) ? part.shadow : part.area
        line = Plan::Geos.line(Plan::Outline.line(track.outline))
        mm = shape.distance(line)
        wanted = half_width(track)
        return if mm >= wanted - ALLOWED_MM

        snag(part.pointer,
          "#{part.name.capitalize} stands #{mm(mm)} from the middle of #{track.name}; a train needs #{mm(wanted)} to each side.",
          away(track, part, wanted - mm)).drawn(Figure.measure(mm, "mm", least: wanted))
      end

      # A hair that no ruler tells, mm.
      ALLOWED_MM = 0.05
      private_constant :ALLOWED_MM

      # As wide as trains of this gauge are given room.
      def half_width(track)
        record = design.kinds["works"]["track_clear"]
        (record["half_width_mm"] * track.gauge_mm / (record["gauge_mm"] / design.scale) / design.scale)
          .clamp(track.gauge_mm / 2, record["half_width_mm"] / design.scale)
      end

      # Square away from the rails.
      def away(track, part, by)
        (x, y), = Plan::Polyline.new(Plan::Outline.line(track.outline)).then { |line| line.at(line.nearest(*part.middle).last) }
        dx, dy = part.middle[0] - x, part.middle[1] - y
        far = Math.hypot(dx, dy)
        return if far.zero?

        step = by + 0.1
        there = part.moved_by(dx / far * step, dy / far * step)
        put("move it #{mm(step)} away", "#{part.pointer}/#{there.place.first}", there.place.last)
      end
    end
  end
end
