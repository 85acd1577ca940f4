# frozen_string_literal: true

module GreenPlinth
  module Exports
    # The build itself, as it came in and was changed.
    class PlinthJson < Export
      code "json"
      title "Plinth file"
      beside :brief
      type "application/json"
      weight 10

      # @return [String]
      def write = Files::PlinthFile.write(@design)
    end
  end
end
