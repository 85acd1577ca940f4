# frozen_string_literal: true

module GreenPlinth
  module Rules
    class MountOnDryGround < Rule
      code "order/mount_on_dry_ground"
      strength :school
      why "feet sink in and lift off again"
      wait :dry

      private

      def first?(work) = work.ground?
      def later?(work) = work.phase?(:mount)
    end
  end
end
