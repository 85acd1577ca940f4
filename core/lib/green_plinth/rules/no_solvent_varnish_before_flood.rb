# frozen_string_literal: true

module GreenPlinth
  module Rules
    class NoSolventVarnishBeforeFlood < Rule
      code "order/no_solvent_varnish_before_flood"
      strength :must
      why "alcohol hazes it"
      wait :next
      follows_the_pile

      private

      def first?(work) = work.does?("alcohol")
      def later?(work) = work.phase?(:varnish)
    end
  end
end
