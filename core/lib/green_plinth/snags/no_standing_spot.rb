# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Ground too uneven for the foot plate that shall stand there.
    class NoStandingSpot < Check
      code "fit/no_standing_spot"
      severity "spoils"
      weight 320
      # A vehicle's wheels and tracks give more than a glued foot plate (from memory).
      SPRUNG = 2.0

      def snags
        design.standing.filter_map do |subject|
          uneven = @evaluation.footing.uneven_mm(subject)
          next if uneven.nil? || uneven <= allowed(subject)

          differs = "Under #{subject.name} the ground differs by #{mm(uneven)}"
          snag(subject.pointer, "#{differs}: there is no level spot to stand on, and one hacked in later shows.", moved(subject))
        end
      end

      private

      def allowed(subject) = Composition::Footing::LEVEL_MM * (subject.kind.trait?("sprung") ? SPRUNG : 1)

      def moved(subject)
        at = @evaluation.footing.level_spot(subject) or return
        put("move it #{mm(Math.hypot(at[0] - subject.at_mm[0], at[1] - subject.at_mm[1]))} to level ground", "#{subject.pointer}/at_mm", at)
      end
    end
  end
end
