# frozen_string_literal: true

module GreenPlinth
  class Design
    # Where in a build's file the parts of one variant's file are: those that only it has among its own, all others where the build has
    # them.
    class VariantPointers
      PART = %r{\A/(\w+)/(\d+)(/.*)?\z}

      # @param design [Design] the build
      # @param variant [Variant]
      # @param own [Design] of its bases
      def initialize(design, variant, own)
        @design = design
        @variant = variant
        @own = own
      end

      # @param pointer [String] into the variant's file
      # @return [String] into the build's; the variant itself where the build has no such part
      def place(pointer)
        list, id, rest = part(pointer)
        return PART.match?(pointer) ? @variant.pointer : pointer unless id

        own = own_place(list, id)
        return "#{own}#{rest}" if own

        index = (@design.to_h[list] || []).index { |one| one["id"] == id }
        index ? "/#{list}/#{index}#{rest}" : @variant.pointer
      end

      # @return [Array(String, String, String), nil] list, id of the part, and what follows; nil for what is no part
      def part(pointer)
        list, index, rest = PART.match(pointer)&.captures
        found = list && @own.to_h[list]
        found.is_a?(Array) && found[index.to_i] ? [list, found[index.to_i]["id"], rest] : nil
      end

      # @return [String, nil] of what only the variant has
      def own_place(list, id)
        index = (@variant.with[list] || []).index { |one| one["id"] == id }
        index && "#{@variant.pointer}/with/#{list}/#{index}"
      end
    end
  end
end
