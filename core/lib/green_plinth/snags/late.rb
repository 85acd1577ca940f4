# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Ready after the day it is wanted.
    class Late < Check
      code "schedule/late"
      severity "stops"
      weight 230

      def snags
        by = design.calendar.finish_by
        return [] if by.nil? || @evaluation.infeasible

        ready = @evaluation.schedule.ready_at
        return [] if ready <= by

        [snag("/calendar/finish_by", "It is ready #{Moment.words(ready)}, #{Moment.span(ready - by)} after it is wanted.", fan,
          moved(ready))]
      end

      private

      def fan
        quickest = design.kinds["airs"].each_value.min_by { |air| air["factor"] }
        put(quickest["label"], "/climate/airflow", quickest.key) unless design.climate.air == quickest
      end

      def moved(ready)
        day = Moment.midnight(ready) + Moment::DAY
        put("move the date to #{Moment.words(day).split(",").first}", "/calendar/finish_by", Moment.format(day))
      end
    end
  end
end
