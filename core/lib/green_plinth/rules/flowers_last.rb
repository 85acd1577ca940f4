# frozen_string_literal: true

module GreenPlinth
  module Rules
    class FlowersLast < Rule
      code "order/flowers_last"
      strength :must
      why "paint and glue spoil them"
      wait :handle

      private

      def first?(work) = work.colour? || work.greenery? || work.phase?(:varnish, :surface, :foam, :wet_mud, :spray_grass, :overspray)
      def later?(work) = work.phase?(:flowers)
    end
  end
end
