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

      def snags
        design.subjects.select { |subject| subject.mount.trait?("glue_alone") && subject.contact_mm2 }.filter_map do |subject|
          contact = subject.contact_mm2
          load = subject.mass_g && (subject.mass_g.to_f / contact * 100)
          snag_of(subject, contact, load) if contact < LEAST_MM2 || (load && load > MOST_G)
        end
      end

      private

      def snag_of(subject, contact, load)
        weight = ", #{number(load)} g on each 100 mm²" if load
        snag(subject.pointer,
          "#{subject.name.capitalize} touches the ground on #{number(contact)} mm²#{weight}: glue alone lets go at the first knock.",
          put(subject.mount["fix"], "#{subject.pointer}/mount", subject.mount["firmer"]))
      end
    end
  end
end
