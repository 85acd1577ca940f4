# frozen_string_literal: true

module GreenPlinth
  module Rules
    class LipBeforeFill < Rule
      code "order/lip_before_fill"
      strength :must
      why "grout and water level against it"
      binds :part

      private

      def first?(work) = work.phase?(:dam)
      def later?(work) = work.phase?(:pour)
      def bound?(first, later) = first.where == later.where
    end
  end
end
