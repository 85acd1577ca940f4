# frozen_string_literal: true

module GreenPlinth
  module Rules
    class PlinthPrepared < Rule
      code "order/plinth_prepared"
      strength :must
      why "later work bars the surface"

      private

      def first?(work) = work.phase?(:prepare)
      def later?(work) = !work.phase?(:prepare, :paint_subject, :task, :treat, :make, :make_bush, :clean, :paper)
    end
  end
end
