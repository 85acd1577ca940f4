# frozen_string_literal: true

module GreenPlinth
  module Rules
    class WallWeatheredBeforeBedding < Rule
      code "order/wall_weathered_before_bedding"
      strength :advice
      why "only its foot is blended after"
      binds :anything
      wait :handle

      private

      def first?(work) = work.phase?(:wash, :dry_brush, :pigment) && work.part.is_a?(Design::Feature)
      def later?(work) = work.does?("beds")
      def bound?(first, later) = first.part.pointer == later.part.pointer
    end
  end
end
