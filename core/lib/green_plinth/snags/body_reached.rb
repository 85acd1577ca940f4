# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A body that is carried over the base, and something on the base that reaches into it.
    class BodyReached < Check
      code "fit/body_reached"
      severity "stops"
      weight 441

      def snags
        @evaluation.placed_bodies.flat_map do |placed|
          tallest = placed.reaching.max_by(&:last) or next []
          [snag_of(placed, *tallest)]
        end
      end

      private

      def snag_of(placed, part, mm)
        body = placed.body
        over = body.how.trait?("over")
        fix = put("raise it to a gap of #{mm((body.gap_mm + mm).ceil)}", "#{body.pointer}/place/gap_mm", (body.gap_mm + mm).ceil) if over
        snag(body.pointer,
          "#{part.name.capitalize} reaches #{mm(mm)} into #{body.name}, which is to #{over ? "float" : "stand"} over it.", fix)
      end
    end
  end
end
