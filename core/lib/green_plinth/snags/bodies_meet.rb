# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Two bodies that stand on one table in one place.
    class BodiesMeet < Check
      code "fit/bodies_meet"
      severity "stops"
      weight 440
      # A touch is a joint, mm².
      LEAST_MM2 = 1.0

      def snags
        standing = @evaluation.placed_bodies.reject { |one| one.body.carried? }
        feet = [[nil, @evaluation.ground.foot], *standing.map { |one| [one, one.foot] }]
        feet.combination(2).filter_map do |(one, foot), (other, against)|
          shared = Plan::Geos.area(foot.intersection(against))
          snag_of(one, other, against, shared) if shared > LEAST_MM2
        end
      end

      private

      def snag_of(one, other, foot, shared)
        with = one ? one.body.name : "the base"
        snag(other.body.pointer, "#{other.body.name.capitalize} and #{with} stand on the same #{number(shared)} mm² of table.",
          moved(other, foot, one ? one.foot : @evaluation.ground.foot))
      end

      # To the right of it.
      def moved(other, foot, still)
        by = (Plan::Geos.bounds(still)[2] - Plan::Geos.bounds(foot)[0]).ceil
        at = [(other.body.at_mm[0] + by).round(1), other.body.at_mm[1]]
        place = other.body.data["place"] || {}
        put("put it beside", "#{other.body.pointer}/place", place.merge("at_mm" => at))
      end
    end
  end
end
