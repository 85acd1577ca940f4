# frozen_string_literal: true

module GreenPlinth
  module Relief
    # What one form added or took: the heights of its under- and upper side over a window of the grid, and how much of
    # each cell it covers. A cut's upper side is the floor it leaves.
    class Stratum
      attr_reader :form, :area_mm2, :volume_mm3, :void_mm3, :through_mm2, :centre

      # @param window [Array(Range, Range)] rows, columns
      # @param fields [Hash] base:, top:, cover: DFloat over the window
      # @param figures [Hash] area_mm2:, volume_mm3:, void_mm3:, through_mm2:, centre: [x, y, z] of the volume
      def initialize(form, window, fields, figures)
        @form = form
        @window = window
        @base, @top, @cover = fields.values_at(:base, :top, :cover).map { |field| Numo::SFloat.cast(field) }
        @area_mm2, @volume_mm3, @void_mm3, @through_mm2, @centre =
          figures.values_at(:area_mm2, :volume_mm3, :void_mm3, :through_mm2, :centre)
      end

      def cut? = form.cut?

      # @return [Float] mm from the under- to the upper side at its thickest
      def tallest_mm = ((@top - @base) * (@cover > 0.5)).max

      # @return [Float] mm above the top face where its under side lies highest
      def rests_at_mm = @base[@cover > 0.5].max

      # @return [Array(Float, Float), nil] under- and upper side at a cell; nil where the form is not
      def at(row, column)
        rows, columns = @window
        return unless rows.cover?(row) && columns.cover?(column)

        i = row - rows.min
        j = column - columns.min
        [@base[i, j], @top[i, j]] if @cover[i, j] > 0.5
      end
    end
  end
end
