# frozen_string_literal: true

module GreenPlinth
  module Server
    # What is different between two answers, as JSON Patch (RFC 6902): what is the same object is passed over unseen, so that it costs
    # what has changed.
    class Difference
      # @param before [Hash] plain data
      # @param after [Hash]
      # @return [Array<Hash>] operations that make the one of the other
      def self.between(before, after) = new.tap { |difference| difference.look("", before, after) }.operations

      attr_reader :operations

      def initialize
        @operations = []
      end

      # @param path [String] JSON pointer of both
      def look(path, before, after)
        return if before.equal?(after)

        if before.is_a?(Hash) && after.is_a?(Hash) then members(path, before, after)
        elsif before.is_a?(Array) && after.is_a?(Array) && before.size == after.size then elements(path, before, after)
        elsif before != after then replace(path, after)
        end
      end

      private

      def members(path, before, after)
        before.each_key { |key| @operations << { "op" => "remove", "path" => inside(path, key) } unless after.key?(key) }
        after.each do |key, value|
          next look(inside(path, key), before[key], value) if before.key?(key)

          @operations << { "op" => "add", "path" => inside(path, key), "value" => value }
        end
      end

      # Where most are others, the whole is told sooner.
      def elements(path, before, after)
        changed = before.each_index.reject { |index| before[index].equal?(after[index]) || before[index] == after[index] }
        return if changed.empty?
        return replace(path, after) if changed.size * 2 > after.size

        changed.each { |index| look("#{path}/#{index}", before[index], after[index]) }
      end

      def replace(path, value) = @operations << { "op" => "replace", "path" => path, "value" => value }
      def inside(path, key) = "#{path}/#{key.to_s.gsub("~", "~0").gsub("/", "~1")}"
    end
  end
end
