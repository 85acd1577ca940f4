# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Waves that are not those of the sea state that the maker has named, at the scale.
    class WavesTooHigh < Check
      code "scale/waves"
      severity "advice"
      weight 470
      # Off by less than this share of a bound nobody sees it (from memory).
      ALLOWED = 0.1

      def snags = design.waters.filter_map { |water| judged(water, @evaluation.spots.sea(water)) }

      private

      def judged(water, sea)
        return unless water.wave_height_mm && sea.state

        low, high = sea.range_mm
        return if water.wave_height_mm >= low * (1 - ALLOWED) && (high.nil? || water.wave_height_mm <= high * (1 + ALLOWED))

        real = sea.state_of_height
        message = "Waves of #{mm(water.wave_height_mm)} stand for #{format("%.2g", sea.height_m)} m, which is sea state #{words(real)}, " \
                  "not #{words(sea.state)}: #{range_words(low, high)} at this scale."
        snag("#{water.pointer}/waves", message, Fix.new("call it sea state #{real["state"]}", [named(water, real)]),
          Fix.new("let the waves be as high as the sea state has them", [as_the_state(water)]))
          .drawn(Figure.measure(water.wave_height_mm, "mm", least: low, most: high))
      end

      def words(state) = "#{state["state"]} (#{state["name"]})"
      def named(water, state) = { "op" => "replace", "path" => "#{water.pointer}/sea_state", "value" => state["state"] }
      def as_the_state(water) = { "op" => "remove", "path" => "#{water.pointer}/waves/height_mm" }

      def range_words(low, high) = high ? "#{mm(low)} to #{mm(high)}" : "over #{mm(low)}"
    end
  end
end
