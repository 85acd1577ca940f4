# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Stone that ends darker or colder than stone looks in daylight.
    class TooDark < Check
      code "colour/too_dark"
      severity "advice"
      weight 216

      # Lightness and blueness that daylight on stone does not go below, L* and b* (from memory).
      LEAST_L = 35.0
      LEAST_B = -6.0
      # What the fix brushes over it: so much lighter and warmer than the tone as it is.
      LIGHTER = 1.5
      WARMER = 12
      # No channel of it ends darker than this, of 255.
      LEAST_GREY = 96

      def snags
        design.zones.select { |zone| zone.ground.trait?("stone") }.filter_map do |zone|
          # Only what the maker has chosen: a usual colour is nobody's mistake.
          next unless zone.courses.any?(&:colour)

          tone = Colour::Tone.of_zone(zone)
          seen = Colour::Lab.of(tone)
          fault = seen.l < LEAST_L ? ["dark", "L* #{number(seen.l)}"] : (["cold", "b* #{number(seen.b)}"] if seen.b < LEAST_B)
          next unless fault

          told = "The stone of #{zone.name} ends too #{fault.first} for daylight (#{fault.last})"
          warm = warmed(tone)
          snag(zone.pointer, "#{told}: a warm dry-brush lifts it.", lifted(zone, warm))
            .drawn(Figure.tones([[zone.name, tone]], [["brushed over", warm]]))
        end
      end

      private

      def warmed(tone)
        red, green, blue = Colour::Tone.shaded(tone, LIGHTER).delete_prefix("#").scan(/../).map(&:hex)
        format("#%02x%02x%02x", *[[red, LEAST_GREY].max + WARMER, [green, LEAST_GREY].max + (WARMER / 2),
          blue.clamp(LEAST_GREY - WARMER, [red, LEAST_GREY].max)].map { |one| one.clamp(0, 255) })
      end

      def lifted(zone, warm)
        coat = { "material" => design.kinds.work("lights", "material"), "technique" => design.kinds.work("lights"), "colour" => warm }
        Fix.new("dry-brush it lighter and warmer", [{ "op" => "add", "path" => "#{zone.pointer}/courses/-", "value" => coat }])
      end
    end
  end
end
