# frozen_string_literal: true

module GreenPlinth
  module Snags
    # One colour for several places, mixed and laid on different days: like parts painted apart never match.
    class OneSessionColour < Check
      code "order/one_session_colour"
      severity "advice"

      def snags
        return [] if @evaluation.infeasible

        alike.filter_map do |courses|
          days = courses.filter_map { |course| day(course) }.uniq.sort
          next if days.size < 2

          last = courses.max_by { |course| day(course) || 0 }
          names = courses.map { |course| course.host.name }.uniq
          snag(last.pointer, "#{names.join(" and ")} take the same #{last.name} on #{days.map { |at| Moment.words(at).split(",").first }.join(" and ")}: " \
                             "like parts painted apart never match. Paint them in one sitting, or keep the mix.")
        end
      end

      private

      def alike
        painted = (design.zones + design.features).flat_map(&:courses).select { |course| course["colour"] && catalogue[course.material]&.technique == "base_coat" }
        painted.group_by { |course| [course.material, course["colour"]] }.values.select { |courses| courses.size > 1 }
      end

      # @return [Integer, nil] midnight before it is painted
      def day(course)
        step = @evaluation.order.steps.find { |one| one.where.include?(course.pointer) } or return
        Moment.midnight(@evaluation.schedule.start(step.id))
      end
    end
  end
end
