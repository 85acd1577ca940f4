# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # The shortest circle of waits among steps that cannot be put in order.
    class Circle
      # @param by_id [Hash{String => Node}]
      # @param ids [Array<String>] at least one circle runs among these
      def initialize(by_id, ids)
        @by_id = by_id
        @ids = ids
      end

      # @return [Array<String>] ids, each done before the next
      def shortest = @ids.filter_map { |id| back_to(id) }.min_by(&:size)

      private

      # Breadth first along the waits until `id` is met again.
      def back_to(id)
        queue = [[id]]
        seen = {}
        while (path = queue.shift)
          @by_id[path.first].after.map(&:step).each do |earlier|
            return path if earlier == id
            next if seen[earlier] || !@ids.include?(earlier)

            seen[earlier] = true
            queue << [earlier, *path]
          end
        end
      end
    end
  end
end
