# frozen_string_literal: true

require "csv"

module GreenPlinth
  module Exports
    # The shopping list as a table, in words and in the maker's money. Amounts that are not known stay empty.
    class ShoppingCsv < Export
      code "csv"
      title "Shopping list"
      beside :quantities
      type "text/csv"
      weight 30

      # What follows the name and the amounts is told in the currency; the key of the catalogue stands last, for other programs.
      HEADERS = ["Material", "Colour", "Amount", "Unit", "Packs to buy", "In a pack", "Unit of the pack"].freeze
      KEY = "Key in the catalogue"

      # @return [String] RFC 4180
      def write
        CSV.generate(row_sep: "\r\n") do |csv|
          csv << [*HEADERS, "Costs, #{money.code}", "Of that used up, #{money.code}", KEY]
          @evaluation.quantities.each { |line| csv << row(line).map { |cell| Files::Cell.safe(cell) } }
        end
      end

      private

      def money = @money ||= Quantities::Money.new(@currency, @design.catalogue)

      def row(line)
        pack = line.pack || {}
        [line.name, line.colour, line.amount&.round(2), line.unit, line.packs, pack["amount"] || (pack["size_mm"] && 1), pack["unit"],
          *[line.cost_minor, line.used_minor].map { |minor| minor && money.figure(minor) }, line.material]
      end
    end
  end
end
