# frozen_string_literal: true

module GreenPlinth
  module Steps
    # The same work in several zones becomes one where nothing stands between: the airbrush is set up once. Bulk and
    # greenery keep to their own place.
    class Merging
      # More features of a kind than these are counted, not named.
      MOST_NAMED = 3

      # @param works [Array<Work>]
      # @param precedence [Precedence] of these works; what is merged here counts as one in its graph from then on
      def initialize(works, precedence)
        @works = works
        @graph = precedence.graph
        @waits = precedence.waits
        @home = works.each_index.to_a
      end

      # @return [Array(Array<Work>, Array<Wait>)] merged works in order, and the waits between them
      def call
        alike.each_value { |group| fold(group) }
        [merged_works, @waits.map { |wait| wait.between(united(wait.first), united(wait.later)) }]
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
      def feature?(work) = work.part.is_a?(Design::Feature) && !work.phase?(:press)

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

      def merged_works
        groups = @home.each_with_index.group_by(&:first)
        @united = groups.transform_values { |members| unify(members.map { |_, at| @works[at] }) }
        @united.values
      end

      def unify(works)
        return works.first if works.size == 1

        first = works.first
        first.dup.tap do |work|
          work.amount = works.sum(&:amount)
          work.places = works.flat_map(&:places).uniq
          work.where = works.flat_map(&:where).uniq
          work.words = first.words.merge(place: places_of(works))
          work.uses = works.flat_map(&:uses)
        end
      end

      # More features than can be named: by what their names have in common, else by their kind.
      def places_of(works)
        names = works.map { |one| one.words[:place] }.uniq
        return listed(names) unless works.size > MOST_NAMED && works.all? { |one| feature?(one) }

        stems = names.map { |name| name.sub(/[ \d]+\z/, "") }.uniq
        stems.one? ? "#{works.size} × #{stems.first}" : "#{works.size} #{works.first.part.kind["plural"]}"
      end

      def listed(names)
        return names.join(" and ") if names.size < 3

        "#{names[0..-2].join(", ")} and #{names.last}"
      end

      def united(work) = @united.fetch(@home[@graph.place(work)])
    end
  end
end
