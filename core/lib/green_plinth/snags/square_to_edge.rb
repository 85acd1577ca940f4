# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A subject parallel to the plinth's edge looks like goods on a shelf.
    class SquareToEdge < Check
      code "composition/square_to_edge"
      severity "advice"
      weight 490
      # Nearer to the edge's own line than this reads as parallel (from memory).
      SQUARE_DEG = 5
      # What makers cant by: 10–15° (common practice).
      LIVELY_DEG = 12

      def snags
        return [] unless design.purpose.trait?("staged")

        design.subjects.zip(@evaluation.layout.subjects).filter_map do |subject, figures|
          angle = figures["edge_angle_deg"]
          next if angle.nil? || angle >= SQUARE_DEG

          snag(subject.pointer,
            "#{subject.name.capitalize} stands #{number(angle)}° off the edge, as good as square to it: it reads like a shop display.",
            put("turn it #{LIVELY_DEG}°", "#{subject.pointer}/turn_deg", (subject.turn_deg + LIVELY_DEG) % 360))
        end
      end
    end
  end
end
