# frozen_string_literal: true

module GreenPlinth
  # That one thing waits for another: `later` begins at_least_min and, where given, at most at_most_min after `first` is
  # finished. What waits may be works, steps by their ids, or places in a network; a wait that belongs to what waits needs
  # not name it. code, strength (:wish, :must, :school or :advice) and why say the reason, where there is one to tell.
  Wait = Struct.new(:first, :later, :at_least_min, :at_most_min, :code, :strength, :why, keyword_init: true) do
    # @return [Wait] the same between others
    def between(first, later) = dup.tap { |wait| wait.first, wait.later = first, later }

    # @return [Wait] of the same reason, for another while
    def lasting(at_least_min, at_most_min)
      dup.tap { |wait| wait.at_least_min, wait.at_most_min = at_least_min, at_most_min }
    end
  end
end
