# frozen_string_literal: true

module GreenPlinth
  module Rules
    class MountBeforePaint < Rule
      code "order/mount_before_paint"
      strength :school
      why "one firm unit, feet share the dirt"
      binds :anything
      wait :next

      private

      def first?(work) = work.phase?(:mount)
      def later?(work) = work.phase?(:paint_subject, :prime)
      def bound?(first, later) = later.phase?(:paint_subject) ? first.where == later.where : @places.meet?(first, later)
    end
  end
end
