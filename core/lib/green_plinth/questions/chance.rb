# frozen_string_literal: true

module GreenPlinth
  module Questions
    # When a build is ready if things go as they usually vary: the same order of work, with waits and hands-on times drawn
    # from their spread, many times over. Seeded, so that the same build gives the same answer.
    class Chance
      SAMPLES = 160
      # Hands-on work takes 0.6 to 1.8 of its usual time (from memory): so the spread of its logarithm.
      HANDS = 0.33

      # What came of the tries: `dates` in minutes, ascending, of those that came through; `samples`, how many were made.
      # In the others a window closed before the next step could be begun.
      Odds = Struct.new(:dates, :samples, :finish_by) do
        # @param share [Float] 0..1
        # @return [Integer, nil] minutes: ready by then in this share of all tries; nil where fewer come through
        def by(share) = dates[[(samples * share).ceil - 1, 0].max]

        # @return [Float, nil] percent of tries that are ready in time; nil without a date
        def in_time_pct = finish_by && (100.0 * dates.count { |date| date <= finish_by } / samples)

        def to_h
          told = { "samples" => samples, "failed" => samples - dates.size, "in_time_pct" => in_time_pct&.round(1) }
          { "ready_50" => 0.5, "ready_80" => 0.8, "ready_95" => 0.95 }
            .each { |key, share| told[key] = by(share)&.then { |at| Moment.format(at) } }
          told.merge("how" => how.to_h)
        end

        private

        def how
          Reckoning.new(key: "order/odds", name: "ready in four tries of five", value: by(0.8)&.then { |at| Moment.format(at) },
            unit: "moment", source: "spreads of the catalogue, or those that your own daybook has shown; hands from memory",
            formula: "the date by which so many tries are ready: in each, every drying is drawn from its spread (log-normal) and work " \
                     "takes 0.6 to 1.8 of its usual time; the same order is laid out anew in your sittings", inputs: tries)
        end

        def tries
          ends = [["the soonest", dates.first], ["the latest", dates.last]]
          [Reckoning::Input.new("tries", samples, nil), Reckoning::Input.new("a window closed in", samples - dates.size, nil),
            *ends.map { |name, at| Reckoning::Input.new(name, at && Moment.format(at), "moment") }]
        end
      end

      # @param answer [Answer]
      # @param steps [Array<Steps::Step>]
      # @param catalogue [Catalogue]
      # @param dry [Enumerable<String>] ids of steps that were seen to be dry: nothing is uncertain of their waits any more
      # @param progress [#call, nil] told how many tries of how many are made
      def initialize(answer, steps, catalogue, finish_by: nil, seed: 1, dry: [], progress: nil)
        @answer = answer
        @network = answer.network
        @materials = steps.to_h { |step| [step.id, catalogue[step.stages&.material || step.material]] }
        @history, @pace, @risks = catalogue.history, catalogue.pace, catalogue.risks
        @techniques = steps.to_h { |step| [step.id, step.technique] }
        @finish_by = finish_by
        @dry = dry.to_set
        @random = Random.new(seed)
        @progress = progress
        @longest = @network.sittings&.map { |from, to| to - from }&.max
      end

      # @return [Odds]
      def call
        return Odds.new([@answer.ready_at], 1, @finish_by) if @network.steps.empty?

        dates = Array.new(SAMPLES) { |number| tried.tap { @progress&.call(number + 1, SAMPLES) } }
        Odds.new(dates.compact.sort, SAMPLES, @finish_by)
      end

      private

      # The same hands, the same order: who came first still does.
      # @return [Integer, nil] minutes; nil where a window could not be kept
      def tried
        network = varied
        urgency = @answer.starts.transform_values { |start| -start }
        starts = Schedule::Placement.new(network, network.steps.to_h { |step| [step.id, network.start] }, urgency).call
        network.ready(starts)
      rescue Infeasible
        nil
      end

      def varied
        waits = @network.steps.to_h { |step| [step.id, @dry.include?(step.id) ? 1.0 : factor(@history.spread_of(@materials[step.id]))] }
        steps = @network.steps.map do |step|
          Schedule::Node.new(id: step.id, hands_on_min: hands(step), tail_min: (step.tail_min * waits[step.id]).round,
            after: step.after.map { |wait| stretched(wait, waits[wait.first]) }, not_before: step.not_before, at: step.at,
            stay_min: step.stay_min)
        end
        Schedule::Network.new(start: @network.start, sittings: @network.sittings, hands: @network.hands, steps: steps,
          clock: @network.clock)
      end

      def stretched(wait, factor)
        least = (wait.at_least_min * factor).round
        wait.lasting(least, wait.at_most_min && [wait.at_most_min, least].max)
      end

      # A sitting is as long as it is: work that grows past it is taken to just fill it.
      def hands(step)
        return 0 if step.hands_on_min.zero?

        technique = @techniques[step.id]
        again = @random.rand < @risks.share(technique) ? 2 : 1
        minutes = step.hands_on_min * factor(@pace.spread(technique, HANDS)) * again
        [minutes.round, 1].max.then { |whole| @longest ? [whole, [@longest, step.hands_on_min].max].min : whole }
      end

      # Log-normal about 1, by Box and Muller.
      def factor(sigma)
        return 1.0 if sigma.zero?

        normal = Math.sqrt(-2 * Math.log(1 - @random.rand)) * Math.cos(2 * Math::PI * @random.rand)
        Math.exp(sigma * normal)
      end
    end
  end
end
