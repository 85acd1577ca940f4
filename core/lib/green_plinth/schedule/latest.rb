# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # The latest start of each step that lets everything be ready by a moment, as if each had the bench to itself: backward
    # through the waits, the sittings and the windows.
    class Latest
      # Rounds in which windows push each other, before what they have come to is taken.
      ROUNDS = 20

      # @param network [Network]
      # @param by [Integer] minute
      def initialize(network, by)
        @network = network
        @by = by
        @free = FreeTime.new(network, 1)
      end

      # @return [Hash{String => Integer}, nil] by step; nil where some step has no room left
      def call
        latest = @network.steps.to_h { |step| [step.id, @network.earlier(@by, step.tail_min) - step.hands_on_min] }
        windows = @network.steps.any? { |step| step.after.any?(&:at_most_min) }
        ROUNDS.times do
          before = latest.dup
          push(latest) if windows
          backward(latest) or return
          break if !windows || latest == before
        end
        latest
      end

      private

      # A step may not begin so late that its first is out of its window.
      def push(latest)
        @network.sorted.each do |step|
          step.after.each do |wait|
            next unless wait.at_most_min

            most = @network.later(latest[wait.first] + @network.by_id[wait.first].hands_on_min, wait.at_most_min)
            latest[step.id] = most if most < latest[step.id]
          end
        end
      end

      def backward(latest)
        @network.sorted.reverse_each do |step|
          start = fitted(step, latest[step.id]) or return
          latest[step.id] = start
          step.after.each do |wait|
            most = @network.earlier(start, wait.at_least_min) - @network.by_id[wait.first].hands_on_min
            latest[wait.first] = most if most < latest[wait.first]
          end
        end
      end

      def fitted(step, start)
        return (step.at if step.at <= start) if step.at

        @free.latest_alone(start + step.hands_on_min, step.hands_on_min, step.lead_min || 0, step.stay_min || 0)
      end
    end
  end
end
