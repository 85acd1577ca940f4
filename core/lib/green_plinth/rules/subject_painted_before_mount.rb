# frozen_string_literal: true

module GreenPlinth
  module Rules
    class SubjectPaintedBeforeMount < Rule
      code "order/subject_painted_before_mount"
      strength :school
      why "a mounted figure hides its own far side"
      binds :part
      wait :handle

      private

      def first?(work) = work.phase?(:paint_subject)
      def later?(work) = work.phase?(:mount)
      def bound?(first, later) = first.where == later.where
    end
  end
end
