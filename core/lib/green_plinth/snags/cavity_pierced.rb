# frozen_string_literal: true

module GreenPlinth
  module Snags
    # What holds somebody goes through the roof of a room in the base.
    class CavityPierced < Check
      code "fit/cavity_pierced"
      severity "spoils"
      weight 450
      # A pin or a magnet goes so deep where nobody says (from memory), mm.
      USUAL_PIN_MM = 5.0

      def snags
        design.forms.select(&:cavity?).flat_map do |cavity|
          pinned.select { |subject| subject.footprint_area.intersects?(cavity.area) }.filter_map { |subject| pierced(cavity, subject) }
        end
      end

      private

      def pinned = design.standing.select { |subject| subject.mount.trait?("goes_down") }

      def pierced(cavity, subject)
        ground = terrain.height_at(*subject.middle) or return
        roof = ground - cavity.crown_height_mm
        pin = (subject.data.dig("fixing", "pin_mm") || USUAL_PIN_MM).to_f
        return unless roof < pin

        left = roof.positive? ? "whose roof is #{mm(roof)} thick there" : "which has no roof there"
        snag(subject.pointer, "#{subject.name.capitalize} is #{subject.mount.name} over #{cavity.name}, #{left}: what holds it goes " \
                              "#{mm(pin)} down, and through.",
          put("glue it", "#{subject.pointer}/mount", design.kinds.usual("mounts").key), *lower(cavity, ground - pin))
          .drawn(Figure.measure([roof, 0].max, "mm", least: pin))
      end

      # Lower is no room, mm.
      LEAST_MM = 2.0
      private_constant :LEAST_MM

      def lower(cavity, crown)
        clear = (crown - cavity.invert_mm).floor(1)
        clear >= LEAST_MM ? [put("make #{cavity.name} #{mm(clear)} high", "#{cavity.pointer}/clear_mm", clear)] : []
      end
    end
  end
end
