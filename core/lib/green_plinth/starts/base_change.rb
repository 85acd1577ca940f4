# frozen_string_literal: true

module GreenPlinth
  module Starts
    # One base for another: where a point of the one lies on the other, by its share of width and depth.
    class BaseChange
      # Ways that differ by less than this are alike.
      ALIKE = 0.005

      # @return [Float] times as wide, times as deep
      attr_reader :x, :y

      # @param was [Hash] an outline of the file
      # @param is [Hash]
      def initialize(was, is)
        @was, @is = [was, is].map { |outline| Plan::Geos.bounds(Plan::Outline.polygon(outline)) }
        @x, @y = [0, 1].map { |axis| span(@is, axis) / span(@was, axis) }
      end

      # @return [Array(Numeric, Numeric)] mm
      def point(point)
        [0, 1].map { |axis| Resized.number(middle(@is, axis) + ((point[axis] - middle(@was, axis)) * [x, y][axis])) }
      end

      def even? = (x / y - 1).abs < ALIKE
      def larger = [x, y].max
      def area = x * y

      private

      def span(box, axis) = box[axis + 2] - box[axis]
      def middle(box, axis) = (box[axis] + box[axis + 2]) / 2
    end
  end
end
