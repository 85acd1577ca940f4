# frozen_string_literal: true

module GreenPlinth
  module Relief
    # What lies over one place of the plan: the plinth, every form and every course, each from its under- to its upper side.
    class Column
      # @param design [Design]
      # @param terrain [Terrain]
      def initialize(design, terrain)
        @design = design
        @terrain = terrain
      end

      # @param cell [Array(Integer, Integer)] row and column of the grid
      # @return [Array<Array(Part, Float, Float)>] what stands over it, bottom to top: the part, and mm from bottom to top
      def at(cell)
        solid = [[@design.plinth, -@design.plinth.thickness_mm, 0.0]]
        @terrain.bulk.strata.each { |stratum| pile(solid, stratum, cell) }
        courses(solid, cell)
      end

      private

      def pile(solid, stratum, cell)
        base, top = stratum.at(*cell)
        return unless base

        if stratum.form.bore? then bored(solid, base, top)
        elsif stratum.cut? then solid.each { |layer| layer[2] = [layer[2], [top, layer[1]].max].min }
        else solid << [stratum.form, base, top]
        end
      end

      # What lies under a way through keeps its place, and what lies over it.
      def bored(solid, floor, crown)
        over = solid.filter_map { |part, bottom, top| [part, [bottom, crown].max, top] if top > crown && bottom < crown }
        solid.each { |layer| layer[2] = [layer[2], [floor, layer[1]].max].min if layer[1] < crown }
        solid.concat(over)
      end

      def courses(solid, cell)
        index = @terrain.zone_at(*cell) or return solid
        top = solid.map(&:last).max
        @design.zones[index].courses.zip(@terrain.raises[index]).each do |course, rise|
          solid << [course, top, top + rise]
          top += rise
        end
        solid
      end
    end
  end
end
