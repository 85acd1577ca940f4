# frozen_string_literal: true

require "csv"

module GreenPlinth
  module Stores
    # A shopping list as a table.
    module TripCsv
      HEADERS = %w[shop material name colour missing unit packs pack_amount pack_unit cost_minor needed_by builds].freeze

      module_function

      # @param trip [Trip]
      # @return [String] RFC 4180
      def write(trip)
        CSV.generate(row_sep: "\r\n") do |csv|
          csv << HEADERS
          trip.items.each { |item| csv << row(item).map { |cell| Files::Cell.safe(cell) } }
        end
      end

      def row(item)
        line, provided = item.line, item.provided
        [item.shop, line.material, line.name, line.colour, provided.missing&.round(2), line.unit, provided.packs,
          line.pack && (line.pack["amount"] || 1), line.pack&.fetch("unit", nil), provided.buy_minor,
          item.needed_by && Moment.format(item.needed_by), item.builds.join("; ")]
      end
      private_class_method :row
    end
  end
end
