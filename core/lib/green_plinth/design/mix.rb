# frozen_string_literal: true

module GreenPlinth
  class Design
    # One of the file's own recipes by parts.
    class Mix < Part
      # @return [Array<String>] keys of what it is stirred up from
      def materials = data["parts"].map { |part| part["material"] }
    end
  end
end
