# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A body that is set on the base and lies mostly beside it.
    class BodyUnheld < Check
      code "balance/body_unheld"
      severity "stops"
      weight 442

      def snags
        @evaluation.placed_bodies.select { |one| one.body.carried? && !one.body.how.trait?("over") && unheld?(one) }.map do |placed|
          body = placed.body
          held = number(placed.carried_share * 100)
          snag(body.pointer,
            "#{body.name.capitalize} is set on the base, and the middle of it lies over nothing: #{held} % of its foot is held.",
            put("set it in the middle", "#{body.pointer}/place/at_mm", middle))
        end
      end

      private

      def unheld?(placed) = !@evaluation.ground.foot.contains?(placed.foot.centroid)
      def middle = @evaluation.ground.foot.centroid.then { |point| [point.x.round(1), point.y.round(1)] }
    end
  end
end
