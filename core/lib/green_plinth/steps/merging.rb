# frozen_string_literal: true

module GreenPlinth
  module Steps
    # The same work in several zones becomes one where nothing stands between: the airbrush is set up once.
    class Merging
      # Work that is done in one go over several places. Bulk and greenery keep to their own place.
      PHASES = %i[texture prime paint wash dry_brush pigment varnish grain].freeze

      # @param works [Array<Work>]
      # @param constraints [Array<Rules::Constraint>]
      def initialize(works, constraints)
        @works = works
        @constraints = constraints
        @index = works.each_with_index.to_h { |work, at| [work.object_id, at] }
        @merged = works.each_index.to_a
      end

      # @return [Array(Array<Work>, Array<Rules::Constraint>)] merged works in order, and the constraints between them
      def call
        closures
        alike.each_value { |group| fold(group) }
        [merged_works, merged_constraints]
      end

      private

      def alike
        @works.each_index.select { |at| PHASES.include?(@works[at].phase) }.group_by do |at|
          work = @works[at]
          [work.technique.key, work.material, work.rig, work.coat, work.coats, work.stages.thickness_mm, work.grain_mm]
        end
      end

      # @above, @below: the works before and after each, itself included, as bits. The constraints run in no circle.
      def closures
        @above = closed(->(constraint) { [constraint.first, constraint.later] })
        @below = closed(->(constraint) { [constraint.later, constraint.first] })
      end

      # @param ends [#call] of a constraint: what hands its bits on, and what takes them
      # @return [Array<Integer>] bits of everything each work is reached from
      def closed(ends)
        onward = Array.new(@works.size) { [] }
        waiting = Array.new(@works.size, 0)
        @constraints.each do |constraint|
          from, to = ends[constraint].map { |work| @index[work.object_id] }
          onward[from] << to
          waiting[to] += 1
        end
        bits = Array.new(@works.size) { |at| 1 << at }
        ready = waiting.each_index.select { |at| waiting[at].zero? }
        while (at = ready.shift)
          onward[at].each do |to|
            bits[to] |= bits[at]
            ready << to if (waiting[to] -= 1).zero?
          end
        end
        bits
      end

      def fold(group)
        kept = []
        group.each do |at|
          home = kept.find { |other| free?(other, at) }
          home ? unite(home, at) : kept << at
        end
      end

      # Nothing stands between when neither comes before the other and no third lies on a way from one to the other.
      def free?(a, b) = @above[a][b].zero? && @above[b][a].zero?

      def unite(home, at)
        up = @above[home] | @above[at]
        down = @below[home] | @below[at]
        @works.each_index do |i|
          @above[i] |= up if down[i] == 1
          @below[i] |= down if up[i] == 1
        end
        @merged[at] = home
      end

      def merged_works
        @united = @merged.each_with_index.group_by(&:first).to_h { |home, members| [home, unify(members.map { |_, at| @works[at] })] }
        @united.values
      end

      def unify(works)
        return works.first if works.size == 1

        first = works.first
        first.dup.tap do |work|
          work.amount = works.sum(&:amount)
          work.places = works.flat_map(&:places).uniq
          work.where = works.flat_map(&:where).uniq
          work.words = first.words.merge(place: listed(works.map { |one| one.words[:place] }.uniq))
          work.uses = works.flat_map(&:uses)
        end
      end

      def listed(names)
        return names.join(" and ") if names.size < 3

        "#{names[0..-2].join(", ")} and #{names.last}"
      end

      def merged_constraints
        @constraints.map do |constraint|
          constraint.dup.tap do |copy|
            copy.first = united(constraint.first)
            copy.later = united(constraint.later)
          end
        end
      end

      def united(work) = @united.fetch(@merged[@index[work.object_id]])
    end
  end
end
