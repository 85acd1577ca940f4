# frozen_string_literal: true

module GreenPlinth
  module Snags
    # One colour for several places, mixed and laid on different days: like parts painted apart never match.
    class OneSessionColour < Check
      code "order/one_session_colour"
      severity "advice"
      weight 360

      def snags
        return [] if @evaluation.infeasible

        alike.filter_map do |courses|
          days = courses.filter_map { |course| day(course) }.uniq.sort
          next if days.size < 2

          last = courses.max_by { |course| day(course) || 0 }
          names = courses.map { |course| course.host.name }.uniq.join(" and ")
          dates = days.map { |at| Moment.words(at).split(",").first }.join(" and ")
          snag(last.pointer, "#{names} take the same #{last.name} on #{dates}: like parts painted apart never match. " \
                             "Paint them in one sitting, or keep the mix.")
        end
      end

      private

      def alike
        painted = design.courses.select { |course| course.colour && covers?(course.material) }
        painted.group_by { |course| [course.material_key, course.colour] }.values.select { |courses| courses.size > 1 }
      end

      def covers?(material) = catalogue.technique(material&.technique)&.trait?("covers")

      # @return [Integer, nil] midnight before it is painted
      def day(course)
        step = @evaluation.steps.find { |one| one.where.include?(course.pointer) } or return
        Moment.midnight(@evaluation.schedule.start(step.id))
      end
    end
  end
end
