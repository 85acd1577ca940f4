# frozen_string_literal: true

module GreenPlinth
  module Steps
    # Why one step cannot be done before another: the shortest chain of reasons that leads the other way.
    class WhyNot
      # One reason on the way: `first` comes before `later` because of `why`.
      Reason = Struct.new(:first, :later, :why, :strength, :code, keyword_init: true) do
        def to_h = { "first" => first, "later" => later, "why" => why, "strength" => strength.to_s, "code" => code }
      end

      # @param steps [Array<Step>]
      def initialize(steps)
        @steps = steps.to_h { |step| [step.id, step] }
      end

      # @param first [String] id of the step wished first
      # @param later [String] id of the step wished after it
      # @return [Array<Reason>] from `later` to `first`; empty where nothing stands against it
      def chain(first, later)
        waiting = [[first, []]]
        seen = { first => true }
        while (id, so_far = waiting.shift)
          return so_far if id == later

          @steps[id].after.each do |after|
            next if seen[after.step]

            seen[after.step] = true
            reason = Reason.new(first: @steps[after.step].title, later: @steps[id].title, why: after.why, strength: after.strength, code: after.code)
            waiting << [after.step, [reason, *so_far]]
          end
        end
        []
      end
    end
  end
end
