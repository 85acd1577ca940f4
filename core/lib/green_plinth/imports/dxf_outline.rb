# frozen_string_literal: true

module GreenPlinth
  module Imports
    # The largest closed shape of a DXF drawing (text form) as points in millimetres, middle at the origin. Reads
    # LWPOLYLINE and POLYLINE with their bulges, CIRCLE and ELLIPSE. Group codes: Autodesk's published DXF reference.
    class DxfOutline
      MOST_BYTES = 1_000_000
      # $INSUNITS → mm; 0 is unitless, read as mm.
      UNITS = { 0 => 1.0, 1 => 25.4, 2 => 304.8, 4 => 1.0, 5 => 10.0, 6 => 1000.0 }.freeze
      CHORD_DEG = 6.0

      # @param text [String]
      # @return [Array<Array(Float, Float)>]; raises InvalidFile
      def self.points(text) = new(text).points

      def initialize(text)
        @text = text
      end

      def points
        refuse("the drawing is larger than 1 MB") if @text.bytesize > MOST_BYTES
        refuse("it is no DXF drawing in text form: save it as DXF, ASCII") unless @text.match?(/\A\s*0\s*\r?\n\s*SECTION/) ||
          @text.include?("ENTITIES")
        DrawnRing.new("/dxf", unit).of(entities.filter_map { |entity| ring(entity) })
      end

      private

      def refuse(message) = raise(InvalidFile, [Problem.new("/dxf", message)])

      # @return [Array<Array(Integer, String)>] group codes and values
      def pairs
        @pairs ||= @text.scrub.lines.map(&:strip).each_slice(2).filter_map do |code, value|
          Integer(code, 10, exception: false)&.then { |number| [number, value.to_s] }
        end
      end

      def unit
        at = pairs.index([9, "$INSUNITS"])
        UNITS.fetch(at ? pairs[at + 1][1].to_i : 0, 1.0)
      end

      # Each from its 0 code to the next; a POLYLINE takes in its VERTEX entities.
      def entities
        start = pairs.index([2, "ENTITIES"]) || 0
        pairs[start..].slice_before { |code, _| code.zero? }.each_with_object([]) do |entity, list|
          entity.first[1] == "VERTEX" && list.last&.first&.at(1) == "POLYLINE" ? list.last.concat(entity.drop(1).unshift([-1,
            "VERTEX"])) : list << entity
        end
      end

      def ring(entity)
        case entity.first[1]
        when "LWPOLYLINE", "POLYLINE" then polyline(entity)
        when "CIRCLE" then ellipse(value(entity, 10), value(entity, 20), [value(entity, 40), 0], 1)
        when "ELLIPSE" then ellipse(value(entity, 10), value(entity, 20), [value(entity, 11), value(entity, 21)], value(entity, 40))
        end
      end

      def value(entity, code) = entity.find { |other, _| other == code }&.last.to_f

      def polyline(entity)
        closed = entity.find { |code, _| code == 70 }&.last.to_i & 1 == 1
        body = entity.first[1] == "POLYLINE" ? entity.drop_while { |code, _| code != -1 } : entity
        corners = body.each_with_object([]) do |(code, text), list|
          case code
          when 10 then list << [text.to_f, 0.0, 0.0]
          when 20 then list.last[1] = text.to_f if list.any?
          when 42 then list.last[2] = text.to_f if list.any?
          end
        end
        return unless corners.size >= 2 && (closed || corners.first.first(2) == corners.last.first(2))

        corners.each_with_index.flat_map { |corner, i| arc(corner, corners[(i + 1) % corners.size]) }
      end

      # A bulge is the tangent of a quarter of the arc's angle.
      def arc((x0, y0, bulge), (x1, y1, _))
        return [[x0, y0]] if bulge.zero? || (x0 == x1 && y0 == y1)

        angle = 4 * Math.atan(bulge)
        radius = Math.hypot(x1 - x0, y1 - y0) / (2 * Math.sin(angle / 2))
        toward = Math.atan2(y1 - y0, x1 - x0) + (Math::PI / 2) - (angle / 2)
        cx, cy = x0 + (radius * Math.cos(toward)), y0 + (radius * Math.sin(toward))
        from = Math.atan2(y0 - cy, x0 - cx)
        steps = [(angle.abs * 180 / Math::PI / CHORD_DEG).ceil, 1].max
        (0...steps).map do |i|
          [cx + (radius.abs * Math.cos(from + (angle * i / steps))), cy + (radius.abs * Math.sin(from + (angle * i / steps)))]
        end
      end

      def ellipse(cx, cy, (ax, ay), ratio)
        Array.new(96) do |i|
          (i * Math::PI / 48).then do |t|
            [cx + (ax * Math.cos(t)) - (ay * ratio * Math.sin(t)), cy + (ay * Math.cos(t)) + (ax * ratio * Math.sin(t))]
          end
        end
      end
    end
  end
end
