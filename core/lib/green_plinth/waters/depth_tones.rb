# frozen_string_literal: true

module GreenPlinth
  module Waters
    # What tinted water looks like from above: the deeper, the more it hides its ground (Kubelka–Munk, see Colour::Film). How much a
    # drop in 10 ml hides to a depth: works.yml, from memory.
    class DepthTones
      # So many depths are told apart.
      BANDS = 4
      # Of a bed that nothing is laid on and whose material is not known.
      BARE = "#8a6d49"

      # from_mm: least depth; colour: as it looks there; area: on the plan.
      Band = Struct.new(:from_mm, :colour, :area, keyword_init: true)

      # @param pool [Pool]
      # @param ground [String] the colour of what lies under it
      def initialize(pool, ground)
        @pool = pool
        @water = pool.water
        @ground = ground
      end

      # @return [Array<Band>] the shallowest first, each with all that is deeper; empty for what is not tinted
      def bands
        return [] unless @pool.wet? && @water.tinted? && @water.tint_colour

        (0...BANDS).map do |index|
          from, to = [index, index + 1].map { |edge| @pool.max_depth_mm * edge / BANDS }
          Band.new(from_mm: from, colour: at((from + to) / 2), area: index.zero? ? @pool.area : @pool.deeper_than(from))
        end
      end

      # @param depth_mm [Float]
      # @return [String] how so much of it looks over its ground
      def at(depth_mm)
        record = @water.kinds["works"]["water_tinted"]
        coats = depth_mm * @water.tint_drops / (record["depth_mm"] * record["drops"]).to_f
        Colour::Film.over(@water.tint_colour, record["hiding"], @ground, coats: coats)
      end

      # @param design [Design]
      # @param ground [Plan::Ground]
      # @return [String] the colour of what lies under most of a pool: what is painted under its pours, else its zone
      def self.ground_of(pool, design, ground)
        painted = pool.water.courses.select { |course| course.after_pour&.zero? && course.tone && course.spot.usual? }.last
        return painted.tone if painted

        zone = design.zones.each_with_index.max_by { |_, index| Plan::Geos.area(ground.area(index).intersection(pool.water.area)) }
        zone ? Colour::Tone.of_zone(zone.first) : design.plinth.material&.colour || BARE
      end
    end
  end
end
