# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Wild ground closed with fibres of one length: it reads as mown.
    class Lawn < Check
      code "composition/lawn"
      severity "advice"
      WILD = %w[turf meadow peat earth mud].freeze
      # Above this no soil shows (from memory), percent; what the fix leaves.
      CLOSED_PCT = 90
      OPEN_PCT = 75

      def snags
        design.zones.filter_map do |zone|
          fibres = zone.courses.select { |course| course.material == "static_grass" }
          next unless WILD.include?(zone.ground) && fibres.any? && zone["represents"] != "lawn" && fibres.map { |course|
 course["length_mm"] }.uniq.size == 1
          next if fibres.none? { |course| (course["cover_pct"] || 100) >= CLOSED_PCT } || mixed?(zone)

          snag(fibres.first.pointer, "#{zone.name.capitalize} is closed with fibres of one length: from arm's length it reads as a mown lawn.",
            put("cover #{OPEN_PCT} %, so that soil shows", "#{fibres.first.pointer}/cover_pct", OPEN_PCT))
        end
      end

      private

      def mixed?(zone) = zone.courses.any? { |course| course.material != "static_grass" && catalogue[course.material]&.family == "greenery" }
    end
  end
end
