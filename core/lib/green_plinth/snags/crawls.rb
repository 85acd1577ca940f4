# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Water that shrinks as it dries, against a side that is looked at: it creeps back from the film and leaves a step.
    class Crawls < Check
      code "water/crawls"
      severity "advice"
      weight 475
      # Less than this draws no step that is seen, parts of its volume (from memory).
      SHRINKS = 0.1
      # Less of an edge is a drop at the rim, mm.
      LEAST_MM = 5.0
      COATS = 3

      def snags
        @evaluation.pools.select { |pool| crawling?(pool) }.map do |pool|
          water = pool.water
          snag(water.pointer,
            "#{water.name.capitalize} stands against #{mm(pool.dam_mm)} of the plinth's side, and #{water.medium.name} loses " \
            "#{number(water.medium.shrinkage * 100)} % as it dries: it creeps back from the film and leaves a step to be filled.",
            Fix.new("coat the edge thinly, #{COATS} times", [coat(water)]))
        end
      end

      private

      def crawling?(pool)
        pool.wet? && (pool.dam_mm || 0) > LEAST_MM && (pool.water.medium&.shrinkage || 0) > SHRINKS &&
          pool.water.courses.none? { |course| course.spot["shape"] == "edge" }
      end

      def coat(water)
        edge = design.kinds["water_spots"].each_value.find { |spot| spot["shape"] == "edge" }
        course = { "material" => design.kinds.work("edge_coated", "material"), "on" => edge.key, "coats" => COATS }
        list = "#{water.pointer}/courses"
        { "op" => "add", "path" => water.courses.any? ? "#{list}/-" : list, "value" => water.courses.any? ? course : [course] }
      end
    end
  end
end
