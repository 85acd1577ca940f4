# frozen_string_literal: true

module GreenPlinth
  class Design
    # Parts finished apart from the base and joined to it in one step.
    class Group < Part
      # @return [Array<String>] ids
      reads :members, :mount
    end
  end
end
