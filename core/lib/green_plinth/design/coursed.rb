# frozen_string_literal: true

module GreenPlinth
  class Design
    # What carries courses: a zone its layers, a feature its coats, a water what is laid besides its pours,
    # a side of the plinth its finish.
    module Coursed
      # @return [Array<Course>] bottom to top
      def courses = @courses ||= Course.of(self)

      # @return [Array<Course>] laid before the one at an index
      def below(index) = courses.first(index)
    end
  end
end
