# frozen_string_literal: true

module GreenPlinth
  module Rules
    class DryFitBeforeMount < Rule
      code "order/dry_fit_before_mount"
      strength :must
      why "what was not tried is found when it is glued"
      binds :part

      private

      def first?(work) = work.phase?(:dry_fit)
      def later?(work) = work.phase?(:mount)
    end
  end
end
