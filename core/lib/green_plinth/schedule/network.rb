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

      # @return [Array<Array>] for the step at each place, what it waits for: [place, at_least_min, at_most_min or nil]
      def waits
        @waits ||= steps.map { |step| step.after.map { |link| [places[link.step], link.at_least_min, link.at_most_min] } }
      end

      # @return [Array<Array<Integer>>] for the step at each place, the places of what waits for it, once per wait
      def followers
        @followers ||= waits.each_with_index.with_object(Array.new(steps.size) { [] }) do |(before, at), all|
          before.each { |first, _, _| all[first] << at }
        end
      end

      # @return [Array<Array(Integer, Integer)>] the sittings; one without end where the bench is always open
      def open = @open ||= sittings || [[start, Network::FOREVER]]
      def open_ends = @open_ends ||= open.map(&:last)
      def open_lengths = @open_lengths ||= open.map { |from, to| to - from }.freeze

      # @return [Array<Node>] each after all it waits for; raises Infeasible naming the shortest circle
      def sorted
        @sorted ||= begin
          left = waits.map(&:size)
          ready = left.each_index.select { |at| left[at].zero? }
          out = []
          while (at = ready.shift)
            out << steps[at]
            followers[at].each { |later| ready << later if (left[later] -= 1).zero? }
          end
          out.size == steps.size ? out : raise(circle(left.each_index.select { |place| left[place].positive? }.map { |place| steps[place].id }))
        end
      end

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
          links = steps.flat_map { |step| step.after.map { |link| [link.step, Link.new(step.id, link.at_least_min, link.at_most_min)] } }
          after = links.group_by(&:first).transform_values { |pairs| pairs.map(&:last) }
          steps.map do |step|
            Node.new(id: step.id, hands_on_min: step.hands_on_min, tail_min: 0, after: after[step.id] || [],
              at: step.at && -(step.at + step.hands_on_min), stay_min: step.lead_min, lead_min: step.stay_min)
          end
        end
      end

      def circle(ids)
        names = Circle.new(by_id, ids).shortest
        Infeasible.new("These steps wait for each other in a circle: #{[*names, names.first].join(" → ")}.", steps: names)
      end
    end

    # The end of a bench that is always open, minutes.
    Network::FOREVER = 1 << 50
  end
end
