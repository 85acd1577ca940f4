# frozen_string_literal: true

module GreenPlinth
  module Rules
    # Subjects are mounted group by group, in the order of the file.
    class GroupByGroup < Rule
      code "order/group_by_group"
      strength :advice
      why "who stands together is set together, while hand and eye are on them"
      binds :anything

      private

      def first?(work) = work.phase?(:mount) && !group(work).nil?
      alias later? first?
      def bound?(first, later) = group(first) < group(later)

      # @return [Integer, nil] of the first group that the subject is in
      def group(work) = work.part && groups[work.part.id]

      def groups
        @groups ||= @design.groups.each_with_index.reverse_each.with_object({}) do |(group, index), all|
          group.members.each { |id| all[id] = index }
        end
      end
    end
  end
end
