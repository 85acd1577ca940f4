# frozen_string_literal: true

module GreenPlinth
  module Screens
    # The side of a base as it is looked at, in bands that run round it: what it is finished with, the strata that are painted on it, or
    # the layers that show where nobody finishes it; and water that stands against it.
    class SideBands
      # A plinth of no known colour (from memory).
      PLINTH = "#8a6d49"
      # Places nearer than this to each other are drawn as one, mm, and bands thinner than that not at all.
      EVERY_MM = 2.0
      LEAST_MM = 0.2
      # Water is looked for so far inside the side, mm.
      INSIDE_MM = 0.6

      # @param design [Design]
      # @return [String] colour of its plinth as it is bought
      def self.plinth_tone(design) = design.plinth.material&.colour || PLINTH

      # @param evaluation [Evaluation]
      def initialize(evaluation)
        @evaluation = evaluation
        @design = evaluation.design
      end

      # @return [Array<Hash>] {colour, clear: whether it is seen through, points: [x, y, low, high, x, y, low, high, …]}, mm over the
      #   plinth's face; each a ribbon, the later over the earlier
      def to_a
        @evaluation.edge_skin.ways.flat_map do |places|
          thinned = thin(places)
          [*side(thinned), *waters(thinned)]
        end
      end

      private

      def thin(places)
        kept = places.first(1)
        places.drop(1).each { |place| kept << place if Math.hypot(place.x - kept.last.x, place.y - kept.last.y) >= EVERY_MM }
        kept << places.last unless kept.last.equal?(places.last)
        kept
      end

      def side(places)
        finish = finish(places.first.toward)
        floor = -@design.plinth.thickness_mm
        under = ribbons(finish || self.class.plinth_tone(@design), places) do |place|
          [floor, finish ? place.top : [@design.plinth.lip_mm, 0].max]
        end
        [*under, *(layers(places) if finish.nil? || strata?(places.first.toward))]
      end

      def facing(toward) = @design.sides.select { |side| side.toward.nil? || side.toward == toward }

      # The last course that is laid there; where the maker lays none anywhere, the rim as their school has it.
      def finish(toward)
        own = facing(toward).map(&:tone).compact.last
        own || (@design.schools.side("rim")["colour"] if @design.sides.all? { |side| side.courses.empty? && !side.strata? })
      end

      def strata?(toward) = facing(toward).any?(&:strata?)

      # Everything that runs out to the side, each in its colour.
      def layers(places)
        parts = places.flat_map { |place| place.seen.map(&:first) }.uniq(&:pointer)
        parts.flat_map do |part|
          colour = part.colour || part.material&.colour or next []
          ribbons(colour, places) { |place| place.seen.find { |one, _, _| one.pointer == part.pointer }&.drop(1) }
        end
      end

      def waters(places)
        open = @evaluation.pools.select { |pool| pool.wet? && pool.area.distance(Plan::Geos.line(places.map { |place| [place.x, place.y] })) < INSIDE_MM }
        open.flat_map do |pool|
          ribbons(pool.water.colour, places, clear: true) do |place|
            level = surface(pool, place)
            [place.top, level] if level && level > place.top
          end
        end
      end

      def surface(pool, place)
        return if pool.area.distance(Plan::Geos.point([place.x, place.y])) > INSIDE_MM

        pool.surface_at(place.x, place.y) + (@evaluation.spots.sea(pool.water).crests&.height_at(place.x, place.y) || 0.0)
      end

      # Unbroken stretches of it.
      # @yield [place] from–to, mm; nil where it is not there
      def ribbons(colour, places, clear: false)
        bands = places.map { |place| [place, yield(place)] }
        stretches = bands.chunk_while { |(_, one), (_, other)| there?(one) == there?(other) }
        stretches.select { |chunk| there?(chunk.first.last) && chunk.size > 1 }.map do |chunk|
          { "colour" => colour, "clear" => clear,
            "points" => chunk.flat_map { |place, (low, high)| [place.x, place.y, low, high].map { |value| value.to_f.round(2) } } }
        end
      end

      def there?(band) = !band.nil? && band.last - band.first >= LEAST_MM
    end
  end
end
