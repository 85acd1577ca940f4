# frozen_string_literal: true

module GreenPlinth
  class Design
    # Work of the maker's own that the design does not imply.
    class Task < Part
      reads :title, :hands_on_min, :tail_min, :technique, :on, :amount, :rig

      def splittable? = data["splittable"] == true
    end
  end
end
