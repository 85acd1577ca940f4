# frozen_string_literal: true

module GreenPlinth
  module Events
    # How far a build has come at the bench: a fold over its log.
    class Standing
      # @param log [Log]
      # @param copies [Integer] bases of the build
      def initialize(log, copies = 1)
        @copies = copies
        @works = Hash.new { |works, id| works[id] = StepStanding.new(id, copies) }
        @pinned = {}
        @air = []
        log.events.each { |event| take(event) }
      end

      # @return [Hash{String => StepStanding}] by the id of the work; what nothing happened to is not there
      attr_reader :works

      # @return [Hash{String => Integer}] minute that steps are pinned to, by their ids
      attr_reader :pinned

      # @return [Integer, nil] minute: what is not done yet begins no earlier
      def as_of = [@replanned, @latest].compact.max

      # @return [Integer, nil] minute that the maker wants the rest planned from
      attr_reader :replanned

      # @return [Array<StepStanding>] what is under hand, the longest first
      def in_hand = works.values.select(&:in_hand?).sort_by { |one| [one.begun, one.id] }

      # @return [Hash] the file's `progress`, without its events
      def progress
        rows = works.values.sort_by(&:id)
        { "as_of" => as_of && Moment.format(as_of), "done" => rows.flat_map(&:done_rows), "begun" => rows.filter_map(&:begun_row),
          "pinned" => pinned.sort.map { |id, minute| { "step" => id, "at" => Moment.format(minute) } }, "air" => air_rows }
          .reject { |_, value| value.nil? || value == [] }
      end

      private

      def take(event)
        @latest = [@latest, event.minute].compact.max if Event::AT_THE_BENCH.include?(event.kind) && !event.marked?
        case event.kind
        when "pinned" then pin(event)
        when "measured" then @air << event if MEMBERS.key?(event.data["what"])
        when "replanned" then @replanned = event.data["from"] && Moment.parse(event.data["from"])
        when "redone" then off(event).each { |id| work(id).undone(event, copies_of(id, event.copies)) }
        when *Event::AT_THE_BENCH then event.step && work(event.step).take(event, copies_of(event.step, event.copies))
        end
      end

      MEMBERS = { "temperature" => "temperature_c", "humidity" => "humidity_pct" }.freeze
      private_constant :MEMBERS

      # Read within the same minute, both are one row.
      def air_rows
        @air.group_by(&:minute).sort.map do |minute, events|
          events.to_h { |event| [MEMBERS[event.data["what"]], event.data["value"]] }.merge("at" => Moment.format(minute))
        end
      end

      def pin(event)
        to = event.data["to"]
        to ? @pinned[event.step] = Moment.parse(to) : @pinned.delete(event.step)
      end

      def off(event) = [event.step, *event.data["off"]].compact.uniq
      def work(id) = @works[Batch.work(id)]

      # @return [Array<Integer>] bases that are meant
      def copies_of(id, copies) = (copies || Batch.copies(id)&.to_a || (1..@copies).to_a).select { |copy| copy.between?(1, @copies) }
    end
  end
end
