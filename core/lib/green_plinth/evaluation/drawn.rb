# frozen_string_literal: true

module GreenPlinth
  class Evaluation
    # A design as screens and exports draw it: plan, sections, relief, sides, the turntable and the picture from the judge's eye.
    module Drawn
      # @param interval [Float, nil] mm between contours
      # @return [Hash] see Screens::ReliefMap
      def relief_map(interval) = part(:relief_map, GROUND, interval) { Screens::ReliefMap.new(self).to_h(interval) }

      # @return [Array<Hash>] see Screens::OrderRows
      def order_rows = Screens::OrderRows.new(self).to_a

      # @return [Hash] see Screens::Turntable
      def turntable = part(:turntable, [*SAILED, *SIDES, "bodies"]) { Screens::Turntable.new(self).to_h }

      # @return [Array<Hash>] the side all round as it is looked at, see Screens::SideBands
      def side_bands = part(:side_bands, [*SAILED, *SIDES]) { Screens::SideBands.new(self).to_a }

      # @return [Relief::EdgeSkin]
      def edge_skin = part(:edge_skin, GROUND) { Relief::EdgeSkin.new(design.plinth, terrain, Relief::Column.new(design, terrain)) }

      # @return [Relief::Mesh] fine enough to print
      def mesh = part(:mesh, GROUND) { Relief::Mesh.new(terrain, design.plinth.thickness_mm) }

      # @param eye [Composition::Eye]
      # @return [Hash] see Composition::SightView
      def sight_view(eye) = part(:sight_view, [*SAILED, *SIDES], eye.to_a) { Composition::SightView.new(self, eye).to_h }

      # @param lines [Array<Array(Float, Float, Float, Float)>, nil] where to cut, mm; those without a length count for nothing,
      #   and where none is left the usual one holds
      # @return [Array<Hash>] see Relief::Section#along
      def sections(lines = nil)
        long = (lines || []).map { |line| [line[0, 2], line[2, 2]] }.reject { |from, to| from == to }
        (long.empty? ? [usual_cut] : long).map { |from, to| Relief::JoinedSection.of(section(from, to), placed_bodies) }
      end

      # @param from [Array(Float, Float)] mm on the plan
      # @param to [Array(Float, Float)]
      # @return [Hash] see Relief::Section#along
      def section(from, to)
        part(:section, SAILED, from, to) do
          Relief::Section.new(design, terrain, pools, solids, spots).along(from, to)
        end
      end

      # @param lines [Array, nil] where to cut sections
      # @return [Array<Hash>] see Screens::Within
      def within(lines) = Screens::Within.new(self, lines).to_a

      # @return [Hash] rings to draw the plan from, see Screens::PlanDrawing
      def drawing = part(:drawing, SAILED) { Screens::PlanDrawing.new(self).to_h }

      private

      # From the left to the right, through the first water or else the plinth's middle.
      def usual_cut
        min_x, min_y, max_x, max_y = Plan::Geos.bounds(Plan::Geos.union([ground.foot, *placed_bodies.map(&:foot)]))
        wet = pools.find(&:wet?)
        across = wet ? wet.water.area.centroid.y : (min_y + max_y) / 2
        [[min_x, across], [max_x, across]]
      end
    end
  end
end
