# frozen_string_literal: true

module GreenPlinth
  module Steps
    # The maker's own wishes of order, as constraints between all the work of the parts they name.
    class Wishes
      WHY = "you wished it so"

      def initialize(design, works)
        @design = design
        @works = works
        @pointers = design.identified.select(&:id).to_h { |part| [part.id, part.pointer] }
      end

      # @return [Array<Rules::Constraint>]
      def constraints
        @design.wishes.flat_map do |wish|
          works_of(wish["first"]).product(works_of(wish["then"])).filter_map do |first, later|
            next if first == later

            Rules::Constraint.new(first: first, later: later, at_least_min: wish["at_least_min"]&.round || 0, at_most_min: wish["at_most_min"]&.round,
              code: "order/wish", strength: :wish, why: WHY)
          end
        end
      end

      private

      def works_of(id)
        pointer = @pointers[id] or return []
        @works.select { |work| work.where.any? { |where| where == pointer || where.start_with?("#{pointer}/") } }
      end
    end
  end
end
