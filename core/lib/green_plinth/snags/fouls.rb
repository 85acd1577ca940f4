# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A lance, a wing or a tail that runs into what stands beside it, though the feet have room.
    class Fouls < Check
      code "fit/fouls"
      severity "spoils"
      # What makers leave between silhouettes (from memory), mm.
      WANTED_MM = 1.0
      TURN_DEG = 15

      def snags
        design.subjects.combination(2).filter_map do |one, other|
          next unless one.silhouette || other.silhouette
          next unless shadow(one).distance(shadow(other)).zero? && Plan::Geos.area(shadow(one).intersection(shadow(other))) > 0.5
          next if feet(one).distance(feet(other)).zero?

          mover = other.silhouette ? other : one
          snag(mover.pointer, "#{one.name.capitalize} and #{other.name} run into each other above the ground: the feet have room, what reaches out has not.",
            turned(mover, mover == one ? other : one))
        end
      end

      private

      def shadow(subject) = Composition::Standing.silhouette(subject)
      def feet(subject) = Composition::Standing.footprint(subject)

      def turned(mover, other)
        turn = (1..12).flat_map { |i| [i * TURN_DEG, -i * TURN_DEG] }.find do |by|
          Plan::Outline.polygon(mover.silhouette || mover.footprint, at: mover.at_mm,
            turn: (mover.turn_deg + by) % 360).distance(shadow(other)) >= WANTED_MM
        end
        turn && put("turn #{mover.name} by #{turn}°", "#{mover.pointer}/turn_deg", (mover.turn_deg + turn) % 360)
      end
    end
  end
end
