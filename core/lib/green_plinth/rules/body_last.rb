# frozen_string_literal: true

module GreenPlinth
  module Rules
    # What is joined to a body is joined when that one is done.
    class BodyLast < Rule
      code "order/body_last"
      strength :must
      why "it stands in the way of every brush"
      binds :anything
      wait :handle

      private

      def first?(work) = !work.phase?(:join, :rim, :plaque) && !work.apart? && !work.benchwork? && !work.part.is_a?(Design::Side)
      def later?(work) = work.phase?(:join)
    end
  end
end
