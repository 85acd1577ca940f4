# frozen_string_literal: true

module GreenPlinth
  module Rules
    class CastingsBeforeCompound < Rule
      code "order/castings_before_compound"
      strength :must
      why "filler must blend round them"

      private

      def first?(work) = work.phase?(:castings)
      def later?(work) = work.does?("blends")
    end
  end
end
