# frozen_string_literal: true

module GreenPlinth
  module Rules
    # A hull lies on its ledge before anything is poured: under it nothing is.
    class HullBeforePour < Rule
      code "order/hull_before_pour"
      strength :must
      why "nothing is poured under it"
      wait :handle

      private

      def first?(work) = work.phase?(:hull)
      def later?(work) = work.phase?(:pour)
    end
  end
end
