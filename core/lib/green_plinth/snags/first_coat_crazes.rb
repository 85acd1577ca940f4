# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Acrylic water over loose grain shrinks into the gaps as it dries.
    class FirstCoatCrazes < Check
      code "water/first_coat_crazes"
      severity "advice"

      def snags
        @evaluation.pools.select { |pool| single_coat?(pool) && loose?(pool.water) }.map do |pool|
          half = { "thickness_mm" => (pool.max_depth_mm / 2).round(2) }
          fix = put("pour it in two", "#{pool.water.pointer}/layers", [half, half]) if half["thickness_mm"].positive?
          snag(pool.water.pointer, "#{pool.water.name.capitalize} lies over loose grain: the first coat crazes as it dries, " \
                                   "a second fills it. Expect two.", fix)
        end
      end

      private

      def single_coat?(pool) = pool.wet? && pool.water.medium == "acrylic_water" && pool.layers.size < 2

      def loose?(water)
        drawn = Plan::Outline.polygon(water.outline)
        design.zones.each_with_index.any? do |zone, index|
          scattered = zone.courses.any? { |course| catalogue[course.material]&.trait?("loose") }
          scattered && Plan::Geos.area(@evaluation.ground.area(index).intersection(drawn)) > 1
        end
      end
    end
  end
end
