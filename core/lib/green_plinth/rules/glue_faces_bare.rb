# frozen_string_literal: true

module GreenPlinth
  module Rules
    class GlueFacesBare < Rule
      code "order/glue_faces_bare"
      strength :must
      why "the joint is only as strong as paint"

      private

      # Trying the subjects marks and masks their feet.
      def first?(work) = work.phase?(:dry_fit)
      def later?(work) = work.colour?
    end
  end
end
