# frozen_string_literal: true

module GreenPlinth
  module Steps
    # The same work in several zones becomes one where nothing stands between: the airbrush is set up once. Bulk and
    # greenery keep to their own place.
    class Merging
      # @param works [Array<Work>]
      # @param precedence [Precedence] of these works; what is merged here counts as one in its graph from then on
      def initialize(works, precedence)
        @works = works
        @graph = precedence.graph
      end

      # @return [Array<Integer>] for each work, the place of the one that it becomes one with; its own where it stays by itself
      def home
        @home = @works.each_index.to_a
        alike.each_value { |group| fold(group) }
        @home
      end

      private

      def alike
        merged = @works.each_index.select { |at| @works[at].does?("merged") || feature?(@works[at]) }
        merged.group_by do |at|
          work = @works[at]
          [work.technique.key, work.material_key, work.rig, work.coat, work.coats, work.stages.thickness_mm, work.grain_mm,
            (work.part.kind if feature?(work) && !work.does?("merged"))]
        end
      end

      # Seven posts are set in one go; what has a window of its own in each place is not.
      def feature?(work) = work.of_feature? && !work.phase?(:press)

      def fold(group)
        kept = []
        group.each do |at|
          home = kept.find { |other| free?(@works[other], @works[at]) }
          home ? unite(home, at) : kept << at
        end
      end

      # Nothing stands between when neither comes before the other and no third lies on a way from one to the other.
      def free?(one, other) = !@graph.before?(one, other) && !@graph.before?(other, one)

      def unite(home, at)
        @graph.unite(@works[home], @works[at])
        @home[at] = home
      end
    end
  end
end
