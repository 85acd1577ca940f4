# frozen_string_literal: true

module GreenPlinth
  module Snags
    # More between driver and magnet than the driver works through; asked, where nobody said how much lies there and it matters.
    class FloatGap < Check
      code "balance/float_gap"
      severity "stops"
      weight 150
      COVER = "/limits/float_cover_mm"
      # All of the plinth, or none of it: where something hovers over the base, and where the base floats itself.
      WORDS = { true => ["the whole plinth lies over the driver", "the plinth is open over the driver"],
                false => ["the magnet lies on the plinth", "the magnet is let in from below"] }.freeze

      def snags
        limit = design.limits.float_gap_mm
        return [] unless design.purpose.trait?("floats") && limit

        floating = @evaluation.floating
        gap = floating.gap_mm
        return floating.gap_most_mm > limit ? [asked(floating, limit)] : [] unless gap

        gap > limit ? [told(floating, limit)] : []
      end

      private

      def told(floating, limit)
        room = limit - (floating.hovering.any? ? floating.ground_mm : 0)
        snag(COVER, "#{mm(floating.gap_mm)} lie between driver and magnet, the driver works through #{mm(limit)} in all.",
          (put("leave #{mm(room)} beside the ground", COVER, room.round(2)) if room >= 0.5))
          .drawn(Figure.measure(floating.gap_mm, "mm", most: limit))
      end

      def asked(floating, limit)
        most = "Plinth and ground are #{mm(floating.gap_most_mm)} thick at the axis, the driver works through #{mm(limit)}"
        over, under = WORDS[floating.hovering.any?]
        snag(COVER, "#{most}. How much of it lies between driver and magnet?", put(under, COVER, 0),
          put(over, COVER, design.plinth.thickness_mm), severity: "advice")
      end
    end
  end
end
