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
