# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A coat that a later one covers wholly: work that nobody sees.
    class HiddenCoat < Check
      code "order/hidden_coat"
      severity "advice"
      weight 365

      def snags
        design.zones.flat_map { |zone| zone.courses.each_cons(2).filter_map { |coat, over| judged(coat, over) } }
      end

      private

      # One colour straight over another, closed and by brush: what is mottled, washed or brushed dry lets it through.
      def judged(coat, over)
        return unless colours?(coat) && closed?(over) && [coat.material_key, coat.colour] != [over.material_key, over.colour]

        snag(coat.pointer, "#{coat.name.capitalize} on #{coat.host.name} is wholly covered by #{over.name}: nobody will see it.",
          take_out("leave it out", coat.pointer), put("let #{over.name} cover 60 %", "#{over.pointer}/cover_pct", 60))
          .drawn(over_another(coat.host.courses, *[coat, over].map { |course| coat.host.courses.index(course) }))
      end

      # Primer is there to be covered.
      def colours?(course)
        technique = technique_of(course)
        technique&.trait?("colour") && technique.phase != :prime && !course.material.trait?("clear")
      end

      def closed?(course) = course.cover_pct >= 100 && course.rig.nil? && technique_of(course)&.trait?("covers")
    end
  end
end
