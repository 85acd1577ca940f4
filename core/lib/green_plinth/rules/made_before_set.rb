# frozen_string_literal: true

module GreenPlinth
  module Rules
    class MadeBeforeSet < Rule
      code "order/made_before_set"
      strength :must
      why "it has to be there to be set"
      wait :dry

      private

      def first?(work) = work.phase?(:make, :make_bush)
      def later?(work) = !work.benchwork?
      def bound?(first, later) = (first.where & later.where).any?
    end
  end
end
