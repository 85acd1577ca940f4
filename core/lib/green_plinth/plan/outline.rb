# frozen_string_literal: true

module GreenPlinth
  module Plan
    # Turns an outline of the plinth file into a GEOS polygon.
    module Outline
      # How far a drawn chord may stray from the true curve, mm: a tenth of what a pencil line is wide. Smaller only
      # costs corners; areas are exact at any value, since the corners are set out so that the polygon keeps the
      # curve's area.
      CHORD_MM = 0.01
      CORNERS = (48..512)
      # Polygons already made: every part of an evaluation asks for the same ones.
      KEPT = Memo.new(room: 2000)
      private_constant :KEPT

      module_function

      # @param outline [Hash] as in the file; 'rest' has no polygon of its own
      # @param at [Array(Float, Float)] moved there, after turning by `turn` degrees counter-clockwise
      # @return [RGeo::Feature::Polygon, MultiPolygon]
      def polygon(outline, at: [0.0, 0.0], turn: 0.0)
        KEPT.fetch(:polygon, outline, at, turn) do
          shape = outline["kind"] == "strip" ? strip(outline) : Geos.polygon(points(outline))
          at == [0.0, 0.0] && turn.zero? ? shape : moved(shape, at, turn)
        end
      end

      # @return [Array<Array(Float, Float)>] the outline's own corners, where it has a ring of its own
      def points(outline)
        ring = case outline["kind"]
               when "round" then ellipse(outline["diameter_mm"] / 2.0, outline["diameter_mm"] / 2.0)
               when "oval" then ellipse(outline["width_mm"] / 2.0, outline["depth_mm"] / 2.0)
               when "rectangle" then rectangle(outline)
               when "polygon" then drawn(outline, closed: true)
               end
        place(ring, outline["at_mm"] || [0.0, 0.0], outline["turn_deg"] || 0.0)
      end

      # @param outline [Hash] a strip, as in the file
      # @return [Array<Array(Float, Float)>] the line along its middle, mm
      def line(outline) = drawn(outline, closed: false)

      # Straight from corner to corner, or curved through them.
      def drawn(outline, closed:)
        outline["curved"] ? Curve.through(outline["points_mm"], closed: closed) : outline["points_mm"]
      end
      private_class_method :drawn

      # @return [Hash] the same outline elsewhere, as the file has it
      def shifted(outline, dx, dy)
        move = ->((x, y)) { [(x + dx).round(3), (y + dy).round(3)] }
        return outline.merge("points_mm" => outline["points_mm"].map(&move)) if %w[strip polygon].include?(outline["kind"]) &&
          !outline["at_mm"]

        outline.merge("at_mm" => move.call(outline["at_mm"] || [0.0, 0.0]))
      end

      # The box an outline fills, exactly: the polygon of a curve strays from it by a hair.
      # @return [Array(Float, Float)] width and depth, mm
      def size(outline)
        return [outline["diameter_mm"].to_f] * 2 if outline["kind"] == "round"
        return ellipse_size(outline) if outline["kind"] == "oval"

        min_x, min_y, max_x, max_y = Geos.bounds(polygon(outline))
        [max_x - min_x, max_y - min_y]
      end

      def ellipse_size(outline)
        turn = (outline["turn_deg"] || 0) * Math::PI / 180
        a, b = outline.values_at("width_mm", "depth_mm")
        [Math.hypot(a * Math.cos(turn), b * Math.sin(turn)), Math.hypot(a * Math.sin(turn), b * Math.cos(turn))]
      end
      private_class_method :ellipse_size

      # @return [Array<Array(Float, Float)>] turned about the origin, then moved
      def place(points, at, turn)
        cos = Math.cos(turn * Math::PI / 180)
        sin = Math.sin(turn * Math::PI / 180)
        points.map { |x, y| [(x * cos) - (y * sin) + at[0], (x * sin) + (y * cos) + at[1]] }
      end

      def ellipse(a, b)
        largest = [a, b].max
        corners = (Math::PI / Math.acos(1 - [CHORD_MM / largest, 0.5].min)).ceil.clamp(CORNERS.min, CORNERS.max)
        step = 2 * Math::PI / corners
        grow = Math.sqrt(step / Math.sin(step))
        Array.new(corners) { |i| [a * grow * Math.cos(i * step), b * grow * Math.sin(i * step)] }
      end
      private_class_method :ellipse

      def rectangle(outline)
        half_w = outline["width_mm"] / 2.0
        half_d = outline["depth_mm"] / 2.0
        radius = [outline["corner_mm"] || 0.0, half_w, half_d].min
        corners = [[1, 1, 0], [-1, 1, 90], [-1, -1, 180], [1, -1, 270]]
        return corners.map { |sx, sy, _| [sx * half_w, sy * half_d] } if radius.zero?

        corners.flat_map { |sx, sy, from| arc(sx * (half_w - radius), sy * (half_d - radius), radius, from) }.uniq
      end
      private_class_method :rectangle

      # A quarter turn from `from` degrees in 16 chords.
      def arc(x, y, radius, from)
        (0..16).map do |i|
          angle = (from + (i * 90.0 / 16)) * Math::PI / 180
          [(x + (radius * Math.cos(angle))).round(9), (y + (radius * Math.sin(angle))).round(9)]
        end
      end
      private_class_method :arc

      def strip(outline)
        Geos.line(line(outline))
          .buffer_with_style(outline["width_mm"] / 2.0, RGeo::Geos::CAP_FLAT, RGeo::Geos::JOIN_ROUND, 2.0)
      end
      private_class_method :strip

      # @return [RGeo geometry] turned about the origin, then moved
      def moved(shape, at, turn)
        Geos.union(Geos.polygons(shape).map do |polygon|
          holes = polygon.interior_rings.map { |ring| ring_at(ring, at, turn) }
          Geos::FACTORY.polygon(ring_at(polygon.exterior_ring, at, turn), holes)
        end)
      end

      def ring_at(ring, at, turn)
        Geos::FACTORY.linear_ring(place(Geos.coordinates(ring), at, turn).map { |xy| Geos.point(xy) })
      end
      private_class_method :ring_at
    end
  end
end
