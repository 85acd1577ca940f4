# frozen_string_literal: true

module GreenPlinth
  module Composition
    module Judgements
      # Whether what is looked at first stands in the very middle.
      class DeadCentre < Judgement
        title "Off the middle"
        how "the distance from the principal's place to the middle of the box that the base fills",
          from: "geometry; how near is the middle from memory"
        weight 50
        purposes "shown"
        # Within this share of the shorter side the eye reads the middle (from memory).
        MIDDLE = 0.06

        def verdict
          return unless focal

          distance = Math.hypot(focal.at_mm[0] - middle[0], focal.at_mm[1] - middle[1])
          centred = distance < MIDDLE * [box[2] - box[0], box[3] - box[1]].min
          fine = !centred || may_be_centred?
          judged(fine ? "good" : "look", sentence(distance, centred), figure: distance, unit: "mm", marks: marks(distance, fine))
        end

        private

        def middle = [(box[0] + box[2]) / 2, (box[1] + box[3]) / 2]

        # A single figure on a plinth may stand there where its lines rise to it (from memory).
        def may_be_centred? = design.purpose.trait?("centred")

        def sentence(distance, centred)
          return "#{focal.name.capitalize} stands #{mm(distance)} from the middle." unless centred
          return "#{focal.name.capitalize} stands in the middle, as a figure on a plinth may: let the lines rise to it." if may_be_centred?

          "#{focal.name.capitalize} stands #{mm(distance)} from dead centre: the scene holds still around it."
        end

        def marks(distance, fine)
          x, y = middle
          arm = longer_side * 0.04
          [Mark.line([[x - arm, y], [x + arm, y]]), Mark.line([[x, y - arm], [x, y + arm]]),
            Mark.line([[x, y], focal.at_mm], fine ? "good" : "trouble", mm(distance))]
        end
      end
    end
  end
end
