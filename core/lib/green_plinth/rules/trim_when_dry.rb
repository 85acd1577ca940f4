# frozen_string_literal: true

module GreenPlinth
  module Rules
    class TrimWhenDry < Rule
      code "order/trim_when_dry"
      strength :must
      why "damp edges tear"
      wait :dry

      private

      def first?(work) = (work.bulk? || work.ground?) && !work.dries.nil?
      def later?(work) = work.phase?(:clad)
    end
  end
end
