# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # A wait: from the finish of `step` to the start of the one that holds the link, minutes; at_most nil: no limit.
    Link = Struct.new(:step, :at_least_min, :at_most_min)
  end
end
