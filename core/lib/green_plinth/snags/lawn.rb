# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Wild ground closed with fibres of one length: it reads as mown.
    class Lawn < Check
      code "composition/lawn"
      severity "advice"
      weight 240
      # Above this no soil shows (from memory), percent; what the fix leaves.
      CLOSED_PCT = 90
      OPEN_PCT = 75

      def snags
        design.zones.select { |zone| wild?(zone) && of_one_length?(fibres(zone)) && !mixed?(zone) }.filter_map { |zone| judged(zone) }
      end

      private

      def wild?(zone) = zone.ground.trait?("wild") && !real_thing(zone.represents)&.mown?
      def fibres(zone) = zone.courses.select { |course| course.material&.trait?("fibres") }
      def of_one_length?(fibres) = fibres.map(&:length_mm).uniq.size == 1

      # Other greenery among the fibres breaks them up.
      def mixed?(zone) = (zone.courses - fibres(zone)).any? { |course| course.material&.trait?("grows") }

      def judged(zone)
        return if fibres(zone).none? { |course| course.cover_pct >= CLOSED_PCT }

        first = fibres(zone).first
        snag(first.pointer, "#{zone.name.capitalize} is closed with fibres of one length: from arm's length it reads as a mown lawn.",
          put("cover #{OPEN_PCT} %, so that soil shows", "#{first.pointer}/cover_pct", OPEN_PCT))
      end
    end
  end
end
