# frozen_string_literal: true

module GreenPlinth
  module Snags
    # More glue at grain than its pores hold: it pools, and leaves flat shiny patches.
    class BinderPools < Check
      code "fix/binder_pools"
      severity "advice"
      weight 466

      # Of loose grain so much is air (common practice); a little more than that goes into what lies beneath (from memory).
      PORES = 0.45
      SLACK = 1.5
      ML_PER_DM2_MM = 10

      def snags = design.zones.flat_map { |zone| zone.courses.each_with_index.filter_map { |course, at| judged(zone, course, at) } }

      private

      # One coat is brushed out thin, whatever is laid on it.
      def judged(zone, grain, at)
        return unless grain.material&.trait?("granular") && grain.cover_pct >= 100

        glues = glue_about(zone.courses, at)
        ml, room = glues.sum { |glue| ml_per_dm2(glue) }, pores_ml(grain)
        return if glues.sum(&:coats) < 2 || ml <= SLACK * room

        snag(glues.last.pointer, "#{number(ml)} ml/dm² of #{glues.last.name} at #{grain.name} on #{zone.name}, whose pores hold " \
                                 "#{number(room)} ml/dm²: it pools.", less(glues))
      end

      # Laid straight before and after it.
      def glue_about(courses, at)
        glue = ->(course) { course.material&.trait?("holds") }
        courses[0...at].reverse.take_while(&glue).reverse + courses[(at + 1)..].take_while(&glue)
      end

      def less(glues)
        return put("brush on one coat", "#{glues.first.pointer}/coats", 1) if glues.one?

        take_out("leave one out", glues.first.pointer)
      end

      def ml_per_dm2(glue) = Quantities::Dose.new(catalogue).course(glue, Quantities::Dose::MM2_PER_DM2).first.amount
      def pores_ml(grain) = PORES * Relief::CourseThickness.mm(grain) * ML_PER_DM2_MM
    end
  end
end
