# frozen_string_literal: true

module GreenPlinth
  module Imports
    # The largest closed shape of a drawing, made an outline of the plinth file: millimetres, its middle at the origin.
    class DrawnRing
      MOST_POINTS = 2000
      # No base is larger, mm from its middle.
      FARTHEST_MM = 2500

      # @param pointer [String] of the drawing in the request, for problems
      # @param unit [Float] mm for each unit of the drawing
      # @param up [Integer] 1 where the drawing's y runs up, -1 where it runs down
      def initialize(pointer, unit, up: 1)
        @pointer = pointer
        @unit = unit
        @up = up
      end

      # @param rings [Array<Array<Array(Float, Float)>>] not closed
      # @return [Array<Array(Float, Float)>]; raises InvalidFile
      def of(rings)
        largest = rings.select { |ring| ring.size >= 3 }.max_by { |ring| Plan::Segment.doubled_area(ring).abs }
        refuse("there is no closed shape in it: draw a polygon, a rectangle, a circle, an ellipse or a closed path") unless largest
        points = centred(largest)
        refuse("its outline has more than #{MOST_POINTS} corners; simplify it") if points.size > MOST_POINTS
        refuse("it is larger than 5 m or has no size") if points.size < 3 ||
          points.flatten.any? { |value| !value.finite? || value.abs > FARTHEST_MM }
        points
      end

      private

      def refuse(message) = raise(InvalidFile, [Problem.new(@pointer, message)])

      def centred(ring)
        middle = ring.transpose.map { |values| values.minmax.sum / 2 }
        points = ring.map { |x, y| [((x - middle[0]) * @unit).round(2), ((y - middle[1]) * @unit * @up).round(2)] }
        points = points.chunk_while { |a, b| a == b }.map(&:first)
        points.pop if points.size > 1 && points.first == points.last
        points
      end
    end
  end
end
