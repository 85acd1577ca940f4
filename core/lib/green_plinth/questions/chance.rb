# frozen_string_literal: true

module GreenPlinth
  module Questions
    # When a build is ready if things go as they usually vary: the same order of work, with waits and hands-on times drawn
    # from their spread, many times over. Seeded, so that the same build gives the same answer.
    class Chance
      SAMPLES = 160
      # Spread of ln time by how a material dries (typical, from memory). Thick slabs vary more than films.
      SPREAD = { "hydration" => 0.3, "reaction" => 0.12, "uv" => 0.1, "solvent" => 0.25, "oxidation" => 0.4 }.freeze
      FILM = 0.25
      SLAB = 0.35
      SLAB_EXPONENT = 1.3
      SUPERGLUE = 0.3
      # Hands-on work takes 0.6 to 1.8 of its usual time (from memory): so the spread of its logarithm.
      HANDS = 0.33
      # One step in so many has to be done again (from memory).
      REDO = 0.03

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
          told
        end
      end

      # @param answer [Answer]
      # @param steps [Array<Steps::Step>]
      # @param catalogue [Catalogue]
      # @param progress [#call, nil] told how many tries of how many are made
      def initialize(answer, steps, catalogue, finish_by: nil, seed: 1, progress: nil)
        @answer = answer
        @network = answer.network
        @materials = steps.to_h { |step| [step.id, catalogue[step.stages&.material || step.material]] }
        @history = catalogue.history
        @finish_by = finish_by
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
        waits = @network.steps.to_h { |step| [step.id, factor(own_spread(@materials[step.id]))] }
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

        minutes = step.hands_on_min * factor(HANDS) * (@random.rand < REDO ? 2 : 1)
        [minutes.round, 1].max.then { |whole| @longest ? [whole, [@longest, step.hands_on_min].max].min : whole }
      end

      # Less of what a maker has seen often.
      def own_spread(material) = material ? @history.spread(material.key, spread(material)) : 0.0

      def spread(material)
        return 0.0 unless material&.sets?
        return SUPERGLUE if material.trait?("superglue")

        SPREAD.fetch(material.mechanism) { material.exponent > SLAB_EXPONENT ? SLAB : FILM }
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
