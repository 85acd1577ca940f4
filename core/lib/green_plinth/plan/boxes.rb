# frozen_string_literal: true

module GreenPlinth
  module Plan
    # Areas found by where they are: their boxes lie in the squares of a grid.
    class Boxes
      # Side of a square, mm.
      SQUARE_MM = 40.0

      # @param areas [Array<RGeo geometry>]
      # @param survey [Survey] what is known of areas already
      def initialize(areas, survey = Survey.new)
        @squares = Hash.new { |all, square| all[square] = [] }
        areas.reject(&:empty?).each do |area|
          box = survey.box(area)
          squares(box) { |square| @squares[square] << [area, box] }
        end
      end

      # @param mm [Float] that the box is made wider by, all round
      # @return [Array<RGeo geometry>] those whose boxes meet a box
      def near((x0, y0, x1, y1), mm = 0.0)
        box = [x0 - mm, y0 - mm, x1 + mm, y1 + mm]
        found = []
        squares(box) do |square|
          @squares.fetch(square, []).each { |area, other| found << area if Geos.boxes_meet?(box, other) }
        end
        found.uniq(&:object_id)
      end

      private

      def squares((x0, y0, x1, y1))
        (x0 / SQUARE_MM).floor.upto((x1 / SQUARE_MM).floor) do |column|
          (y0 / SQUARE_MM).floor.upto((y1 / SQUARE_MM).floor) { |row| yield [column, row] }
        end
      end
    end
  end
end
