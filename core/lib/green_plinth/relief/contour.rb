# frozen_string_literal: true

module GreenPlinth
  module Relief
    # Lines of equal value through the centres of a grid's cells (marching squares, linear between centres), joined
    # into rings. Outside the field counts as lower than anything, so every line closes.
    class Contour
      # Corner bits, front-left, front-right, back-right, back-left; sides: 0 front, 1 right, 2 back, 3 left.
      SIDES = { 1 => [[3, 0]], 2 => [[0, 1]], 3 => [[3, 1]], 4 => [[1, 2]], 6 => [[0, 2]], 7 => [[3, 2]], 8 => [[2, 3]],
                9 => [[2, 0]], 11 => [[2, 1]], 12 => [[1, 3]], 13 => [[1, 0]], 14 => [[0, 3]] }.freeze
      SADDLES = { 5 => [[[3, 0], [1, 2]], [[3, 2], [1, 0]]], 10 => [[[0, 1], [2, 3]], [[0, 3], [2, 1]]] }.freeze

      # @param field [Numo::DFloat] the contour runs where it is 0
      # @return [Array<Array<Array(Float, Float)>>] closed rings in mm, positive on their right
      def self.rings(field, grid) = new(field, grid).rings

      def initialize(field, grid)
        @grid = grid
        rows, columns = field.shape
        @field = Numo::DFloat.new(rows + 2, columns + 2).fill(-(field.abs.max + 1e-6))
        @field[1..rows, 1..columns] = field
        @points = {}
      end

      def rings
        following = segments
        rings = []
        until following.empty?
          start, = following.first
          ring = [start]
          while (to = following.delete(ring.last))
            ring << to
          end
          rings << ring.map { |key| point(key) } if ring.size > 3
        end
        rings
      end

      private

      # Each edge of the lattice crossed, to the next crossed along the line.
      def segments
        mixed.each_with_object({}) do |(row, column, code), following|
          sides_of(code, row, column).each { |from, to| following[key(row, column, from)] = key(row, column, to) }
        end
      end

      def mixed
        inside = Numo::Int32.cast(@field > 0)
        code = inside[0...-1, 0...-1] + (inside[0...-1, 1..-1] * 2) + (inside[1..-1, 1..-1] * 4) + (inside[1..-1, 0...-1] * 8)
        @width = code.shape[1]
        at = code.gt(0).&(code.lt(15)).where
        at.to_a.zip(code.flatten[at].to_a).map { |index, corners| [index / @width, index % @width, corners] }
      end

      def sides_of(code, row, column)
        return SIDES[code] if SIDES[code]

        middle = @field[row..(row + 1), column..(column + 1)].mean
        SADDLES[code][middle.positive? ? 1 : 0]
      end

      # An edge of the lattice as one number: twice the place of its first corner, and 1 more where it runs along the column.
      def key(row, column, side)
        case side
        when 0 then corner(row, column)
        when 1 then corner(row, column + 1) + 1
        when 2 then corner(row + 1, column)
        else corner(row, column) + 1
        end
      end

      def corner(row, column) = 2 * ((row * (@width + 1)) + column)

      def point(key)
        @points[key] ||= begin
          at, along = key.divmod(2)
          row, column = at.divmod(@width + 1)
          a = @field[row, column]
          b = along.zero? ? @field[row, column + 1] : @field[row + 1, column]
          t = a / (a - b)
          x = column - 0.5 + (along.zero? ? t : 0)
          y = row - 0.5 + (along.zero? ? 0 : t)
          [@grid.left + (x * @grid.cell), @grid.front + (y * @grid.cell)]
        end
      end
    end
  end
end
