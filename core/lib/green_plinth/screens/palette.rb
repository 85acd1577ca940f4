# frozen_string_literal: true

module GreenPlinth
  module Screens
    # The tones of a build: what is painted, strewn and stirred in which colour and where, and what each zone comes to beside what
    # was wished.
    class Palette
      # @param design [Design]
      def initialize(design)
        @design = design
        @catalogue = design.catalogue
      end

      # The same material in the same colour is one tone, wherever it lies.
      # @return [Array<Hash>] JSON-ready
      def tones
        (courses + parts + waters).group_by { |laid| [laid.colour.downcase, laid.of] }.map do |(colour, of), same|
          { "colour" => colour, "material" => of, "name" => of && @catalogue.name(of), "where" => same.map(&:where),
            "places" => same.map(&:place).uniq, "mix" => mix(of) }
        end
      end

      # @return [Hash]
      def to_h = { "tones" => tones, "zones" => @design.zones.map { |zone| zone(zone) } }

      private

      # One tone of one part. of: the key of its material, nil for a part that is of itself in that colour.
      Toned = Struct.new(:colour, :of, :where, :place)
      private_constant :Toned

      def courses
        (@design.zones + @design.features + @design.waters + @design.sides).flat_map do |part|
          part.courses.filter_map do |course|
            colour = course.colour || course.material&.colour
            Toned.new(colour, course.material_key, course.pointer, part.name) if colour && !bare?(course)
          end
        end
      end

      # What only holds or covers has no tone of its own.
      def bare?(course) = course.colour.nil? && (course.material.nil? || clear?(course.material))
      def clear?(material) = material.trait?("clear") && !material.trait?("hides")

      def parts
        (@design.features + @design.subjects).select(&:colour).map { |part| Toned.new(part.colour, nil, part.pointer, part.name) }
      end

      def waters
        @design.waters.select(&:colour).map { |water| Toned.new(water.colour, water.medium_key, water.pointer, water.name) }
      end

      # What it is stirred up from, part by part.
      def mix(key)
        mix = key && @design.mixes[key.delete_prefix(Catalogue::Stirred::PREFIX)]
        return unless mix && key == mix.key

        Catalogue::Mixture.new(mix, @catalogue).shares.map do |one|
          { "material" => one.key, "name" => @catalogue.name(one.key), "colour" => one.tone, "share" => one.share.round(4) }
        end
      end

      def zone(zone)
        tone = Colour::Tone.of_zone(zone)
        wished = zone.tone
        apart = wished && Colour::Difference.between(Colour::Lab.of(wished), Colour::Lab.of(tone))
        { "where" => zone.pointer, "name" => zone.name, "comes_to" => tone, "wished" => wished, "difference" => apart&.round(1) }
      end
    end
  end
end
