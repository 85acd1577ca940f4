# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A floating top heavier than its driver lifts.
    class FloatLoad < Check
      code "balance/float_load"
      severity "stops"
      weight 160
      # Kept in hand below the leaflet's payload (typical, from memory).
      SPARE = 0.25

      def snags
        limit = design.limits.float_load_g
        load = @evaluation.floating.load_g
        return [] unless design.purpose.trait?("floats") && limit && load

        return [snag_of("stops", "It weighs #{number(load)} g, the driver lifts #{number(limit)} g: it will not float.")] if load > limit
        return [] unless load > limit * (1 - SPARE)

        spare = "keep #{(SPARE * 100).round} % in hand"
        [snag_of("advice", "It weighs #{number(load)} g of the #{number(limit)} g the driver lifts: #{spare}.")]
      end

      private

      def snag_of(severity, message)
        snag("/limits/float_load_g", message, severity: severity)
          .drawn(Figure.measure(@evaluation.floating.load_g, "g", most: design.limits.float_load_g))
      end
    end
  end
end
