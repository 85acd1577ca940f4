# frozen_string_literal: true

module GreenPlinth
  module Waters
    # Running water as it is poured: stretch by stretch of like fall, each behind a dam of its own.
    module Reaches
      # kind: its record; from, to: mm along the line; drop: mm; area: on the plan; layers: its pours; dam: the line across its lower
      # end, nil where it ends with the water.
      Stretch = Struct.new(:name, :kind, :from, :to, :drop, :area, :layers, :dam, keyword_init: true) do
        # @return [Boolean] whether it is poured; what falls freely is laid
        def poured? = kind["laid"].nil?
        def white? = kind.trait?("white")
        def slope_pct = to - from < Design::Fall::LEVEL ? Float::INFINITY : 100.0 * drop / (to - from)

        # @return [Float] degrees that the base is propped up by, so that it lies level
        def tilt_deg = Math.atan(slope_pct / 100) * 180 / Math::PI
        # @return [Float, nil] the same; nil where it is so level that nobody props a base up for it
        def propped_deg = tilt_deg < LEAST_TILT_DEG ? nil : tilt_deg
        def dam_mm = dam ? Plan::Geos.length(dam) : 0.0
      end

      # Less of a reach than this is the rim of its neighbour, mm².
      LEAST_MM2 = 0.5
      # Flatter than this nobody props a base up for, degrees (from memory).
      LEAST_TILT_DEG = 0.5

      module_function

      # @param water [Design::Water] one that falls
      # @param area [RGeo geometry] where it is wet
      # @param basin [Basin] against the falling ground
      # @param terrain [FallingGround]
      # @return [Array<Stretch>] from the source down; those that hold no water are left out
      def of(water, area, basin, terrain)
        along = terrain.stations[*basin.window]
        stretches = alike(water)
        found = stretches.each_with_index.filter_map do |(kind, list), index|
          from = index.zero? ? -Float::INFINITY : list.first.from
          to = index == stretches.size - 1 ? Float::INFINITY : list.last.to
          reach(water, kind, list, basin, area: part(area, along, basin.grid, from, to), share: within(along, from, to))
        end
        named(dammed(found, water.fall, area))
      end

      # Stretches that lie one after the other and fall alike.
      # @return [Array<Array(Kinds::Kind, Array<Design::Fall::Leg>)>]
      def alike(water)
        water.fall.legs.chunk_while { |a, b| kind(water, a) == kind(water, b) }.map { |list| [kind(water, list.first), list] }
      end

      # @return [Kinds::Kind] by its slope
      def kind(water, stretch)
        water.kinds["reaches"].each_value.find { |one| one["below_pct"].nil? || stretch.slope_pct < one["below_pct"] }
      end

      def reach(water, kind, list, basin, area:, share:)
        return if Plan::Geos.area(area) < LEAST_MM2

        own = basin.only(share)
        depth = own.deepest(water.level_mm)
        layers = kind["laid"] || depth.zero? ? [] : Layers.slice(water, own, water.level_mm - depth)
        Stretch.new(kind: kind, from: list.first.from, to: list.last.to, drop: list.sum(&:drop), area: area, layers: layers)
      end
      private_class_method :reach

      # A little wider than a cell at either side: what lies on the line belongs to both.
      def within(along, from, to) = Numo::DFloat.cast(along.ge(from) & along.lt(to))
      private_class_method :within

      def part(area, along, grid, from, to)
        return area if from.infinite? && to.infinite?

        field = Numo::DFloat.minimum(from.infinite? ? along + 1e6 : along - from, to.infinite? ? 1e6 - along : to - along)
        Plan::Geos.union(Relief::Contour.rings(field, grid).map { |ring| Plan::Geos.polygon(ring[0..-2]) }).intersection(area)
      end
      private_class_method :part

      # Across the lower end of each that is poured, but the last: that one ends as the water does.
      def dammed(reaches, fall, area)
        reaches.each_cons(2) { |upper, lower| upper.dam = across(fall, lower.from, area) if upper.poured? }
        reaches
      end
      private_class_method :dammed

      def across(fall, station, area)
        line = Plan::Geos.line(fall.across(station, fall.length_mm)).intersection(area)
        line.empty? ? nil : line
      end
      private_class_method :across

      # By what it is; counted where there are several of a kind.
      def named(reaches)
        reaches.group_by(&:kind).each_value do |alike|
          alike.each_with_index { |reach, index| reach.name = alike.one? ? reach.kind.name : "#{reach.kind.name} #{index + 1}" }
        end
        reaches
      end
      private_class_method :named
    end
  end
end
