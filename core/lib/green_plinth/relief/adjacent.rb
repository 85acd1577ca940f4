# frozen_string_literal: true

module GreenPlinth
  module Relief
    # What the eight cells round each cell hold.
    module Adjacent
      module_function

      # @param fold [Symbol] :maximum or :minimum
      # @return [Numo::DFloat] the fold over the cell and those round it
      def fold(field, fold)
        across = field.copy
        pair(field, across, fold, 1)
        out = across.copy
        pair(across, out, fold, 0)
        out
      end

      # @param reach [Integer] cells
      # @return [Numo::DFloat] the fold over the square that reaches so many cells to each side, cut off at the field's edge
      def spread(field, fold, reach)
        [0, 1].reduce(field.copy) { |out, axis| along(out, fold, reach, axis) }
      end

      # Over ever wider windows to each side, each made of two of the last.
      def along(field, fold, reach, axis)
        [1, -1].map { |way| window(field, fold, reach, axis, way) }
          .reduce { |one, other| Numo::DFloat.public_send(fold, one, other) }
      end

      def window(field, fold, reach, axis, way)
        out, wide = field.copy, 0
        while wide < reach
          step = [wide + 1, reach - wide].min
          out = shifted(out, fold, step * way, axis)
          wide += step
        end
        out
      end

      def shifted(field, fold, by, axis)
        count = field.shape[axis]
        return field if by.abs >= count

        to, from = [0...(count - by.abs), by.abs...count].map { |range| axis.zero? ? [range, true] : [true, range] }
        to, from = from, to if by.negative?
        out = field.copy
        out[*to] = Numo::DFloat.public_send(fold, field[*to], field[*from])
        out
      end
      private_class_method :along, :window, :shifted

      # Folds each cell with the one before and the one after it along an axis, into `out`.
      def pair(field, out, fold, axis)
        count = field.shape[axis]
        return if count < 2

        low, high = [0...(count - 1), 1...count].map { |range| axis.zero? ? [range, true] : [true, range] }
        out[*low] = Numo::DFloat.public_send(fold, out[*low], field[*high])
        out[*high] = Numo::DFloat.public_send(fold, out[*high], field[*low])
      end
      private_class_method :pair
    end
  end
end
