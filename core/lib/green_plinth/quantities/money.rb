# frozen_string_literal: true

module GreenPlinth
  module Quantities
    # Money in the smallest unit of a currency, as text for files.
    class Money
      # Of most currencies, and of those that nobody knows.
      USUAL = 2

      # @param code [String] ISO 4217
      # @param catalogue [Catalogue]
      def initialize(code, catalogue)
        @code = code
        @decimals = catalogue.currencies.find { |_, codes| codes.include?(code) }&.first || USUAL
      end

      attr_reader :code

      # @param minor [Integer] smallest units
      # @return [String] "12.50 EUR", "1200 JPY"
      def words(minor) = "#{figure(minor)} #{@code}"

      # @return [String] "12.50", "1200"
      def figure(minor) = format("%.#{@decimals}f", minor / (10.0**@decimals))
    end
  end
end
