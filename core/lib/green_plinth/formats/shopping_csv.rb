# frozen_string_literal: true

require "csv"

module GreenPlinth
  module Formats
    # The shopping list as a table for other programs. Amounts that are not known stay empty.
    module ShoppingCsv
      HEADERS = %w[material name amount unit packs pack_amount pack_unit cost_minor used_minor].freeze
      # A cell that begins with one of these would run as a formula in a spreadsheet.
      FORMULA = /\A[=+\-@\t\r]/

      module_function

      # @param evaluation [Evaluation]
      # @return [String] RFC 4180
      def write(evaluation)
        CSV.generate(row_sep: "\r\n") do |csv|
          csv << HEADERS
          evaluation.quantities.each { |line| csv << row(line).map { |cell| safe(cell) } }
        end
      end

      def row(line)
        pack = line.pack || {}
        [line.material, line.name, line.amount&.round(2), line.unit, line.packs, pack["amount"] || (pack["size_mm"] && 1), pack["unit"],
          line.cost_minor, line.used_minor]
      end
      private_class_method :row

      def safe(cell) = cell.is_a?(String) && cell.match?(FORMULA) ? "'#{cell}" : cell
      private_class_method :safe
    end
  end
end
