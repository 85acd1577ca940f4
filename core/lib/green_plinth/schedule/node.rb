# frozen_string_literal: true

module GreenPlinth
  module Schedule
    # One step of a network: hands-on minutes in one go, then tail_min of drying. after: Array<Wait>, for steps by their ids.
    #   not_before: minute before which it cannot begin; at: the minute it is pinned to, in a sitting or not;
    #   stay_min: minutes of the same sitting that must be left when it is finished; lead_min: the same before it begins.
    Node = Struct.new(:id, :hands_on_min, :tail_min, :after, :not_before, :at, :stay_min, :lead_min, keyword_init: true) do
      # @return [Integer] minutes of one sitting that it needs, with what must be left before and after
      def room_min = hands_on_min + (lead_min || 0) + (stay_min || 0)

      # Done already: it takes no hands any more, only its drying counts.
      def done? = !at.nil? && hands_on_min.zero?
    end
  end
end
