# frozen_string_literal: true

module GreenPlinth
  module Rules
    class FoundMatterTreated < Rule
      code "order/found_matter_treated"
      strength :must
      why "rot and insects come in with it"
      binds :part
      wait :next

      private

      def first?(work) = work.phase?(:treat)
      def later?(work) = !work.phase?(:treat)
    end
  end
end
