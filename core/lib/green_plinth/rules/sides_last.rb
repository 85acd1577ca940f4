# frozen_string_literal: true

module GreenPlinth
  module Rules
    # A side that is finished is soiled by whatever is done on the base after it.
    class SidesLast < Rule
      code "order/sides_last"
      strength :must
      why "every step soils it"
      binds :anything

      private

      def first?(work) = !side?(work) && !work.phase?(:rim, :plaque) && !work.apart? && !work.benchwork?
      def later?(work) = side?(work) && work.coat == 1
      def side?(work) = work.part.is_a?(Design::Side)
      def at_least(first, _later) = first.phase?(:pour) ? first.stages.after(:handle) || 0 : 0
    end
  end
end
