# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # How long each step may slip before the build is later: latest starts, backward, where what comes next on the
    # bench stays next.
    class Slack
      # @param answer [Answer]
      def initialize(answer)
        @answer = answer
        @network = answer.network
        @free = FreeTime.new(@network, 1)
      end

      # @return [Hash{String => Integer}] minutes
      def call
        latest = {}
        order = @network.steps.sort_by { |step| [@answer.start(step.id), @answer.finish(step.id)] }
        followers = followers()
        order.each_with_index.reverse_each do |step, at|
          by = @network.earlier(@answer.ready_at, step.tail_min)
          followers[step.id].each { |later, wait| by = [by, @network.earlier(latest[later], wait)].min }
          following = order[at + 1] if @network.hands == 1
          by = [by, latest[following.id]].min if following && step.hands_on_min.positive?
          latest[step.id] = step.at || @free.latest_alone(by, step.hands_on_min, step.lead_min || 0, step.stay_min || 0) ||
            @answer.start(step.id)
        end
        latest.to_h { |id, start| [id, [start - @answer.start(id), 0].max] }
      end

      private

      def followers
        @network.steps.each_with_object(Hash.new { |hash, id| hash[id] = [] }) do |step, all|
          step.after.each { |wait| all[wait.first] << [step.id, wait.at_least_min] }
        end
      end
    end
  end
end
