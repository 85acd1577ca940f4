# frozen_string_literal: true

module GreenPlinth
  module Steps
    # Works found by where they are done, by the part they make or by the pile they are a layer of: a rule that binds a few of
    # them looks at no others.
    class Among
      # @param works [Array<Work>]
      # @param places [Places]
      def initialize(works, places)
        @works = works
        @places = places
      end

      # @param mm [Float]
      # @return [Array<Work>] those that a work meets, or that lie no farther from it than so many mm
      def near(work, mm = 0.0)
        return at(with_places) if work.places.include?(Places::PLINTH)

        at(work.places.flat_map { |place| @places.around(place, mm).flat_map { |other| by_place.fetch(other, NONE) } } |
           (work.places.empty? ? NONE : by_place.fetch(Places::PLINTH, NONE)))
      end

      # @return [Array<Work>] those that make one of the parts that a work makes
      def of_part(work) = at(work.where.flat_map { |part| by_part.fetch(part, NONE) })

      # @return [Array<Work>] layers of the pile that a work is a layer of
      def of_pile(work) = work.stack ? by_pile.fetch(work.stack[0], NONE) : NONE

      NONE = [].freeze
      private_constant :NONE

      private

      # In the order given.
      def at(places) = places.uniq.sort.map { |place| @works[place] }

      def with_places = @with_places ||= @works.each_index.reject { |at| @works[at].places.empty? }
      def by_place = @by_place ||= indexed(&:places)
      def by_part = @by_part ||= indexed(&:where)
      def by_pile = @by_pile ||= @works.select(&:stack).group_by { |work| work.stack[0] }

      def indexed
        @works.each_with_index.with_object({}) { |(work, at), all| yield(work).each { |key| (all[key] ||= []) << at } }
      end
    end
  end
end
