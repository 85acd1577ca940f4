# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Texture with gaps through which bare foam or board is seen.
    class BareShowing < Check
      code "colour/bare_showing"
      severity "spoils"
      weight 205

      # So much and it is closed, percent.
      CLOSED_PCT = 95

      def snags = design.zones.filter_map { |zone| judged(zone) if zone.courses.any? }

      private

      # Closed by any one course that hides what is beneath; a coat of colour does.
      def judged(zone)
        laid = zone.courses.reject { |course| course.material.nil? || course.material.trait?("clear") }
        return if laid.empty? || laid.any? { |course| course.cover_pct >= CLOSED_PCT } || laid.none? { |course|
 course.material.trait?("body") }

        most = laid.max_by(&:cover_pct)
        snag(zone.pointer, "Nothing on #{zone.name} covers all of it, #{most.name} the most with #{number(most.cover_pct)} %: bare " \
                           "#{beneath(zone)} shows.", put("close it with #{most.name}", "#{most.pointer}/cover_pct", 100))
          .drawn(Figure.measure(most.cover_pct, "%", least: CLOSED_PCT))
      end

      def beneath(zone)
        area = @evaluation.ground.area(design.zones.index(zone))
        form = design.forms.reverse.find { |other| !other.cut? && other.area.intersects?(area) }
        form ? form.material_name : design.plinth.material_name
      end
    end
  end
end
