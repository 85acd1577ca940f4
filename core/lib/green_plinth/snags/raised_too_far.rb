# frozen_string_literal: true

module GreenPlinth
  module Snags
    # A gaming figure raised more than the maker's own limit.
    class RaisedTooFar < Check
      code "fit/raised"
      severity "spoils"
      weight 420
      # The thinnest sheet worth laying, mm.
      THINNEST_MM = 0.5

      def snags
        limit = design.limits.raise_mm or return []
        design.subjects.filter_map do |subject|
          raised = @evaluation.solids.foot(subject)
          next if raised <= limit + 0.05

          over = "#{mm(raised - limit)} more than your limit of #{mm(limit)}"
          snag(subject.pointer, "#{subject.name.capitalize} stands #{mm(raised)} above the top, #{over}.", lowered(subject, raised - limit))
        end
      end

      private

      # The topmost sheets under it, thinner.
      def lowered(subject, excess)
        foot = Plan::Geos.point(subject.at_mm)
        form = design.forms.reverse.find { |other| other.lift? && other.area.contains?(foot) } or return
        thin = ((form.thickness_mm - excess) / form.sheets).floor(2)
        put("make #{form.name} #{form.sheets} × #{mm(thin)}", "#{form.pointer}/sheet_mm", thin) if thin >= THINNEST_MM
      end
    end
  end
end
