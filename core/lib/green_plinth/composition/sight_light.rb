# frozen_string_literal: true

module GreenPlinth
  module Composition
    # How bright the places of a picture are in its light, which is told in steps. What is sheer between two rows of places is one face: a
    # place by itself may lie beside it, and would be lit as level ground.
    class SightLight
      # Steps of light and shade.
      SHADES = 6.0
      # Nothing is lit as steeper than this, and what is steeper than the other is a face.
      STEEPEST = 3
      SHEER = 1
      # A face looks to where the ground falls over so many rows about it.
      SMOOTH_ROWS = 3
      # Of a cell that has less than this share on the base nothing is seen.
      LEAST_WEIGHT = 0.4

      # @param eye [Eye]
      # @param terrain [Relief::Terrain]
      # @param cells [Numo::Int32] rows from the back to the front × places from left to right: the cell of the relief under each
      # @param height [Numo::DFloat] mm, of what is seen at each
      # @param waters [SightWaters]
      # @param row_mm [Float] on the plan between two rows
      def initialize(eye, terrain, cells:, height:, waters:, row_mm:)
        @eye = eye
        @terrain = terrain
        @cells = cells
        @height = height
        @waters = waters
        @row_mm = row_mm
      end

      # @return [Numo::DFloat] 1 on the level
      def shade
        east, north = slopes
        facing = @eye.light[2] - (east * @eye.light[0]) - (north * @eye.light[1])
        lit = facing / Numo::NMath.sqrt((east**2) + (north**2) + 1)
        ((lit / Eye::LIGHT[2]).clip(0.45, 1.25) * SHADES).round / SHADES
      end

      # @return [Numo::Bit] which places lie at the foot of a face that falls from the row behind
      def falls = sheer & from_behind.lt(0)

      private

      def sheer = @sheer ||= from_behind.abs.gt(SHEER)
      def from_behind = @from_behind ||= rise(@height, 0, @row_mm)

      # Rise for each mm along both axes of the plan: of faces as the ground about them falls, of waters as their waves are, else as it is.
      def slopes
        faces = [1, 0].map { |axis| at_places(rise(smooth, axis, @terrain.grid.cell)) }
        steep = STEEPEST / Numo::NMath.sqrt((faces[0]**2) + (faces[1]**2)).clip(1e-6, nil)
        lying.zip(faces).map { |rise, face| rise.tap { rise[sheer] = (face * steep)[sheer] } }
      end

      def lying
        both = [1, 0].map { |axis| at_places(rise(@terrain.height, axis, @terrain.grid.cell)) }
        both.each { |rise| rise[rise.abs.gt(SHEER)] = 0.0 }
        @waters.slopes.each { |where, *waves| both.zip(waves) { |rise, wave| rise[where] = wave[where] } }
        both
      end

      def at_places(field) = field.flatten[@cells]

      # Along an axis, from one to the next so many mm away; the first as the second.
      def rise(field, axis, apart_mm)
        behind, ahead = [0...-1, 1..].map { |range| axis.zero? ? field[range, true] : field[true, range] }
        rise = ((ahead - behind) / apart_mm).clip(-STEEPEST, STEEPEST)
        (axis.zero? ? rise[0..0, true] : rise[true, 0..0]).concatenate(rise, axis: axis)
      end

      # The ground's height as its mean over some rows about it; past the rim it goes on.
      def smooth
        @smooth ||= begin
          there = Numo::DFloat.cast(@terrain.weight.gt(LEAST_WEIGHT))
          mean(@terrain.height * there) / mean(there).clip(1e-9, nil)
        end
      end

      def mean(field) = [0, 1].reduce(field) { |so_far, axis| mean_along(so_far, axis) }

      # Of each cell and as many to either side; beyond the edge there is nothing. By sums that run on, however many there are.
      def mean_along(field, axis)
        count = field.shape[axis]
        reach = (SMOOTH_ROWS * @row_mm / @terrain.grid.cell).ceil
        none = axis.zero? ? Numo::DFloat.zeros(1, field.shape[1]) : Numo::DFloat.zeros(field.shape[0], 1)
        sums = none.concatenate(field.cumsum(axis: axis), axis: axis)
        from, to = [-reach, reach + 1].map { |by| (Numo::Int32.new(count).seq + by).clip(0, count) }
        (axis.zero? ? sums[to, true] - sums[from, true] : sums[true, to] - sums[true, from]) / ((2 * reach) + 1)
      end
    end
  end
end
