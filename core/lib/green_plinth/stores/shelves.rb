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

      # So many jars are told one by one in how their worth comes about.
      TOLD = 12
      private_constant :TOLD

      # What is there, by what was paid for a pack, or is usual.
      # @return [Reckoning] in hundredths of the maker's money; its value nil where nothing has a price
      def worth
        known = jars.select(&:price_minor).map { |jar| [jar, jar.left / jar.pack * jar.price_minor] }.sort_by { |_, minor| -minor }
        told, others = known.first(TOLD), known.drop(TOLD)
        inputs = told.map { |jar, minor| priced(format("%s, %g ÷ %g %s", jar.name, jar.left.round(1), jar.pack, jar.unit), minor) }
        inputs << priced("#{others.size} others", others.sum(&:last)) if others.any?
        without = jars.size - known.size
        inputs << Reckoning::Input.new("without a price", without, "jar") if without.positive?
        Reckoning.new(key: "stores/worth", name: "worth", value: (known.sum(&:last).round if known.any?), unit: "minor",
          formula: "for each jar: what is left ÷ what a pack holds × the price of a pack", inputs: inputs,
          source: "what was paid as noted with the jar, else the catalogue's usual price")
      end

      private

      def priced(name, minor) = Reckoning::Input.new(name, minor.round, "minor")
      def by_key = @by_key ||= jars.group_by(&:key)
      def doubled?(jar) = jar.open? && by_key[jar.key].count { |other| other.open? && !other.empty? } > 1
    end
  end
end
