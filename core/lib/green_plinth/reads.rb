# frozen_string_literal: true

module GreenPlinth
  # Which members of a plinth file are looked at while something is computed, so that it is computed anew when one of them
  # changes, and only then. Each thread has its own; nothing is noted where nobody listens.
  module Reads
    # Where the whole file was handed out.
    ALL = :all

    KEY = :green_plinth_reads
    private_constant :KEY

    # @param members [Array<String, Symbol>]
    # @return [void]
    def self.note(*members) = Thread.current[KEY]&.merge(members)

    # Runs the block; what it looks at is noted for whoever listens round it, too.
    # @return [Array(Object, Set)] the block's value, and the members that were looked at
    def self.during
      outer = Thread.current[KEY]
      Thread.current[KEY] = noted = Set.new
      [yield, noted]
    ensure
      Thread.current[KEY] = outer&.merge(noted)
    end
  end
end
