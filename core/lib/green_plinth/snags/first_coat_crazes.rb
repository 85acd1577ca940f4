# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Acrylic water over loose grain shrinks into the gaps as it dries.
    class FirstCoatCrazes < Check
      code "water/first_coat_crazes"
      severity "advice"
      weight 130

      def snags
        @evaluation.pools.select { |pool| single_coat?(pool) && loose?(pool.water) }.map do |pool|
          half = { "thickness_mm" => (pool.max_depth_mm / 2).round(2) }
          fix = put("pour it in two", "#{pool.water.pointer}/layers", [half, half]) if half["thickness_mm"].positive?
          snag(pool.water.pointer, "#{pool.water.name.capitalize} lies over loose grain: the first coat crazes as it dries, " \
                                   "a second fills it. Expect two.", fix)
        end
      end

      private

      def single_coat?(pool) = pool.wet? && pool.water.medium&.trait?("first_coat_crazes") && pool.pours < 2

      def loose?(water)
        zones_in(water.area).any? { |zone| zone.courses.any? { |course| course.material&.trait?("loose") } }
      end
    end
  end
end
