# frozen_string_literal: true

module GreenPlinth
  module Rules
    class MadeBeforeSet < Rule
      code "order/made_before_set"
      strength :must
      why "it has to be there to be set"
      binds :part
      wait :dry

      private

      def first?(work) = work.phase?(:make, :make_bush)
      def later?(work) = !work.benchwork?
    end
  end
end
