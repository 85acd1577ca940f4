# frozen_string_literal: true

require "hana"

module GreenPlinth
  # JSON Patch (RFC 6902) on plain data. A patch is applied whole or not at all; the original stays as it is.
  module Patch
    MOST = 500

    module_function

    # @param file [Hash]
    # @param operations [Array<Hash>] checked for shape by the caller's schema
    # @return [Hash] a changed copy; raises InvalidFile naming the operation that does not fit
    def apply(file, operations)
      raise InvalidFile, [Problem.new("/patch", "may hold #{MOST} operations at most")] if operations.size > MOST

      copy = Marshal.load(Marshal.dump(file))
      operations.each_with_index { |operation, index| step(copy, operation, index) }
      copy
    end

    def step(copy, operation, index)
      pointer = operation["path"].to_s
      raise InvalidFile, [Problem.new("/patch/#{index}/path", "must name a member of the file")] if pointer.empty?

      Hana::Patch.new([operation]).apply(copy)
    rescue Hana::Patch::Exception, Hana::Pointer::Exception, NameError, TypeError, IndexError, ArgumentError
      raise InvalidFile, [Problem.new("/patch/#{index}", "there is nothing at #{operation["from"] || pointer} that can be changed so")]
    end
    private_class_method :step
  end
end
