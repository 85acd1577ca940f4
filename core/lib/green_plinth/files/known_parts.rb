# frozen_string_literal: true

module GreenPlinth
  module Files
    # Parts of a file's lists that were found right: an edit changes one part of a file that was right, and the others are not
    # looked at again. Safe to share by threads.
    class KnownParts
      # So many are known; then all are forgotten.
      MOST = 20_000

      # @param lists [Hash{String => Integer}] how many parts each list of a file may have
      def initialize(lists)
        @lists = lists
        @right = Set.new
        @lock = Mutex.new
      end

      # @param file [Hash]
      # @return [Hash] without the parts that are known. A list that is too long is left whole.
      def unknown(file)
        file.to_h do |key, value|
          next [key, value] unless list?(key, value) && value.size <= @lists[key]

          [key, @lock.synchronize { value.reject { |part| @right.include?(name(key, part)) } }]
        end
      end

      # @param file [Hash] that was found right
      # @return [void]
      def take(file)
        names = file.select { |key, value| list?(key, value) }.flat_map { |key, list| list.map { |part| name(key, part) } }
        @lock.synchronize do
          @right.clear if @right.size + names.size > MOST
          @right.merge(names)
        end
      end

      private

      def list?(key, value) = @lists.key?(key) && value.is_a?(Array)
      def name(key, part) = Memo.digest([key, part])
    end
  end
end
