# frozen_string_literal: true

module GreenPlinth
  class Design
    # The maker's own wish of order, between two parts by their ids.
    class Wish < Part
      reads :first, :at_least_min, :at_most_min

      # @return [String] id of the part that comes later
      def later = data["then"]
    end
  end
end
