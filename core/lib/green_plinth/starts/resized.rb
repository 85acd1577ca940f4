# frozen_string_literal: true

module GreenPlinth
  module Starts
    # Outlines in another size, as the file has them.
    module Resized
      # Sizes and widths that no outline goes below, mm.
      LEAST_MM = 0.1
      SIZES = %w[diameter_mm width_mm depth_mm corner_mm].freeze

      module_function

      # @return [Numeric] to a hundredth of a millimetre
      def number(value)
        rounded = value.round(2)
        rounded == rounded.to_i ? rounded.to_i : rounded
      end

      # @param outline [Hash]
      # @param by [Float]
      # @return [Hash] every length of it so many times as long, its place with it
      def by(outline, by)
        sized(outline, by).merge(outline.slice("points_mm").transform_values { |points| points.map { |point| times(point, by) } },
          outline.slice("at_mm").transform_values { |at| times(at, by) })
      end

      # What stands on a base: about its own middle it is so many times as large, and the middle goes with the base. A line runs
      # along with the base and is only as many times as wide.
      # @param base [BaseChange]
      # @return [Hash]
      def at(base, outline, by)
        return line(base, outline, by) if outline["kind"] == "strip"
        return sized(outline, by).merge(placed(base, outline)) unless outline["points_mm"]

        middle = Plan::Geos.bounds(Plan::Outline.polygon(outline.except("at_mm", "turn_deg"))).then { |x0, y0, x1, y1| [(x0 + x1) / 2, (y0 + y1) / 2] }
        to = outline["at_mm"] ? times(middle, by) : base.point(middle)
        moved = outline["points_mm"].map { |x, y| [number(to[0] + ((x - middle[0]) * by)), number(to[1] + ((y - middle[1]) * by))] }
        outline.merge("points_mm" => moved).merge(placed(base, outline))
      end

      # What lies on a base keeps its share of it; what is round only stays so where the base grows alike both ways.
      # @return [Hash]
      def on(base, outline, by)
        case outline["kind"]
        when "rest" then outline
        when "strip" then line(base, outline, by)
        when "polygon" then outline.merge("points_mm" => outline["points_mm"].map { |point| base.point(point) }, **placed(base, outline))
        else stretched(base, outline).merge(placed(base, outline))
        end
      end

      def line(base, outline, by)
        sized(outline, by).merge("points_mm" => outline["points_mm"].map { |point| base.point(point) }).merge(placed(base, outline))
      end

      def stretched(base, outline)
        return round(base, outline) if outline["kind"] == "round"

        turned = ((outline["turn_deg"] || 0) * Math::PI / 180)
        along, across = [[Math.cos(turned), Math.sin(turned)], [Math.sin(turned), Math.cos(turned)]]
          .map { |x, y| Math.hypot(x * base.x, y * base.y) }
        outline.merge("width_mm" => length(outline["width_mm"] * along), "depth_mm" => length(outline["depth_mm"] * across))
          .merge(outline.slice("corner_mm").transform_values { |corner| number(corner * [along, across].min) })
      end

      def round(base, outline)
        across = outline["diameter_mm"]
        return outline.merge("diameter_mm" => length(across * base.x)) if base.even?

        outline.except("diameter_mm").merge("kind" => "oval", "width_mm" => length(across * base.x), "depth_mm" => length(across * base.y))
      end

      def sized(outline, by)
        outline.merge(outline.slice(*SIZES).to_h { |name, size| [name, name == "corner_mm" ? number(size * by) : length(size * by)] })
      end

      def placed(base, outline) = outline["at_mm"] ? { "at_mm" => base.point(outline["at_mm"]) } : {}
      def length(value) = [number(value), LEAST_MM].max
      def times(point, by) = point.map { |along| number(along * by) }
      private_class_method :line, :stretched, :round, :sized, :placed, :length, :times
    end
  end
end
