# frozen_string_literal: true

require "csv"

module GreenPlinth
  module Exports
    # The shopping list as a table for other programs. Amounts that are not known stay empty.
    class ShoppingCsv < Export
      code "csv"
      title "Shopping list"
      beside :quantities
      type "text/csv"
      weight 30

      HEADERS = %w[material name colour amount unit packs pack_amount pack_unit cost_minor used_minor].freeze
      # @return [String] RFC 4180
      def write
        CSV.generate(row_sep: "\r\n") do |csv|
          csv << HEADERS
          @evaluation.quantities.each { |line| csv << row(line).map { |cell| Files::Cell.safe(cell) } }
        end
      end

      private

      def row(line)
        pack = line.pack || {}
        [line.material, line.name, line.colour, line.amount&.round(2), line.unit, line.packs, pack["amount"] || (pack["size_mm"] && 1),
          pack["unit"], line.cost_minor, line.used_minor]
      end
    end
  end
end
