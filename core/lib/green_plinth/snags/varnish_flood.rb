# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Alcohol over a varnish, which it hazes.
    class VarnishFlood < Check
      code "compat/varnish_flood"
      severity "spoils"
      weight 555

      def snags
        design.zones.flat_map { |zone| zone.courses.each_with_index.filter_map { |course, at| judged(zone, course, at) } }
      end

      private

      def judged(zone, course, at)
        return unless technique_of(course)&.phase == :varnish

        flood = zone.courses[(at + 1)..].find { |later| floods?(later) } or return
        last = "#{zone.pointer}/courses/#{zone.courses.size - 1}"
        snag(course.pointer, "#{flood.name.capitalize} goes over #{course.name} on #{zone.name}, and alcohol hazes it white.",
          Fix.new("varnish last", [{ "op" => "move", "from" => course.pointer, "path" => last }]),
          take_out("leave the varnish out", course.pointer)).drawn(over_another(zone.courses, at, zone.courses.index(flood)))
      end

      def floods?(course) = course.material&.trait?("mist") || technique_of(course)&.trait?("alcohol") || false
    end
  end
end
