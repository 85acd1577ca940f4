# frozen_string_literal: true

module GreenPlinth
  module Drying
    # One thing that makes drying longer (over 1) or shorter than at the reference state.
    Factor = Struct.new(:name, :value, :why, :source) do
      def to_h = { "name" => name, "value" => value.round(3), "why" => why, "source" => source }
    end
  end
end
