# frozen_string_literal: true

module GreenPlinth
  module Files
    # One cell of a table that spreadsheets open.
    module Cell
      # A cell that begins with one of these, or with one after white space, would run as a formula in a spreadsheet.
      FORMULA = /\A(?:[[:space:]]*[=+\-@]|[\t\r])/

      module_function

      # @return what is written: a text that would run as a formula is kept from it
      def safe(cell) = cell.is_a?(String) && cell.match?(FORMULA) ? "'#{cell}" : cell

      # @return [String] what was meant by a cell that was written so
      def plain(text) = text.start_with?("'") && text[1..].match?(FORMULA) ? text[1..] : text
    end
  end
end
