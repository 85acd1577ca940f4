# frozen_string_literal: true

module GreenPlinth
  module Composition
    module Judgements
      # Whether what is looked at first stands where two third lines cross; in a photo set, on a third of the picture.
      class Thirds < Judgement
        title "Thirds"
        how "the distance from the principal to the nearest crossing of third lines; in a photo set to the nearest third of the picture",
          from: "common practice"
        weight 30
        purposes "edged"
        # This share of the longer side still reads as on the crossing (from memory).
        NEAR = 0.08

        def verdict
          return judged("unknown", "Say which subject is looked at first.", unit: "mm") unless focal

          design.purpose.trait?("pictured") ? in_picture : on_plan
        end

        private

        def on_plan
          distance = Math.hypot(nearest[0] - focal.at_mm[0], nearest[1] - focal.at_mm[1])
          near = distance <= NEAR * longer_side
          advice = ": nearer to it, the eye finds room to wander" unless near
          judged(near ? "good" : "look",
            "#{focal.name.capitalize} stands #{mm(distance)} from the nearest crossing of the third lines#{advice}.",
            figure: distance, unit: "mm", marks: lines + reach(distance))
        end

        def nearest = @nearest ||= xs.product(ys).min_by { |x, y| Math.hypot(focal.at_mm[0] - x, focal.at_mm[1] - y) }
        def xs = thirds(box[0], box[2])
        def ys = thirds(box[1], box[3])
        def thirds(low, high) = [low + ((high - low) / 3), low + (2 * (high - low) / 3)]

        def lines
          xs.map { |x| Mark.line([[x, box[1]], [x, box[3]]]) } + ys.map { |y| Mark.line([[box[0], y], [box[2], y]]) }
        end

        def reach(distance) = [Mark.line([focal.at_mm, nearest], distance <= NEAR * longer_side ? "good" : "trouble", mm(distance))]

        # Across the picture that the eye sees of the whole base.
        def in_picture
          left, right = Plan::Geos.rings(@evaluation.ground.foot).flatten(1).map { |x, y| eye.picture(x, y, 0)[0] }.minmax
          at = eye.picture(*focal.at_mm, 0)[0]
          third = thirds(left, right).min_by { |line| (line - at).abs }
          near = (third - at).abs <= NEAR * (right - left)
          across = 100 * (at - left) / (right - left)
          judged(near ? "good" : "look",
            "In the picture #{focal.name} stands #{number(across)} % of the way across, #{mm((third - at).abs)} from a third.",
            figure: (third - at).abs, unit: "mm", marks: thirds(left, right).map { |line| picture_line(line) })
        end

        # A line of the picture, as it runs away from the eye over the base.
        def picture_line(across)
          far = box.map(&:abs).max * 1.5
          foot = [eye.right[0] * across, eye.right[1] * across]
          line = Plan::Geos.line([-far, far].map { |run| [foot[0] + (eye.toward[0] * run), foot[1] + (eye.toward[1] * run)] })
          cut = line.intersection(@evaluation.ground.foot)
          Mark.line(cut.respond_to?(:points) && !cut.empty? ? Plan::Geos.coordinates(cut) : [foot, foot])
        end
      end
    end
  end
end
