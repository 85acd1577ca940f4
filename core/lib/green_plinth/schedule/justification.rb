# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # A schedule pulled tight: everything as late as its ready date lets it, then everything as early as that order lets it
    # (double justification: Valls, Ballestín and Quintanilla, "Justification and RCPSP", 2005). Never later than before.
    class Justification
      PASSES = 2

      # @return [Integer] steps laid in all
      attr_reader :laid

      # @param network [Network]
      # @param heads [Hash{String => Integer}]
      def initialize(network, heads)
        @network = network
        @heads = heads
        @laid = 0
      end

      # @param starts [Hash{String => Integer}]
      # @return [Hash{String => Integer}] starts that are ready no later
      def call(starts)
        PASSES.times do
          late = backward(starts, @network.ready(starts)) or return starts
          early = place(@network, @heads, late.transform_values(&:-@)) or return starts
          return starts unless @network.ready(early) < @network.ready(starts)

          starts = early
        end
        starts
      end

      # @param by [Integer] minute by which all is to be ready
      # @return [Hash{String => Integer}, nil] starts as late as that allows, in the order given; nil where they would begin too early
      def backward(starts, by)
        latest = Latest.new(@network, by).call or return
        heads = @network.steps.to_h { |step| [step.id, -(latest[step.id] + step.hands_on_min)] }
        urgency = @network.steps.to_h { |step| [step.id, starts[step.id] + step.hands_on_min] }
        turned = place(@network.mirrored(by), heads, urgency) or return
        @network.steps.to_h { |step| [step.id, -(turned[step.id] + step.hands_on_min)] }
      end

      private

      def place(network, heads, urgency)
        placement = Placement.new(network, heads, urgency)
        placement.call
      rescue Infeasible
        nil
      ensure
        @laid += placement.laid if placement
      end
    end
  end
end
