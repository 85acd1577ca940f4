# frozen_string_literal: true

module GreenPlinth
  module Mixes
    # A batch as it stands in the cup: what was poured of each part so far, against what it should be. Where too much of one was
    # poured, the others must become more; what is in the cup is never taken out again.
    class Poured
      # A part is right within so much of its amount (common practice), or within what the scales can tell, g.
      TOLERANCE = 0.03
      SCALES_G = 0.05
      # More than twice what was wanted is not worth saving: a new cup is (common practice).
      MOST_GROWN = 2.0

      # One part: wanted, poured and what it must become now, g; state: to_pour, right, over or short.
      Weighed = Struct.new(:wanted_g, :poured_g, :becomes_g, :tolerance_g, :state, keyword_init: true) do
        def to_h = super.transform_keys(&:to_s).transform_values { |value| value.is_a?(Float) ? value.round(3) : value }
      end

      # @param card [MixCard] as it was wanted
      # @param poured_g [Array<Float, nil>] of each part; nil: not yet
      # @param settled [Array<Integer>] indices of parts that cannot be topped up: there is no more of them
      def initialize(card, poured_g, settled: [])
        @card = card
        @poured = poured_g
        @settled = settled
      end

      # @return [Float] g of the whole that it has to become: as wanted, or as much as the part that was poured over asks for
      def whole_g
        shares = @card.formula.parts.map(&:mass)
        asked = @poured.each_with_index.filter_map { |g, part| g / shares[part] if g && over?(part) }
        [@card.g, *asked].max
      end

      # @return [Boolean] whether it can come right still: by pouring more, of a batch not more than twice as large, of parts that
      #   there is more of
      def saved? = whole_g <= @card.g * MOST_GROWN && short.none? { |part| @settled.include?(part) }

      # @return [Array<Weighed>]
      def parts
        becomes = MixCard.new(@card.formula, whole_g).amounts.map(&:g)
        @card.amounts.each_with_index.map do |amount, part|
          Weighed.new(wanted_g: amount.g, poured_g: @poured[part], becomes_g: becomes[part], tolerance_g: tolerance(becomes[part]),
            state: state(part, becomes[part]))
        end
      end

      def to_h
        { "g" => whole_g.round(3), "grown" => whole_g > @card.g * (1 + 1e-9), "saved" => saved?, "parts" => parts.map(&:to_h) }
      end

      private

      def over?(part) = @poured[part] > @card.amounts[part].g + tolerance(@card.amounts[part].g)
      def short = parts.each_index.select { |part| parts[part].state == "short" }
      def tolerance(g) = [g * TOLERANCE, SCALES_G].max

      def state(part, becomes)
        g = @poured[part] or return "to_pour"
        return "over" if g > becomes + tolerance(becomes)

        g < becomes - tolerance(becomes) ? "short" : "right"
      end
    end
  end
end
