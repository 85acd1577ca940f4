# frozen_string_literal: true

module GreenPlinth
  module Composition
    # A further body where it is: on the plan of the build, and how high.
    class PlacedBody
      attr_reader :body, :evaluation

      # @param body [Design::Body]
      # @param evaluation [Evaluation] its own
      # @param whole [Evaluation] of the body that the file describes
      def initialize(body, evaluation, whole)
        @body = body
        @evaluation = evaluation
        @whole = whole
      end

      # @return [RGeo geometry] its foot on the plan of the build
      def foot = @foot ||= body.placed(evaluation.ground.foot)

      # @return [Float] mm from the top face of the build's plinth to its own: beside it both stand on one table
      def lift_mm
        under = body.carried? ? highest_under + body.gap_mm : -@whole.design.plinth.thickness_mm
        under + evaluation.design.plinth.thickness_mm
      end

      # @return [Float] mm, the highest ground of the build under it; 0 where it lies beside the base
      def highest_under = @whole.terrain.range_in(foot.intersection(@whole.ground.top))&.last || 0.0

      # What stands on the build's base and reaches into it.
      # @return [Array<Array(Design::Part, Float)>] each with the mm that it reaches too high
      def reaching
        return [] unless body.carried?

        underside = lift_mm - evaluation.design.plinth.thickness_mm
        @whole.solids.all.select { |solid| solid.high > underside + ALLOWED_MM && solid.shape.intersects?(foot) }
          .map { |solid| [solid.part, solid.high - underside] }
      end

      # A touch that a file takes away, mm (from memory).
      ALLOWED_MM = 0.3
      private_constant :ALLOWED_MM

      # @param other [RGeo geometry] of another foot on the same table
      # @return [Float] mm between them; 0 where they meet
      def apart_mm(other) = foot.distance(other)

      # @return [Float] share of its foot that lies over the base that carries it
      def carried_share = Plan::Geos.area(foot.intersection(@whole.ground.foot)) / Plan::Geos.area(foot)

      # A point of its own on the plan and in the height of the build.
      # @param point [Array(Float, Float, Float)]
      # @return [Array(Float, Float, Float)]
      def in_build((x, y, z))
        turn = body.turn_deg * Math::PI / 180
        cos, sin = Math.cos(turn), Math.sin(turn)
        [body.at_mm[0] + (x * cos) - (y * sin), body.at_mm[1] + (x * sin) + (y * cos), z + lift_mm]
      end
    end
  end
end
