# frozen_string_literal: true

module GreenPlinth
  class Design
    # One of the file's own recipes by parts.
    class Mix < Part
      include Catalogue::Stirred
    end
  end
end
