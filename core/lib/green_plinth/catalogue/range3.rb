# frozen_string_literal: true

module GreenPlinth
  class Catalogue
    # A catalogue value: low, typical, high.
    Range3 = Struct.new(:low, :typical, :high) do
      # @param value [Array(Numeric, Numeric, Numeric), nil]
      def self.of(value) = value && new(*value.map(&:to_f)).freeze

      def to_a = [low, typical, high]
    end
  end
end
