# frozen_string_literal: true

module GreenPlinth
  class Design
    # An area of ground of one kind, with its courses bottom to top.
    class Zone < Part
      def ground = data["ground"]
      def rest? = outline["kind"] == "rest"
      def courses = @courses ||= Course.of(self)
    end
  end
end
