# frozen_string_literal: true

module GreenPlinth
  module Composition
    module Judgements
      # Roads, walls, ditches and the like that point at what is looked at first.
      class LeadingLines < Judgement
        title "Leading lines"
        how "how many of the lines drawn here, carried on straight from an end, pass by the principal",
          from: "geometry; how near is near from memory"
        weight 80
        purposes "shown"
        # A line that passes within this share of the longer side still leads there (from memory).
        NEAR = 0.08

        def verdict
          return if focal.nil? || lines.empty?

          leading = lines.select { |line| leads?(line) }
          judged(leading.empty? ? "look" : "good", sentence(leading.size), figure: leading.size.to_f, unit: "of #{lines.size}",
            marks: marks(leading))
        end

        private

        # Everything drawn along a line.
        def lines
          @lines ||= (design.features + design.forms + design.zones + design.waters).filter_map do |part|
            Plan::Outline.line(part.outline) if part.strip?
          end
        end

        # One of its ends, carried on straight, passes by the subject.
        def leads?(line) = ends(line).any? { |before, last| carried(before, last).distance(Plan::Geos.point(focal.at_mm)) <= reach }

        def ends(line) = [[line[-2], line[-1]], [line[1], line[0]]]
        def reach = [NEAR * longer_side, Math.sqrt(focal.footprint_area.area / Math::PI)].max

        def carried(before, last)
          long = Math.hypot(last[0] - before[0], last[1] - before[1])
          run = longer_side / [long, 1e-6].max
          Plan::Geos.line([before, [last[0] + ((last[0] - before[0]) * run), last[1] + ((last[1] - before[1]) * run)]])
        end

        def sentence(count)
          return "None of the #{lines.size} lines on the base leads to #{focal.name}: turn the end of one towards it." if count.zero?

          "#{count} of #{lines.size} lines lead#{count == 1 ? "s" : ""} the eye to #{focal.name}."
        end

        def marks(leading)
          lines.flat_map do |line|
            next [Mark.line(line)] unless leading.include?(line)

            _, last = ends(line).min_by { |before, tip| carried(before, tip).distance(Plan::Geos.point(focal.at_mm)) }
            [Mark.line(line, "good"), Mark.line([last, focal.at_mm], "good")]
          end
        end
      end
    end
  end
end
