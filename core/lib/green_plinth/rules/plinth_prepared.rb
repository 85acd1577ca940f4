# frozen_string_literal: true

module GreenPlinth
  module Rules
    class PlinthPrepared < Rule
      code "order/plinth_prepared"
      strength :must
      why "later work bars the surface"

      private

      def first?(work) = work.phase?(:prepare)
      def later?(work) = !work.phase?(:prepare, :treat) && !work.apart? && !work.benchwork?
    end
  end
end
