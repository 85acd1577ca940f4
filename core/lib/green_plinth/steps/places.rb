# frozen_string_literal: true

module GreenPlinth
  module Steps
    # Which areas of the plan meet: rules bind work only where it meets, or lies near. What has no area of its own meets only
    # itself; the plinth meets everything.
    class Places
      PLINTH = "/plinth"
      # Areas that share less than this are neighbours, mm².
      TOUCH_MM2 = 1.0

      # @param areas [Hash{String => RGeo geometry}] by pointer
      # @param survey [Plan::Survey]
      def initialize(areas, survey)
        @areas = areas.reject { |_, area| area.empty? }
        @survey = survey
        @around = {}
        @shared = {}
      end

      # @param mm [Float]
      # @return [Set<String>] of the areas that meet one, itself included, or lie no farther from it than that; all but the
      #   plinth, which is met in any case
      def around(pointer, mm = 0.0) = @around[[pointer, mm]] ||= found_around(pointer, mm).to_set

      # @return [Boolean] whether two works meet anywhere, or lie no farther apart than so many mm
      def meet?(a, b, mm = 0.0)
        a.places.any? { |one| b.places.any? { |other| one == PLINTH || other == PLINTH || around(one, mm).include?(other) } }
      end

      # @param works [Array<Work>]
      # @return [Among] to find those of them that lie near another
      def among(works) = Among.new(works, self)

      # @return [Float] mm² that two works share, of those that have areas of their own
      def shared_mm2(a, b)
        a.places.product(b.places).filter_map { |pair| @shared[pair] ||= shared(*pair) if pair.all? { |one| @areas.key?(one) } }.max || 0
      end

      # @param later [Places] of the same design, or one that came of it
      # @return [Boolean] whether it would have answered all that was asked here in the same way
      def answered_alike?(later)
        moved = later.moved_from(@areas)
        @around.all? { |(pointer, mm), found| later.around_alike?(pointer, mm, found, moved) } &&
          @shared.all? { |pair, found| later.shared(*pair) == found }
      end

      protected

      # @return [Array<String>] pointers of the areas that are not the same
      def moved_from(areas) = (areas.keys | @areas.keys).reject { |pointer| areas[pointer].equal?(@areas[pointer]) } - [PLINTH]

      # Round what has not moved itself only what has moved can be another.
      def around_alike?(pointer, mm, found, moved)
        return around(pointer, mm) == found if moved.include?(pointer)

        moved.all? { |other| found.include?(other) == beside?(pointer, other, mm) }
      end

      def shared(one, other)
        return 0 unless @areas.key?(one) && @areas.key?(other)

        one == other ? Plan::Geos.area(@areas[one]) : @survey.shared_mm2(@areas[one], @areas[other])
      end

      private

      def found_around(pointer, mm)
        area = @areas[pointer] or return [pointer]

        boxes.near(@survey.box(area), mm).select { |other| other.equal?(area) || close?(area, other, mm) }
          .flat_map { |other| pointers[other] }.push(pointer)
      end

      def beside?(pointer, other, mm)
        one, other = @areas.values_at(pointer, other)
        return false unless one && other

        x0, y0, x1, y1 = @survey.box(one)
        Plan::Geos.boxes_meet?([x0 - mm, y0 - mm, x1 + mm, y1 + mm], @survey.box(other)) && close?(one, other, mm)
      end

      def close?(one, other, mm)
        @survey.shared_mm2(one, other) > TOUCH_MM2 || (mm.positive? && @survey.distance_mm(one, other) <= mm)
      end

      # Parts with the same outline may share one area.
      def pointers
        @pointers ||= {}.compare_by_identity.tap { |all| @areas.except(PLINTH).each { |pointer, area| (all[area] ||= []) << pointer } }
      end

      def boxes = @boxes ||= Plan::Boxes.new(@areas.except(PLINTH).values.uniq(&:object_id), @survey)
    end
  end
end
