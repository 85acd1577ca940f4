# frozen_string_literal: true

# An independent checker: what a schedule promises, looked at without any of the code that made it.
module Keeps
  # @param network [GreenPlinth::Schedule::Network]
  # @param starts [Hash{String => Integer}]
  # @return [Array<String>] every promise broken, in words; empty for a schedule that keeps them
  def broken(network, starts)
    ends = network.steps.to_h { |step| [step.id, starts.fetch(step.id) + step.hands_on_min] }
    waits(network, starts, ends) + sat_through(network, starts, ends) + double(network, starts, ends)
  end

  private

  def waits(network, starts, ends)
    network.steps.flat_map do |step|
      own = []
      own << "#{step.id} begins before it may" if !step.at && starts[step.id] < [step.not_before, network.start].compact.max
      own << "#{step.id} is not where it is pinned" if step.at && starts[step.id] != step.at
      own + step.after.flat_map do |link|
        gap = starts[step.id] - ends[link.first]
        [("#{step.id} after #{link.first}: too soon" if gap < link.at_least_min),
         ("#{step.id} after #{link.first}: too late" if link.at_most_min && gap > link.at_most_min)].compact
      end
    end
  end

  def sat_through(network, starts, ends)
    return [] unless network.sittings

    network.steps.reject { |step| step.hands_on_min.zero? || step.at }.filter_map do |step|
      lead, stay = step.lead_min || 0, step.stay_min || 0
      inside = network.sittings.any? { |from, to| from + lead <= starts[step.id] && ends[step.id] + stay <= to }
      "#{step.id} is in no sitting" unless inside
    end
  end

  def double(network, starts, ends)
    working = network.steps.select { |step| step.hands_on_min.positive? }.map(&:id)
    working.filter_map do |id|
      at_once = working.count { |other| starts[other] <= starts[id] && starts[id] < ends[other] }
      "more than #{network.hands} at once when #{id} begins" if at_once > network.hands
    end
  end
end
