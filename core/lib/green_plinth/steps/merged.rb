# frozen_string_literal: true

module GreenPlinth
  module Steps
    # Works that have become one, as one: with all their amounts, places and uses, and a name for them all.
    class Merged
      # More features of a kind than these are counted, not named.
      MOST_NAMED = 3

      # @param works [Array<Work>]
      # @param home [Array<Integer>] see Merging#home
      def initialize(works, home)
        @home = home
        groups = home.each_with_index.group_by(&:first)
        @united = groups.transform_values { |members| unify(members.map { |_, at| works[at] }) }
      end

      # @return [Array<Work>] in order
      def works = @united.values

      # @param waits [Array<Wait>] between places in the list of works
      # @return [Array<Wait>] between works as they are now, each once
      def waits(waits)
        each = waits.uniq { |wait| [@home[wait.first], @home[wait.later], wait.at_least_min, wait.at_most_min, wait.code] }
        each.map { |wait| wait.between(united(wait.first), united(wait.later)) }
      end

      private

      def united(place) = @united.fetch(@home[place])

      def unify(works)
        return works.first if works.size == 1

        first = works.first
        first.dup.tap do |work|
          work.amount = works.sum(&:amount)
          work.places = works.flat_map(&:places).uniq
          work.where = works.flat_map(&:where).uniq
          work.words = first.words.merge(place: places_of(works))
          work.uses = works.flat_map(&:uses)
          # One after the other: what does not fit into a sitting is gone on with in the next.
          work.splittable = true
        end
      end

      # More features than can be named: by what their names have in common, else by their kind.
      def places_of(works)
        names = works.map { |one| one.words[:place] }.uniq
        return listed(names) unless works.size > MOST_NAMED && works.all?(&:of_feature?)

        stems = names.map { |name| name.sub(/[ \d]+\z/, "") }.uniq
        stems.one? ? "#{works.size} × #{stems.first}" : "#{works.size} #{works.first.part.kind["plural"]}"
      end

      def listed(names)
        return names.join(" and ") if names.size < 3

        "#{names[0..-2].join(", ")} and #{names.last}"
      end
    end
  end
end
