# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Too little under a subject for glue alone.
    class ContactSmall < Check
      code "fix/contact_small"
      severity "spoils"
      # Typical limits for glue alone (from memory): contact, and grams per 100 mm² of it.
      LEAST_MM2 = 20
      MOST_G = 30

      def snags
        design.subjects.select { |subject| (subject.mount || "glued") == "glued" && subject["contact_mm2"] }.filter_map do |subject|
          contact = subject["contact_mm2"]
          load = subject["mass_g"] && (subject["mass_g"] / contact * 100)
          next unless contact < LEAST_MM2 || (load && load > MOST_G)

          snag(subject.pointer, "#{subject.name.capitalize} touches the ground on #{number(contact)} mm²#{load && ", #{number(load)} g on each 100 mm²"}: glue alone lets go at the first knock.",
            put("pin it", "#{subject.pointer}/mount", "pinned"))
        end
      end
    end
  end
end
