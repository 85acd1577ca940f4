# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A silhouette that reaches past the plinth: in a rank it fouls the neighbour, in a box it breaks.
    class Overhang < Check
      code "fit/overhang"
      severity "advice"
      weight 400
      LEAST_MM = 0.5

      def snags
        design.subjects.select(&:silhouette).filter_map do |subject|
          reach = @evaluation.layout.overhang(subject.shadow)
          next if reach < LEAST_MM

          past = "#{subject.name.capitalize} reaches #{mm(reach)} past the plinth"
          snag("#{subject.pointer}/silhouette", "#{past}: it catches on its neighbour, the case or a sleeve.", turned(subject, reach),
            severity: design.purpose.trait?("played") ? "spoils" : "advice").drawn(Figure.measure(reach, "mm", most: 0))
        end
      end

      private

      # The turn, in steps of 15°, that reaches out least.
      def turned(subject, reach)
        best = (1..23).map { |i| (subject.turn_deg + (i * 15)) % 360 }.min_by { |turn| reach_at(subject, turn) }
        return if reach_at(subject, best) > reach - LEAST_MM

        put("turn it to #{number(best)}°, #{mm(reach_at(subject, best))} past", "#{subject.pointer}/turn_deg", best)
      end

      def reach_at(subject, turn) = @evaluation.layout.overhang(subject.turned_to(turn).shadow)
    end
  end
end
