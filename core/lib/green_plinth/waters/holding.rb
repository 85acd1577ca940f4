# frozen_string_literal: true

module GreenPlinth
  module Waters
    # The highest level at which a water stays where it is drawn and on the plinth.
    module Holding
      # Found to this, mm: what a maker can pour to.
      STEP_MM = 0.1

      module_function

      # @return [Float, nil] mm; nil where no level below its own holds
      def level(pool, terrain, lip_mm)
        flood = Flood.new(FallingGround.under(pool.water, terrain), lip_mm, pool.water)
        bed = pool.level - pool.max_depth_mm
        # Many a creek runs off at any level: then there is nothing to search for.
        return unless flood.stays?(bed + STEP_MM)

        held = (1..(pool.max_depth_mm / STEP_MM).floor).to_a.reverse.bsearch { |steps| flood.stays?(bed + (steps * STEP_MM)) }
        held && (bed + (held * STEP_MM)).floor(1)
      end
    end
  end
end
