# frozen_string_literal: true

module GreenPlinth
  module Rules
    class DryBeforeBrush < Rule
      code "order/dry_before_brush"
      strength :must
      why "damp paint smears"
      binds :anything
      wait :next
      follows_the_pile

      private

      def first?(work) = work.phase?(:paint, :wash, :prime)
      def later?(work) = work.phase?(:dry_brush)
      def bound?(first, later) = same_pile?(first, later) ? first.stack[1] < later.stack[1] : @places.meet?(first, later)
    end
  end
end
