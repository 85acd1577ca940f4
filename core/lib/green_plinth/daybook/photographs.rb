# frozen_string_literal: true

module GreenPlinth
  module Daybook
    # What photographs of a build are for: laid under its plan, or kept for a fact that they show and pinned to a part.
    class Photographs
      # Lies under the plan: its middle at at_mm, so many mm to its pixel, turned by so much. event: the one that says so.
      Underlay = Struct.new(:picture, :mm_per_px, :at_mm, :turn_deg, :event, keyword_init: true) do
        def to_h = super.transform_keys(&:to_s)
      end
      # Kept for a fact. part: its pointer as the file is now, nil where it is of the whole or its part is gone; name: of the part.
      Reference = Struct.new(:picture, :fact, :text, :part, :name, :at, :event, keyword_init: true) do
        def to_h = super.transform_keys(&:to_s)
      end

      # @param log [Events::Log]
      # @param design [Design]
      def initialize(log, design)
        @events = log.events.select { |event| event.kind == "pictured" }
        @design = design
      end

      # @return [Array<Underlay>] those that are shown: of each picture as it was laid last
      def underlays
        last = @events.select { |event| event.data["underlay"] }.to_h { |event| [event.data["picture"], event] }.values
        last.reject { |event| event.data["underlay"]["shown"] == false }.map do |event|
          laid = event.data["underlay"]
          Underlay.new(picture: event.data["picture"], mm_per_px: laid["mm_per_px"], at_mm: laid["at_mm"],
            turn_deg: laid["turn_deg"] || 0, event: event.id)
        end
      end

      # @return [Array<Reference>] the oldest first
      def references
        @events.select { |event| event.data["fact"] }.map do |event|
          part = part_of(event)
          Reference.new(picture: event.data["picture"], fact: event.data["fact"], text: event.data["text"], part: part&.pointer,
            name: part&.name, at: Moment.format(event.minute), event: event.id)
        end
      end

      # @param count [Integer]
      # @return [Array<Integer>] numbers of so many at most that show how the base came to be: evenly through the work, the first and the
      #   last of them always; not those that are kept for a fact or lie under the plan
      def of_the_work(count)
        numbers = @events.reject { |event| event.data["fact"] || event.data["underlay"] }.map { |event| event.data["picture"] }.uniq
        return numbers.last(count) if numbers.size <= count || count < 2

        (0...count).map { |index| numbers[((numbers.size - 1) * index / (count - 1.0)).round] }
      end

      # @return [Hash] JSON-ready
      def to_h = { "underlays" => underlays.map(&:to_h), "references" => references.map(&:to_h) }

      # How a photograph lies under the plan by two points on it.
      # @param from_px [Array(Float, Float)]
      # @param to_px [Array(Float, Float)]
      # @param distance_mm [Float] between the two on the base
      # @param size_px [Array(Integer, Integer)] of the photograph
      # @return [Hash] an event's underlay, its middle on the middle of the plan; raises InvalidFile
      def self.laid(from_px, to_px, distance_mm, size_px)
        problems = { "/from_px" => from_px, "/to_px" => to_px }.reject { |_, at| at.zip(size_px).all? { |value, most| value <= most } }
          .map { |pointer, _| Problem.new(pointer, "lies outside the photograph of #{size_px.join(" × ")} px") }
        apart = Math.hypot(to_px[0] - from_px[0], to_px[1] - from_px[1])
        problems << Problem.new("/to_px", "must lie apart from the first point") if apart < LEAST_PX
        raise InvalidFile, problems unless problems.empty?

        { "mm_per_px" => (distance_mm / apart).round(6), "at_mm" => [0, 0], "turn_deg" => 0, "shown" => true }
      end

      # Nearer together two points say nothing of a distance.
      LEAST_PX = 4
      private_constant :LEAST_PX

      private

      # By the name that it had when it was pinned; where it has none by its place in the file.
      def part_of(event)
        name = event.of&.fetch("part", nil)
        @design.placed.find { |part| name ? part.id == name : part.pointer == event.data["part"] }
      end
    end
  end
end
