# frozen_string_literal: true

module GreenPlinth
  module Steps
    # The order of work of a build of several bodies: each is made by itself, all on the same evenings, and what is joined is joined when
    # its body is done. Has what an OrderOfWork has.
    class OrderWithBodies
      CODE = "order/body_done_first"
      WHY = "what is joined is hard to reach"

      attr_reader :works, :waits, :conflicts, :missing

      # @param order [OrderOfWork] of the body that the file describes, with the works that join the others to it
      # @param bodies [Array<Array(Design::Body, OrderOfWork)>]
      def initialize(order, bodies)
        @order = order
        @works = order.works.dup
        @waits = order.waits.dup
        @conflicts = order.conflicts.dup
        @missing = (order.missing + bodies.flat_map { |_, own| own.missing }).uniq
        bodies.each { |body, own| take(body, own) }
      end

      # @return [Array] what makes it what it is
      def fields
        [@works.map(&:fields), @waits.map { |wait| [wait.first.id, wait.later.id, *wait.to_a.drop(2)] }, @missing]
      end

      private

      def take(body, own)
        made = {}.compare_by_identity
        own.works.each { |work| made[work] = renamed(work, body) }
        between = ->(wait) { wait.between(made[wait.first], made[wait.later]) }
        waits = own.waits.map(&between)
        # The joining comes after both: in the list, too.
        joining = @works.find { |work| work.part.equal?(body) || (work.part.is_a?(Design::Body) && work.part.id == body.id) }
        at = joining ? @works.index(joining) : @works.size
        @works.insert(at, *made.values)
        @waits.concat(waits)
        @conflicts.concat(own.conflicts.map { |one| one.class.new(between[one.wait], one.path&.map(&between)) })
        joined_last(made.values, waits, joining) if joining
      end

      # Its last works bind the joining; all others come before those.
      def joined_last(works, waits, joining)
        followed = waits.to_h { |wait| [wait.first, true] }.compare_by_identity
        waits.each { |wait| followed[wait.first] = true }
        works.reject { |work| followed[work] }.each do |last|
          @waits << Wait.new(first: last, later: joining, at_least_min: last.stages.after(:handle) || 0, code: CODE, strength: :must,
            why: WHY)
        end
      end

      def renamed(work, body)
        work.dup.tap do |one|
          one.id = "#{body.id}/#{work.id}"
          one.places, one.where = [work.places, work.where].map { |list| list.map { |pointer| body.pointer_of(pointer) } }
          one.stack = work.stack && [body.pointer_of(work.stack.first), *work.stack.drop(1)]
          one.words = work.words.merge(body: body.name)
        end
      end
    end
  end
end
