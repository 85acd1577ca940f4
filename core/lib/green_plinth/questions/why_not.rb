# frozen_string_literal: true

module GreenPlinth
  module Questions
    # Why one step cannot be done before another: the shortest chain of reasons that leads the other way.
    class WhyNot
      # One reason on the way: `first` comes before `later` because of `why`.
      Reason = Struct.new(:first, :later, :why, :strength, :code, keyword_init: true) do
        def to_h = { "first" => first, "later" => later, "why" => why, "strength" => strength.to_s, "code" => code }
      end

      # @param steps [Array<Steps::Step>]
      def initialize(steps)
        @titles = steps.to_h { |step| [step.id, step.title] }
        @graph = Graph.new(steps.map(&:id))
        steps.each { |step| step.after.each { |wait| @graph.add(wait.first, step.id, wait.between(wait.first, step.id)) } }
      end

      # @param first [String] id of the step wished first
      # @param later [String] id of the step wished after it
      # @return [Array<Reason>] from `later` to `first`; empty where nothing stands against it
      def chain(first, later)
        (@graph.path(later, first) || []).map do |wait|
          Reason.new(first: @titles[wait.first], later: @titles[wait.later], why: wait.why, strength: wait.strength, code: wait.code)
        end
      end
    end
  end
end
