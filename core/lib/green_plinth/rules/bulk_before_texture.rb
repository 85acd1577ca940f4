# frozen_string_literal: true

module GreenPlinth
  module Rules
    class BulkBeforeTexture < Rule
      code "order/bulk_before_texture"
      strength :must
      why "filler would bury texture"
      wait :next

      private

      def first?(work) = work.bulk? || work.phase?(:seal_form)
      def later?(work)
        work.lays_ground? || work.colour? || work.greenery? || work.phase?(:hard, :seal_bed, :pour) || filled_as_course?(work)
      end

      def filled_as_course?(work) = work.bulk? && work.stack&.first.to_s.start_with?("/zones/")

      # A coat laid as a course of a zone belongs to that zone's own pile.
      def bound?(first, _later) = (first.stack.nil? || first.stack[0] == "forms")
    end
  end
end
