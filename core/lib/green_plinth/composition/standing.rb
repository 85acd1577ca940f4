# frozen_string_literal: true

module GreenPlinth
  module Composition
    # Where a subject stands on the plan.
    module Standing
      module_function

      # @return [RGeo geometry] what touches the ground
      def footprint(subject) = Plan::Outline.polygon(subject.footprint, at: subject.at_mm, turn: subject.turn_deg)

      # @return [RGeo geometry] the whole plan shadow
      def silhouette(subject)
        Plan::Outline.polygon(subject.silhouette || subject.footprint, at: subject.at_mm, turn: subject.turn_deg)
      end
    end
  end
end
