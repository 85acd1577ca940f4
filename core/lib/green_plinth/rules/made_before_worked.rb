# frozen_string_literal: true

module GreenPlinth
  module Rules
    class MadeBeforeWorked < Rule
      code "order/made_before_worked"
      strength :must
      why "what is not there cannot be worked on"
      wait :handle

      private

      # Work that a task asks for on a part comes after the part is made.
      WORKED = %i[damage marking ballast clean_rails frames openings hide_disc rigging unmask].freeze
      private_constant :WORKED

      def first?(work) = work.phase?(:hard, :texture, :mount, :hull)
      def later?(work) = work.phase?(*WORKED)
      def bound?(first, later) = (first.where & later.where).any?
    end
  end
end
