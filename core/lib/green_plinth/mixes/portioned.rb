# frozen_string_literal: true

module GreenPlinth
  module Mixes
    # What a step needs, cut into batches: no more at once than can be laid before it stiffens, and never less than comes true.
    #   count: of batches; g: of each; used_g: of each, what the step needs of it; left_g: of all, what is left over
    Portioned = Struct.new(:count, :g, :used_g, :left_g) do
      # @param need_g [Float] with waste
      # @param times [Integer] how often it has to be mixed, by its pot life and how fast it is laid
      # @param least_g [Float, nil] the smallest batch that comes true
      def self.of(need_g, times, least_g)
        each = need_g / times
        return new(times, each, each, 0.0) if least_g.nil? || each >= least_g

        new(times, least_g.to_f, each, (least_g * times) - need_g)
      end

      # @return [Boolean] whether less was wanted than can be measured truly
      def too_small? = left_g.positive?
    end
  end
end
