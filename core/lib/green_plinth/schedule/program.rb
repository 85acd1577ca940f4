# frozen_string_literal: true

require "highs"

module GreenPlinth
  module Schedule
    # A mixed-integer program for the HiGHS solver: columns, rows, the least cost within a time limit.
    class Program
      # values by column, nil where nothing was found; bound: no solution costs less; infeasible: proven to have none.
      Solved = Struct.new(:values, :cost, :bound, :infeasible, :proven, keyword_init: true)

      INFINITE = 1e30
      # Costs are whole minutes: a solution within less than one of the bound is the best.
      ABSOLUTE_GAP = 0.99

      # The gem solves; what the solver has proven is read from it by this call of its C interface.
      Highs::FFI.module_eval { extern "HighsInt Highs_getDoubleInfoValue(void* highs, char* info, double* value)" }

      def initialize
        @cost, @low, @high, @whole = [], [], [], []
        @row_low, @row_high, @row_starts, @members, @factors = [], [], [], [], []
      end

      # @return [Integer] the column
      def column(low, high, cost: 0, whole: false)
        @cost << cost
        @low << low
        @high << high
        @whole << (whole ? 1 : 0)
        @cost.size - 1
      end

      # low <= sum of factor × column <= high; nil: no limit.
      # @param factors [Hash{Integer => Numeric}] by column
      def row(low, high, factors)
        @row_starts << @members.size
        factors.each do |column, factor|
          @members << column
          @factors << factor
        end
        @row_low << (low || -INFINITE)
        @row_high << (high || INFINITE)
      end

      def bounds(column) = [@low[column], @high[column]]

      # @param seconds [Float]
      # @return [Solved]
      def solve(seconds)
        model = Highs.mip(sense: :minimize, col_cost: @cost, col_lower: @low, col_upper: @high, row_lower: @row_low, row_upper: @row_high,
          a_format: :rowwise, a_start: @row_starts, a_index: @members, a_value: @factors, integrality: @whole)
        { "mip_rel_gap" => 0.0, "mip_abs_gap" => ABSOLUTE_GAP }
          .each { |name, value| Highs::FFI.Highs_setDoubleOptionValue(model.to_ptr, +name, value) }
        solved(model.solve(time_limit: seconds), model)
      end

      private

      def solved(result, model)
        found = result[:status] == :optimal || (result[:status] == :time_limit && result[:obj_value].finite?)
        Solved.new(values: found ? result[:col_value] : nil, cost: found ? result[:obj_value] : nil, bound: proven_bound(model),
          infeasible: result[:status] == :infeasible, proven: result[:status] == :optimal)
      end

      def proven_bound(model)
        value = Fiddle::Pointer.malloc(Fiddle::SIZEOF_DOUBLE, Fiddle::RUBY_FREE)
        Highs::FFI.Highs_getDoubleInfoValue(model.to_ptr, +"mip_dual_bound", value)
        bound = value[0, Fiddle::SIZEOF_DOUBLE].unpack1("d")
        bound if bound.finite?
      end
    end
  end
end
