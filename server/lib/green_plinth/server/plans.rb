# frozen_string_literal: true

module GreenPlinth
  module Server
    # The plans of all builds that are not ready yet, as they are kept with them: rows are read, nothing is computed. Where a build
    # was told by another program or with other materials it is told anew, for as long as an answer may take.
    class Plans
      # Plans by build, those that have none with the reason, and whether there are some that were not come to yet.
      Dated = Struct.new(:plans, :without, :unfinished)
      # Seconds to compute what is not kept; what was not come to by then is come to at the next asking.
      WITHIN = 2

      # @param store [Store]
      # @param desk [Desk] tells builds anew
      def initialize(store, desk)
        @store = store
        @desk = desk
        @read = {}
        @lock = Mutex.new
      end

      # @param moment [Integer] minutes; builds that are ready by then have nothing left to do
      # @return [Dated]
      def dated(moment)
        rows = @store.unfinished(Moment.format(moment))
        plans = read(rows)
        late = nil
        rows.each_with_object(Dated.new({}, [], false)) do |row, dated|
          plan = plans[row.id]
          if plan.nil? && (late.nil? || clock < late)
            late ||= clock + WITHIN
            plan = retold(row) { next }
          end
          next dated.unfinished = true unless plan

          plan.is_a?(String) ? dated.without << undated(row, plan) : dated.plans[row.id] = plan
        end
      end

      # So many builds are planned together, those that are wanted first.
      MOST_SHARED = 150

      # @param dated [Dated]
      # @return [Dated] without those that have to wait until others are ready, which are told with the reason
      def wanted_first(dated)
        return dated if dated.plans.size <= MOST_SHARED

        order = dated.plans.sort_by { |_, plan| plan.finish_by || plan.ready_at }
        first, later = order.first(MOST_SHARED), order.drop(MOST_SHARED)
        detail = "#{MOST_SHARED} builds are wanted before it; it is planned when some are ready."
        waiting = later.map { |id, plan| { "build" => id, "build_title" => plan.title, "detail" => detail } }
        Dated.new(first.to_h, dated.without + waiting, dated.unfinished)
      end

      # @param dated [Dated]
      # @return [Questions::Shared] of them all; the same plans are shared out once, a little better at each asking
      def together(dated)
        @lock.synchronize do
          same = @together && dated.plans.size == @together.first.size && dated.plans.all? { |id, plan| @together.first[id].equal?(plan) }
          @together = [dated.plans, Questions::Shared.new(dated.plans)] unless same
          @together.last.tap { |shared| shared.improve if same }
        end
      end

      private

      # @return [Hash{Integer => DatedPlan, String}] what is kept and still holds: a plan, or why there is none
      def read(rows)
        rows = rows.select { |row| row.told_by == @desk.told_by }
        @lock.synchronize do
          @read = @read.slice(*rows.map(&:id))
          fresh = rows.reject { |row| @read[row.id]&.first == [row.version, row.told_by] }
          @store.plans(fresh.map(&:id)).each do |id, version, told_by, kept|
            @read[id] = [[version, told_by], kept["without"] || Questions::DatedPlan.new(kept)]
          end
          @read.transform_values(&:last)
        end
      end

      # @yield for one that was deleted meanwhile
      # @return [DatedPlan, String, nil] nil where others left no time for it: what is kept stays then
      def retold(row)
        told = @desk.told_or_bare(@desk.find(row.id).file, row.id)
        kept = told[:plan] or return
        @store.retell(row.id, row.version, told)
        kept["without"] || Questions::DatedPlan.new(kept)
      rescue Refusal
        yield
      end

      def undated(row, detail) = { "build" => row.id, "build_title" => row.summary["title"], "detail" => detail }
      def clock = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    end
  end
end
