# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # Steps to be placed: minutes since the epoch of Moment; sittings nil: the bench is always open.
    #   clock: of a place where it is put forward and back; nil: what passes is what the clock says.
    #   known: starts of a plan that is known to be good, by step; nil: none is.
    Network = Struct.new(:start, :sittings, :hands, :steps, :known, :clock, keyword_init: true) do
      # @return [Integer] what the clock shows when so much has passed
      def later(minute, wait) = clock ? clock.later(minute, wait) : minute + wait

      # @return [Integer] what it showed so long before
      def earlier(minute, wait) = clock ? clock.earlier(minute, wait) : minute - wait

      # @param starts [Hash{String => Integer}]
      # @return [Integer] when the last is ready
      def ready(starts) = steps.map { |step| later(starts[step.id] + step.hands_on_min, step.tail_min) }.max || start

      # @return [Hash{String => Node}]
      def by_id = @by_id ||= steps.to_h { |step| [step.id, step] }

      # @return [Hash{String => Integer}] place of each step among the steps
      def places = @places ||= steps.each_with_index.to_h { |step, at| [step.id, at] }

      # @return [Array<Array<Wait>>] for the step at each place, what it waits for, by place
      def waits
        @waits ||= steps.each_with_index.map { |step, place| step.after.map { |wait| wait.between(places[wait.first], place) } }
      end

      # @return [Array<Array<Integer>>] for the step at each place, the places of what waits for it, once per wait
      def followers = graph.followers

      # @return [Array<Array(Integer, Integer)>] the sittings; one without end where the bench is always open
      def open = @open ||= sittings || [[start, Network::FOREVER]]
      def open_ends = @open_ends ||= open.map(&:last)
      def open_lengths = @open_lengths ||= open.map { |from, to| to - from }.freeze

      # @return [Array<Node>] each after all it waits for; raises Infeasible naming the shortest circle
      def sorted = @sorted ||= graph.order&.map { |id| by_id[id] } || raise(circle)

      # The same network run backwards from a moment: time turned round, what followed goes first, tails left out.
      # @param by [Integer] minutes
      # @return [Network]
      def mirrored(by)
        turned = sittings&.take_while { |from, _| from < by }&.map { |from, to| [-[to, by].min, -from] }&.reverse
        Network.new(start: -by, sittings: turned, hands: hands, steps: mirrored_steps, clock: clock&.turned)
      end

      private

      # The same for every moment that time is turned round at.
      def mirrored_steps
        @mirrored_steps ||= begin
          after = Hash.new { |all, id| all[id] = [] }
          steps.each { |step| step.after.each { |wait| after[wait.first] << wait.between(step.id, wait.first) } }
          steps.map do |step|
            Node.new(id: step.id, hands_on_min: step.hands_on_min, tail_min: 0, after: after[step.id],
              at: step.at && -(step.at + step.hands_on_min), stay_min: step.lead_min, lead_min: step.stay_min)
          end
        end
      end

      def graph
        @graph ||= Graph.new(steps.map(&:id)).tap do |graph|
          steps.each { |step| step.after.each { |wait| graph.add(wait.first, step.id) } }
        end
      end

      def circle
        names = graph.shortest_circle
        Infeasible.new("These steps wait for each other in a circle: #{[*names, names.first].join(" → ")}.", steps: names)
      end
    end

    # The end of a bench that is always open, minutes.
    Network::FOREVER = 1 << 50
  end
end
