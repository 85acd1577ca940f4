# frozen_string_literal: true

module GreenPlinth
  module Snags
    # One matt coat over something that shines: it dries patchy, and the shine comes through in the hollows.
    class MattOverGloss < Check
      code "compat/matt_over_gloss"
      severity "advice"
      weight 556

      def snags
        design.zones.flat_map { |zone| zone.courses.each_cons(2).filter_map { |gloss, matt| judged(gloss, matt) } }
      end

      private

      def judged(gloss, matt)
        return unless gloss.material&.trait?("gloss") && matt.material&.trait?("matt") && matt.coats == 1

        snag(matt.pointer, "One coat of #{matt.name} over #{gloss.name} on #{matt.host.name} stays patchy: try it on a spot that will " \
                           "be hidden, and expect two.", put("lay two coats", "#{matt.pointer}/coats", 2))
          .drawn(over_another(matt.host.courses, *[gloss, matt].map { |course| matt.host.courses.index(course) }))
      end
    end
  end
end
