# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A subject whose footprint is not wholly on the top, less its border.
    class OffPlinth < Check
      code "fit/off_plinth"
      severity "stops"
      weight 340
      # Less than this over the edge is drawing, mm².
      LEAST_MM2 = 0.5
      # Steps of the search for a place, as shares of the way to the middle.
      STEPS = 40

      def snags
        design.subjects.filter_map do |subject|
          over = Plan::Geos.area(subject.footprint_area.difference(room))
          next if over < LEAST_MM2

          place = design.plinth.border_mm.positive? ? "top inside its border" : "top"
          snag(subject.pointer,
            "#{subject.name.capitalize} stands #{number(over)} mm² off the #{place}: it will hang over the edge or foul the rim.",
            moved(subject))
        end
      end

      private

      def room
        @room ||= begin
          top = @evaluation.ground.top
          design.plinth.border_mm.positive? ? top.buffer(-design.plinth.border_mm) : top
        end
      end

      # The least move towards the middle that brings it on.
      def moved(subject)
        return if room.empty?

        middle = room.centroid
        x, y = subject.at_mm
        (1..STEPS).each do |i|
          at = [x + ((middle.x - x) * i / STEPS), y + ((middle.y - y) * i / STEPS)].map { |value| value.round(1) }
          next if Plan::Geos.area(subject.moved_to(at).footprint_area.difference(room)) > LEAST_MM2

          return put("move it #{mm(Math.hypot(at[0] - x, at[1] - y))} inward", "#{subject.pointer}/at_mm", at)
        end
        nil
      end
    end
  end
end
