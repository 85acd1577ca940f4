# frozen_string_literal: true

module GreenPlinth
  class Design
    # Hard scenery and foliage set on the ground.
    class Feature < Part
      def courses = @courses ||= Course.of(self)
      def name = data["name"] || (id ? id.tr("_-", "  ") : kind)
    end
  end
end
