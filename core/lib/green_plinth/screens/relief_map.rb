# frozen_string_literal: true

module GreenPlinth
  module Screens
    # The finished ground as a screen wants it: contours, and a grid of heights and slope classes coarse enough to send.
    class ReliefMap
      # Cells along the longer side.
      CELLS_ALONG = 240
      # A cell that lies on the base by more than this share counts as on it.
      ON_BASE = 0.4

      # @param evaluation [Evaluation]
      def initialize(evaluation)
        @terrain = evaluation.terrain
        @slopes = evaluation.slopes
        @levels = Relief::Levels.new(evaluation.terrain)
      end

      # @param interval [Float, nil] mm between contours; nil: the finest that is readable
      # @return [Hash] heights in hundredths of a mm, row by row from the front left; nil off the base
      def to_h(interval = nil)
        interval ||= @levels.usual_interval
        { "interval_mm" => interval, "intervals" => Relief::Levels::INTERVALS, "contours" => @levels.lines(interval), "grid" => grid,
          "classes" => Relief::Slopes::CLASSES.map { |name, from| { "name" => name, "from_deg" => from } },
          "lowest_mm" => @terrain.lowest_mm.round(2), "highest_mm" => @terrain.highest_mm.round(2) }
      end

      private

      def grid
        step = [(([@terrain.grid.rows, @terrain.grid.columns].max) / CELLS_ALONG.to_f).ceil, 1].max
        rows, columns = @terrain.grid.shape.map { |count| picked(count, step) }
        pick = ->(field) { field[rows, columns].flatten.to_a }
        on = pick[@terrain.weight]
        { "left_mm" => @terrain.grid.left, "front_mm" => @terrain.grid.front, "cell_mm" => @terrain.grid.cell * step, "rows" => rows.size,
          "columns" => columns.size,
          "heights" => pick[@terrain.height].zip(on).map { |z, weight| weight > ON_BASE ? (z * 100).round : nil },
          "slopes" => pick[@slopes.classes], "degrees" => pick[@slopes.degrees].map(&:round) }
      end

      # Every so many cells, one at least: an empty index is more than the library bears.
      def picked(count, step) = [step / 2, (count - 1) / 2].min.step(count - 1, step).to_a
    end
  end
end
