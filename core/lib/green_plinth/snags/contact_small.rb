# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Too little under a subject for glue alone.
    class ContactSmall < Check
      code "fix/contact_small"
      severity "spoils"
      weight 50
      # Typical limits for glue alone (from memory): contact, and grams per 100 mm² of it.
      LEAST_MM2 = 20
      MOST_G = 30

      # @return [Float, nil] g on each 100 mm² of contact
      def self.load(subject) = subject.mass_g && (subject.mass_g.to_f / subject.contact_mm2 * 100)

      # @param subject [Design::Subject] whose contact is known
      def self.small?(subject) = subject.contact_mm2 < LEAST_MM2 || (load(subject) || 0) > MOST_G

      def snags
        glued = design.subjects.select { |subject| subject.mount.trait?("glue_alone") && subject.contact_mm2 }
        small = glued.select { |subject| self.class.small?(subject) }
        small.map { |subject| snag_of(subject, subject.contact_mm2, self.class.load(subject)) }
      end

      private

      def snag_of(subject, contact, load)
        weight = ", #{number(load)} g on each 100 mm²" if load
        snag(subject.pointer,
          "#{subject.name.capitalize} touches the ground on #{number(contact)} mm²#{weight}: glue alone lets go at the first knock.",
          put(subject.mount["fix"], "#{subject.pointer}/mount", subject.mount["firmer"]))
          .drawn(Figure.measure(contact, "mm²", least: [LEAST_MM2, subject.mass_g.to_f / MOST_G * 100].max))
      end
    end
  end
end
