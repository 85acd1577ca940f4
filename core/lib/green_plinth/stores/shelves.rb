# frozen_string_literal: true

module GreenPlinth
  module Stores
    # All jars together: what there is of each thing, and what is to be said of it.
    class Shelves
      # One thing to say. code: low, old, soon_old, doubled, empty or unknown; words: for the maker; the day of those that are over
      # is the jar's.
      Remark = Struct.new(:code, :words) do
        def to_h = { "code" => code, "words" => words }
      end

      attr_reader :jars

      # @param jars [Array<Jar>]
      # @param catalogue [Catalogue]
      def initialize(jars, catalogue)
        @jars = jars
        @catalogue = catalogue
      end

      # @param material [String]
      # @param colour [String, nil] "#rrggbb"
      # @return [Array<Jar>] of that thing; of what comes in colours only those of that colour
      def of(material, colour) = by_key.fetch([material, colour&.downcase], [])

      # @param unit [String]
      # @return [Float] what is certainly there, in that unit; jars whose unit leads nowhere count for nothing
      def amount(material, colour, unit)
        of(material, colour).sum { |jar| jar.material ? Quantities::Units.convert(jar.left, jar.unit, unit, jar.material) || 0.0 : 0.0 }
      end

      # @param jar [Jar]
      # @param today [Date]
      # @return [Array<Remark>]
      def remarks(jar, today)
        [(Remark.new("empty", "empty") if jar.empty?),
         (Remark.new("low", "nearly empty") if jar.low? && !jar.empty?),
         (Remark.new("unknown", "nobody has noted how full the open one is") if jar.open? && jar.open_left.nil?),
         (Remark.new("old", "over") if jar.old?(today)),
         (Remark.new("soon_old", "soon over") if jar.soon_old?(today)),
         (Remark.new("doubled", "opened twice: finish one first") if doubled?(jar))].compact
      end

      private

      def by_key = @by_key ||= jars.group_by(&:key)
      def doubled?(jar) = jar.open? && by_key[jar.key].count { |other| other.open? && !other.empty? } > 1
    end
  end
end
