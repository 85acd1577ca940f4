# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Everything high on one side of the middle line, and nothing on the other to answer it.
    class OneSided < Check
      code "composition/one_sided"
      severity "advice"
      weight 145

      # As high as this share of the highest counts as high; under this the other side has nothing to answer with (from memory).
      HIGH = 0.6
      ANSWER = 0.4

      def snags
        return [] unless design.purpose.trait?("staged") && tall.size > 1

        sides = tall.map { |solid| side(solid) }.uniq
        return [] if sides.size > 1 || answered?(sides.first)

        answering = answer(sides.first)
        [snag("/subjects", "Everything high stands #{sides.first.positive? ? "right" : "left"} of the middle line, up to #{mm(highest)}; " \
                           "on the other side nothing rises over #{mm(answering)}.", moved)
          .drawn(Figure.measure(answering, "mm", least: ANSWER * highest))]
      end

      private

      def solids = @solids ||= @evaluation.solids.all
      def highest = @highest ||= solids.map(&:high).max || 0
      def tall = @tall ||= solids.select { |solid| solid.high >= HIGH * highest }
      def right = @evaluation.eye.right
      def across(x, y) = ((x - middle.x) * right[0]) + ((y - middle.y) * right[1])
      def middle = @middle ||= @evaluation.ground.foot.centroid
      def side(solid) = solid.shape.centroid.then { |point| across(point.x, point.y) <=> 0 }
      def answered?(side) = side.zero? || answer(side) >= ANSWER * highest

      # The highest thing or ground on the other side.
      def answer(side)
        half = terrain_half(-side)
        [*solids.select { |solid| side(solid) == -side }.map(&:high), half&.last || 0].max
      end

      def terrain_half(side)
        reach = Plan::Geos.bounds(@evaluation.ground.foot).map(&:abs).max * 4
        corner = ->(over, deep) { [middle.x + (right[0] * over) - (right[1] * deep), middle.y + (right[1] * over) + (right[0] * deep)] }
        far = side * reach
        terrain.range_in(Plan::Geos.polygon([corner[0, -reach], corner[far, -reach], corner[far, reach], corner[0, reach]])
          .intersection(@evaluation.ground.foot))
      end

      # The least of the high ones that is not looked at first, where its mirror image stands free.
      def moved
        tall.sort_by(&:high).map(&:part).reject(&:focal?).each do |part|
          dx = -2 * across(*part.middle)
          by = [right[0] * dx, right[1] * dx]
          fix = shifted(part, by) and return fix
        end
        nil
      end

      def shifted(part, (dx, dy))
        there = part.moved_by(dx, dy)
        return unless @evaluation.nearest_place.free?(there)

        put("move #{part.name} to the other side", "#{part.pointer}/#{there.place.first}", there.place.last)
      end
    end
  end
end
