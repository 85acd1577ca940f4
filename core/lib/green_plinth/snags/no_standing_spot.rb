# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Ground too uneven for the foot plate that shall stand there.
    class NoStandingSpot < Check
      code "fit/no_standing_spot"
      severity "spoils"
      weight 320

      def snags
        room = @evaluation.standing_room
        room.uneven.map do |subject, uneven|
          snag(subject.pointer, "Under #{subject.name} the ground differs by #{mm(uneven)}: there is no level spot to stand on, and one " \
                                "hacked in later shows.", room.levelled(subject))
        end
      end
    end
  end
end
