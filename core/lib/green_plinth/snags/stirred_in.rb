# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Paint stirred into a texture that primer covers.
    class StirredIn < Check
      code "colour/stirred_in"
      severity "advice"
      weight 225

      def snags
        design.zones.flat_map { |zone| zone.courses.each_cons(2).filter_map { |texture, coat| judged(texture, coat) } }
      end

      private

      def judged(texture, coat)
        parts = texture.material&.[]("parts") or return
        body = parts.max_by { |part| catalogue[part["material"]]&.trait?("body") ? part["share"] : 0 }["material"]
        return unless parts.any? { |part| catalogue[part["material"]]&.trait?("tints") } && primes?(coat)

        snag(texture.pointer, "The colour stirred into #{texture.name} on #{texture.host.name} is lost: #{coat.name} goes over it.",
          (put("use plain #{catalogue.name(body)}", "#{texture.pointer}/material", body) if catalogue[body]&.trait?("body")),
          take_out("leave the primer out", coat.pointer))
          .drawn(over_another(texture.host.courses, *[texture, coat].map { |course| texture.host.courses.index(course) }))
      end

      def primes?(course) = technique_of(course)&.phase == :prime
    end
  end
end
