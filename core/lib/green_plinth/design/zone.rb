# frozen_string_literal: true

module GreenPlinth
  class Design
    # An area of ground of one kind, with its courses bottom to top.
    class Zone < Part
      include Coursed

      reads :represents, :tone

      # @return [Kinds::Kind]
      def ground = @ground ||= kinds.of("grounds", data["ground"])
    end
  end
end
