# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Growth of one tone over so much ground that it reads as a sheet of felt.
    class OneTone < Check
      code "colour/one_tone"
      severity "advice"
      weight 215

      # Closed for the eye from here on, percent; and so large that it is looked at, mm² (from memory).
      CLOSED_PCT = 60
      LEAST_MM2 = 1500
      # What the fix lays over it: so much of it, so much lighter.
      OVER_PCT = 30
      LIGHTER = 1.15

      def snags
        return [] unless design.purpose.trait?("shown")

        design.zones.each_with_index.filter_map { |zone, index| judged(zone) if Plan::Geos.area(@evaluation.ground.area(index)) >= LEAST_MM2 }
      end

      private

      # One growth alone, that nothing is painted, sprayed or strewn over.
      def judged(zone)
        grown = zone.courses.select { |course| course.material&.trait?("grows") && !single?(course) }
        return unless grown.one? && grown.first.cover_pct >= CLOSED_PCT && zone.courses.last == grown.first && zone.ground.trait?("wild")

        course = grown.first
        snag(course.pointer, "#{zone.name.capitalize} is covered with #{course.name} of one tone: no growth is. Mix in a second.",
          second(course)).drawn(figure(course.name, tone_of(course), lighter(course)))
      end

      # Set one by one, they leave the ground open between them.
      def single?(course) = course.count || course.material["per_dm2"]

      def figure(name, tone, lighter) = Figure.tones([[name, tone]], [[name, tone], ["a second", lighter]])
      def tone_of(course) = course.colour || course.material.colour
      def lighter(course) = Colour::Tone.shaded(tone_of(course), LIGHTER)

      def second(course)
        Fix.new("lay a lighter tone over #{OVER_PCT} % of it", [{ "op" => "add", "path" => "#{course.host.pointer}/courses/-",
          "value" => course.data.except("id", "count").merge("cover_pct" => OVER_PCT, "colour" => lighter(course)) }])
      end
    end
  end
end
