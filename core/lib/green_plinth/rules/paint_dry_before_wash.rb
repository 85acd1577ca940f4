# frozen_string_literal: true

module GreenPlinth
  module Rules
    class PaintDryBeforeWash < Rule
      code "order/paint_dry_before_wash"
      strength :must
      why "it bleeds"
      binds :anything
      wait :next
      follows_the_pile

      private

      def first?(work) = work.phase?(:paint, :prime)
      def later?(work) = work.phase?(:wash, :marking)
      def bound?(first, later) = same_pile?(first, later) ? first.stack[1] < later.stack[1] : @places.meet?(first, later)
    end
  end
end
