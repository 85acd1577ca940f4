# frozen_string_literal: true

module GreenPlinth
  module Rules
    # A dam stands on finished ground: across a stream on its bed, along the edge over all that is laid up to it.
    class BedBeforeDam < Rule
      code "order/bed_before_dam"
      strength :must
      why "film and tape stand in the way of whatever is laid up to them, and leave their mark on what is still soft"
      wait :handle

      private

      def first?(work) = work.lays_ground? || (work.colour? && !work.part.is_a?(Design::Water))
      def later?(work) = work.phase?(:dam)
    end
  end
end
