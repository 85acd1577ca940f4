# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Courses laid in an order that a rule of the trade warns of: kept as laid, and told under the rule's own code.
    class CourseOrder < Check
      code "order/course_order"
      severity "advice"
      weight 60
      COURSE = %r{\A/zones/\d+/courses/\d+\z}

      def snags
        conflicts = @evaluation.order.conflicts.select do |conflict|
          conflict.path.any? && conflict.path.all? { |one| one.code == Rules::LaidOn.code }
        end
        conflicts.map { |conflict| snag_of(conflict.wait) }.uniq { |snag| [snag.code, snag.where] }
      end

      private

      def snag_of(broken)
        severity = broken.strength == :must ? "spoils" : "advice"
        Snag.new(code: broken.code, severity: severity, where: broken.first.where.first, fixes: [moved(broken)].compact,
          message: "#{broken.later.title} comes before #{inside(broken.first.title)} in your courses: #{broken.why}.")
      end

      # A title within a sentence.
      def inside(title) = title[0].downcase + title[1..]

      # The course that should come first, laid where the other lies now.
      def moved(broken)
        pointers = [broken.first, broken.later].map { |work| work.where.first }
        return unless broken.first.stack&.first == broken.later.stack&.first && pointers.all?(COURSE)

        Fix.new("lay it earlier", [{ "op" => "move", "from" => pointers.first, "path" => pointers.last }])
      end
    end
  end
end
