# frozen_string_literal: true

module GreenPlinth
  module Files
    # What copies that differ may get wrong between them.
    class VariantSense
      # @param design [Design]
      def initialize(design)
        @design = design
      end

      # @return [Array<Problem>]
      def problems = [*counts, *@design.variants.flat_map { |variant| [*unknown(variant), *places(variant)] }, *taken]

      private

      def counts
        asked = @design.variants.sum(&:count)
        return [] if asked <= @design.copies

        [Problem.new("/variants",
          "are #{asked} copies together, and the build has #{@design.copies}: make more copies, or fewer that differ")]
      end

      def unknown(variant)
        ids = @design.identified.filter_map(&:id)
        told = variant.without.each_with_index.map { |id, at| ["without/#{at}", id] } +
               variant.changed.keys.map { |id| ["changed/#{id}", id] }
        told.reject { |_, id| ids.include?(id) }.map { |at, id| Problem.new("#{variant.pointer}/#{at}", "there is no part #{id}") }
      end

      def places(variant)
        return [] if variant.places.size <= variant.count

        [Problem.new("#{variant.pointer}/places", "are #{variant.places.size} for #{variant.count} of them")]
      end

      # No two stand on one place, and each in the formation.
      def taken
        formation = @design.member("formation") || {}
        most = (formation["rows"] || 1) * (formation["columns"] || 1)
        all = @design.variants.flat_map do |variant|
          variant.places.each_with_index.map { |place, at| ["#{variant.pointer}/places/#{at}", place] }
        end
        twice = all.group_by(&:last).values.flat_map { |same| same.drop(1) }
        twice.map { |at, place| Problem.new(at, "place #{place} is taken") } +
          all.select { |_, place| place > most }
            .map { |at, place| Problem.new(at, "there is no place #{place}: the formation has #{most}") }
      end
    end
  end
end
