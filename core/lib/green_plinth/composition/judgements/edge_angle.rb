# frozen_string_literal: true

module GreenPlinth
  module Composition
    module Judgements
      # The turn of each long axis against the nearest straight edge.
      class EdgeAngle < Judgement
        title "Angle to the edges"
        how "the least angle between a subject's long axis and the straight edge nearest to it",
          from: "geometry; 10 to 15° common practice, to 25° from memory"
        weight 40
        purposes "edged"
        SQUARE_DEG = 5
        # Livelier than square, calmer than askew: 10–15° common practice, to 25° from memory.
        LIVELY_DEG = (10..25)
        CANT_DEG = 12

        def verdict
          return if angles.empty?

          subject, least = angles.min_by(&:last)
          judged(word(least), sentence(subject, least), figure: least, unit: "°",
            marks: angles.flat_map { |one, angle| marks(one, angle) }, fixes: square.map { |one, _| canted(one) })
        end

        # @return [Array<Array(Design::Subject, Float)>] those that stand as good as square to an edge, with the angle, degrees
        def square = angles.select { |_, angle| angle < SQUARE_DEG }

        # @return [Fix]
        def canted(subject)
          put("turn #{subject.name} #{CANT_DEG}°", "#{subject.pointer}/turn_deg", (subject.turn_deg + CANT_DEG) % 360)
        end

        private

        def angles
          @angles ||= design.subjects.zip(layout.subjects)
            .filter_map { |subject, figures| figures["edge_angle_deg"]&.then { |angle| [subject, angle] } }
        end

        def word(angle) = angle < SQUARE_DEG ? "trouble" : LIVELY_DEG.cover?(angle) ? "good" : "look"

        def sentence(subject, angle)
          told = { "trouble" => "as good as square: like goods on a shelf", "good" => "lively",
                   "look" => "10–25° is lively without being askew" }
          "#{subject.name.capitalize} stands #{number(angle)}° off the nearest edge: #{told[word(angle)]}."
        end

        def marks(subject, angle)
          axis = layout.bearing.axis_deg(subject) * Math::PI / 180
          reach = longer_side * 0.14
          ends = [-reach, reach].map { |run| [subject.at_mm[0] + (Math.cos(axis) * run), subject.at_mm[1] + (Math.sin(axis) * run)] }
          [Mark.line(ends, word(angle) == "trouble" ? "trouble" : "good", "#{number(angle)}°"),
           Mark.line(layout.bearing.nearest_side(subject))]
        end
      end
    end
  end
end
