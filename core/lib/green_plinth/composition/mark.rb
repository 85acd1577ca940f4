# frozen_string_literal: true

module GreenPlinth
  module Composition
    # A stroke of the overlay that shows a judgement on the plan. kind: "line" (one line through points), "area" (closed
    # rings), "point". tone: "guide" (drawn faintly), "good", "trouble". Points in mm.
    Mark = Struct.new(:kind, :tone, :points, :rings, :label, keyword_init: true) do
      def self.line(points, tone = "guide", label = nil) = new(kind: "line", tone: tone, points: short(points), rings: [], label: label)
      def self.point(point, tone = "guide", label = nil) = new(kind: "point", tone: tone, points: short([point]), rings: [], label: label)

      # @param shape [RGeo geometry]
      def self.area(shape, tone = "guide", label = nil)
        new(kind: "area", tone: tone, points: [], rings: Plan::Geos.rings(shape.simplify(0.05)).map { |ring| short(ring) }, label: label)
      end

      def self.short(points) = points.map { |x, y| [x.round(2), y.round(2)] }
      private_class_method :short

      def to_h = { "kind" => kind, "tone" => tone, "points" => points, "rings" => rings, "label" => label }
    end
  end
end
