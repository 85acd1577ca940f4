# frozen_string_literal: true

module GreenPlinth
  module Questions
    # A design as far as it has come by a moment, further bodies and all: what is not begun by then is left out.
    class SoFar
      # @param design [Design]
      # @param timeline [Timeline]
      def initialize(design, timeline)
        @design = design
        @file = design.to_h
        @timeline = timeline
      end

      # @param moment [Integer] minutes
      # @return [Hash] a plinth file
      def file(moment)
        bodies = @design.bodies.map { |body| body.data.merge(of(body, moment).members) }
        # Groups, wishes and marks name parts that may not be there yet.
        @file.except("order", "progress", "groups").merge(base(moment).members, bodies.any? ? { "bodies" => bodies } : {}, rim(moment))
      end

      # @param moment [Integer] minutes
      # @param body [Design::Body, nil] nil: of the base that the file describes
      # @return [Hash{String => String}] pointers of the whole base, by those of the base so far
      def pointers(moment, body = nil) = (body ? of(body, moment) : base(moment)).pointers

      # @param body [Design::Body]
      # @param moment [Integer] minutes
      # @return [Boolean] whether it has come to its place by then; what stands by itself has always
      def placed?(body, moment) = (@timeline.spans[body.pointer]&.begun || moment) <= moment

      private

      def base(moment) = BaseSoFar.new(@file, "", @timeline.spans, moment)
      def of(body, moment) = BaseSoFar.new(body.data, body.pointer, @timeline.spans, moment)

      # A rim that is painted at the end is bare until then.
      def rim(moment)
        technique = @design.schools.side("rim")["technique"]
        return {} if technique.nil? || @timeline.begun_by?(technique, moment)

        bare = @design.kinds["schools"]["rim"]["sides"].find { |_, side| side["technique"].nil? }&.first
        { "schools" => (@file["schools"] || {}).merge("rim" => bare) }
      end
    end
  end
end
