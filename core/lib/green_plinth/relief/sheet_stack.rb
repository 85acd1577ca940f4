# frozen_string_literal: true

module GreenPlinth
  module Relief
    # Stacks of stock sheets that reach a height: the nearest to it, and the one of the fewest sheets.
    class SheetStack
      # Off by no more than this a stack still reaches the height, mm: what a layer of glue or paste takes up.
      CLOSE_MM = 0.5
      # Heights are counted in tenths.
      STEP_MM = 0.1
      MOST_SHEETS = 60

      # sheets: {mm => count}, thickest first.
      Stack = Struct.new(:sheets, :height_mm, :error_mm) do
        def count = sheets.values.sum
        def to_h
          { "sheets" => sheets.map { |mm, count| { "mm" => mm, "count" => count } }, "height_mm" => height_mm.round(3),
            "error_mm" => error_mm.round(3), "count" => count }
        end
      end

      # @param material [Catalogue::Material]
      # @param wanted_mm [Float]
      # @return [Hash] what is sold of it, and the stacks that come to a height; nil where none does
      def self.as_data(material, wanted_mm)
        stock = material.stock_mm || []
        stack = new(stock)
        { "stock_mm" => stock, "nearest" => stack.nearest(wanted_mm)&.to_h, "fewest" => stack.fewest(wanted_mm)&.to_h }
      end

      # @param stock_mm [Array<Numeric>] thicknesses that are sold
      def initialize(stock_mm)
        @stock = stock_mm.uniq.sort.reverse
      end

      # @param wanted_mm [Float]
      # @return [Stack, nil] the nearest to the height; of equals the one of fewer sheets. nil without stock.
      def nearest(wanted_mm) = stacks(wanted_mm).min_by { |stack| [stack.error_mm.abs.round(3), stack.count] }

      # @return [Stack, nil] the fewest sheets within CLOSE_MM; nil where no stack comes so near
      def fewest(wanted_mm)
        stacks(wanted_mm).select { |stack| stack.error_mm.abs <= CLOSE_MM + 1e-9 }.min_by { |stack| [stack.count, stack.error_mm.abs] }
      end

      private

      # For every height up to a sheet over the one wanted the stack of the fewest sheets that makes it exactly (the
      # coin problem, by dynamic programming).
      def stacks(wanted_mm)
        return [] if @stock.empty?

        best = { 0 => [] }
        top = ((wanted_mm + @stock.first) / STEP_MM).round
        (1..top).each do |height|
          before = @stock.filter_map { |sheet| best[height - (sheet / STEP_MM).round]&.then { |sheets| [sheets, sheet] } }
          sheets, sheet = before.min_by { |list, _| list.size }
          best[height] = sheets + [sheet] if sheet && sheets.size < MOST_SHEETS
        end
        best.reject { |height, _| height.zero? }.map do |height, sheets|
          Stack.new(sheets.tally.sort_by { |mm, _| -mm }.to_h, height * STEP_MM, (height * STEP_MM) - wanted_mm)
        end
      end
    end
  end
end
