# frozen_string_literal: true

module GreenPlinth
  module Steps
    # The maker's own wishes of order, as waits between all the work of the parts they name.
    class Wishes
      WHY = "you wished it so"

      # The change that writes down "this step before that", between the parts they make. A course that has no name yet is
      # given one. Empty where both make one part, or one makes none.
      # @param design [Design]
      # @param first [Step]
      # @param later [Step]
      # @param at_least_min [Integer, nil] minutes between them
      # @return [Array<Hash>] a patch
      def self.patch(design, first, later, at_least_min: nil)
        parts = [first, later].map { |step| design.identified.find { |part| step.where.include?(part.pointer) } }
        return [] if parts.include?(nil) || parts.uniq.size == 1

        fresh = design.fresh_ids("course").first(2)
        ids = parts.map { |part| part.id || fresh.shift }
        named = parts.zip(ids).reject { |part, _| part.id }
        wish = { "first" => ids[0], "then" => ids[1], "at_least_min" => at_least_min }.compact
        [*named.map { |part, id| { "op" => "add", "path" => "#{part.pointer}/id", "value" => id } },
         design.append("order", wish)]
      end

      def initialize(design, works)
        @design = design
        @works = works
        @pointers = design.identified.select(&:id).to_h { |part| [part.id, part.pointer] }
      end

      # @return [Array] what makes them what they are, next to the works
      def fields = @design.wishes.map { |wish| [wish.data, *@pointers.values_at(wish.first, wish.later)] }

      # @return [Array<Wait>] between works
      def waits
        @design.wishes.flat_map do |wish|
          works_of(wish.first).product(works_of(wish.later)).reject { |first, later| first == later }.map do |first, later|
            Wait.new(first: first, later: later, at_least_min: wish.at_least_min&.round || 0, at_most_min: wish.at_most_min&.round,
              code: "order/wish", strength: :wish, why: WHY)
          end
        end
      end

      private

      # Trying all subjects is no work of one of them.
      def shared?(work) = work.phase?(:dry_fit) && work.where.size > 1

      def works_of(id)
        pointer = @pointers[id] or return []
        @works.select { |work| !shared?(work) && work.where.any? { |where| where == pointer || where.start_with?("#{pointer}/") } }
      end
    end
  end
end
