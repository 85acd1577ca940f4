# frozen_string_literal: true

module GreenPlinth
  module Rules
    class MountOnBulk < Rule
      code "order/mount_on_bulk"
      strength :must
      why "the pin needs its ground"
      wait :next

      private

      def first?(work) = work.bulk?
      def later?(work) = work.phase?(:mount, :dry_fit, :hard)
    end
  end
end
