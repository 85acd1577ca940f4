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
          snag(subject.pointer, "#{differs}: there is no level spot to stand on, and one hacked in later shows.",
            move(subject, @evaluation.footing.level_spot(subject), "to level ground"))
        end
      end

      private

      def allowed(subject) = Composition::Footing::LEVEL_MM * (subject.kind.trait?("sprung") ? SPRUNG : 1)
    end
  end
end
