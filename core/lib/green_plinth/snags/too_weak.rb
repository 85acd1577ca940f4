# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A joint that holds, but not what is asked of it: the contact against mass and lever, in a hand, on the way to a show, or
    # under a brush.
    class TooWeak < Check
      code "fix/too_weak"
      severity "spoils"
      weight 55

      # A knock, in times its own weight: on a shelf, in a hand at play, on the way to a show (typical, from memory).
      STANDING = 3
      PLAYED = 10
      TRAVELS = 15
      # What a stiff brush pushes sideways at the top, g (typical, from memory).
      BRUSH_G = 50

      def snags
        design.subjects.select { |subject| asked?(subject) }.filter_map { |subject| judged(subject, @evaluation.joints.of(subject)) }
      end

      private

      # What stands on too little at all is told of by itself.
      def asked?(subject)
        subject.mount.trait?("glue_alone") && subject.contact_mm2 && subject.mass_g && subject.height_mm && !ContactSmall.small?(subject)
      end

      def judged(subject, joint)
        bears = joint.strength_g_mm2 or return
        needs = needed_g_mm2(subject)
        return if needs <= bears

        snag(subject.pointer, "A knock #{asked} pulls #{number(needs)} g/mm² at the foot of #{subject.name}, and #{joint.weakest.name} " \
                              "bears about #{number(bears)} g/mm²: pin it.",
          put(subject.mount["fix"], "#{subject.pointer}/mount", subject.mount["firmer"])).drawn(Figure.measure(needs, "g/mm²", most: bears))
      end

      # Shear over the contact, and the moment at half its height over the modulus of a square of that area (beam theory).
      def needed_g_mm2(subject)
        contact, height = subject.contact_mm2.to_f, subject.height_mm.to_f
        push = subject.mass_g * knock
        moment = [push * height / 2, brushed?(subject) ? BRUSH_G * height : 0].max
        (push / contact) + (moment * 6 / (contact * Math.sqrt(contact)))
      end

      def knock
        return TRAVELS if design.limits.travels?

        design.purpose.trait?("played") ? PLAYED : STANDING
      end

      def asked = design.limits.travels? ? "on the way to a show" : (design.purpose.trait?("played") ? "at play" : "on the shelf")

      # Painted where it stands.
      def brushed?(subject) = subject.unpainted? && design.schools.side("mounting")["painted_in_place"]
    end
  end
end
