# frozen_string_literal: true

module GreenPlinth
  module Rules
    # `later` may begin at_least_min (and, if given, at most at_most_min) after `first` is finished, because of a rule.
    Constraint = Struct.new(:first, :later, :at_least_min, :at_most_min, :code, :strength, :why, keyword_init: true) do
      def reason = { "code" => code, "strength" => strength.to_s, "why" => why }
    end
  end
end
