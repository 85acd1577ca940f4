# frozen_string_literal: true

module GreenPlinth
  module Events
    # A batch of bases in the id of its step: how work is named whose batches the plan deals out anew.
    module Batch
      PATTERN = %r{\A(.+)/bases-(\d+)-(\d+)\z}

      module_function

      # @return [String] the same for all batches of one work
      def work(id) = PATTERN.match(id)&.[](1) || id

      # @return [Range, nil] bases; nil where the step is for all
      def copies(id) = PATTERN.match(id)&.then { |match| match[2].to_i..match[3].to_i }

      # @param copies [Range]
      # @param of [Integer] bases of the build
      # @return [String] id of the step
      def id(work, copies, of) = copies == (1..of) ? work : "#{work}/bases-#{copies.min}-#{copies.max}"
    end
  end
end
