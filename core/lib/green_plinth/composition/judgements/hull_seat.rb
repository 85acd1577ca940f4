# frozen_string_literal: true

module GreenPlinth
  module Composition
    module Judgements
      # A hull in its water: how much of it lies below, the water that it takes the place of, and whether it sits as deep as it should.
      class HullSeat < Judgement
        title "Hull in its water"
        how "the volume under the waterline: waterplanes by Simpson's rule",
          from: "Archimedes; Simpson's rule"
        weight 86

        def verdict
          return if hulls.empty?

          judged(hulls.all? { |hull, below| sits?(hull, below) } ? "good" : "trouble", hulls.map { |pair| sentence(*pair) }.join(" "),
            figure: hulls.first.last.displaced_ml, unit: "ml displaced")
        end

        private

        def hulls
          @hulls ||= design.subjects.select(&:set_in_water?).map { |hull| [hull, Seas::Immersed.new(hull)] }
            .select { |_, below| below.draught_mm.positive? }
        end

        # Off by less than this nobody sees it.
        def sits?(hull, below) = high(hull, below) <= Seas::Immersed::ALLOWED_MM
        def high(hull, below) = below.held_up_mm(@evaluation.terrain, @evaluation.solids.foot(hull))

        def sentence(hull, below)
          most = below.known? ? "" : ", if it is as wide at its keel as at its waterline: less, the finer it is"
          seat = sits?(hull, below) ? "It sits on its waterline." : "It rides #{mm(high(hull, below))} too high for its opening."
          "#{hull.name.capitalize} lies #{mm(below.draught_mm)} deep and takes the place of #{format("%.1f", below.displaced_ml)} ml of " \
            "water#{most}. #{seat}"
        end
      end
    end
  end
end
