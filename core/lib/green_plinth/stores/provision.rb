# frozen_string_literal: true

module GreenPlinth
  module Stores
    # The shopping list of a build against what is there: to buy, have, left after.
    class Provision
      # One line of the list with its stores. have: what is there; still: what the rest of the work takes; missing: what has to come
      # for it; packs: to buy; left: what is there afterwards; buy_minor: what is to be paid; used_minor: what is used up, by what was
      # paid; yields: how many bases one pack makes. nil: unknown. short: whether something has to be bought.
      Provided = Struct.new(:line, :have, :still, :missing, :packs, :left, :buy_minor, :used_minor, :yields, keyword_init: true) do
        def short? = missing.nil? || missing.positive?

        def to_h
          line.to_h.merge("have" => have&.round(2), "still" => still&.round(2), "missing" => missing&.round(2), "to_buy" => packs,
            "left" => left&.round(2), "buy_minor" => buy_minor, "used_minor" => used_minor, "yields" => yields)
        end
      end

      # @param lines [Array<Quantities::Shopping::Line>] of one build
      # @param shelves [Shelves]
      # @param copies [Integer]
      # @param still [Array<Quantities::Shopping::Line>] of what is not done yet
      def initialize(lines, shelves, copies, still: lines)
        @lines = lines
        @still = still.to_h { |line| [thing(line), line] }
        @shelves = shelves
        @copies = copies
      end

      # @return [Array<Provided>]
      def lines = @made ||= @lines.map { |line| line(line) }

      # @return [Hash] in minor units of money: to buy, used by what was paid, for each base; and what has no price
      def cost
        { "buy_minor" => total(:buy_minor), "used_minor" => total(:used_minor),
          "per_base_minor" => total(:used_minor)&.then { |minor| (minor / @copies.to_f).round },
          "unpriced" => lines.select { |one| one.used_minor.nil? }.map { |one| one.line.material } }
      end

      private

      def total(member) = lines.filter_map(&member).then { |known| known.sum if known.any? }

      def thing(line) = [line.material, line.colour, line.steps.empty?]
      def needed(line) = @still[thing(line)]&.then { |rest| rest.amount || line.amount } || 0.0

      def line(line)
        return Provided.new(line: line) if line.amount.nil?

        have = @shelves.amount(line.material, line.colour, line.unit)
        still = needed(line)
        missing = [still - have, 0.0].max
        size = pack_size(line)
        packs = size && (missing / size).ceil
        Provided.new(line: line, have: have, still: still, missing: missing, packs: packs, left: packs && (have + (packs * size) - still),
          buy_minor: packs && price(line)&.then { |minor| minor * packs }, used_minor: used(line, size),
          yields: size && line.amount.positive? ? (size / (line.amount / @copies.to_f)).floor : nil)
      end

      # In the unit of the line: sheets are counted.
      def pack_size(line)
        return unless line.pack

        line.pack["size_mm"] ? 1.0 : line.pack["amount"]&.to_f
      end

      # What the maker last paid for a pack of that size, else the usual price.
      def price(line)
        paid = @shelves.of(line.material, line.colour).find { |jar| same_pack?(jar, line.pack) }
        paid ? paid.data["price_minor"] : line.pack["price_minor"]
      end

      def same_pack?(jar, pack)
        jar.data["price_minor"] && jar.unit == pack["unit"] && (pack["size_mm"] ? jar.pack == 1 : jar.pack == pack["amount"])
      end

      # By what was paid for what is there, as far as it goes, and by the usual price for the rest.
      def used(line, size)
        return unless size

        left = line.amount * (line.pack["size_mm"] ? line.used_share || 1.0 : 1.0)
        paid = @shelves.of(line.material, line.colour).sum do |jar|
          there = jar.material && Quantities::Units.convert(jar.left, jar.unit, line.unit, jar.material)
          next 0.0 unless there&.positive? && jar.price_minor && left.positive?

          taken = [there, left].min
          left -= taken
          taken / there * jar.left / jar.pack * jar.price_minor
        end
        (paid + (left / size * price(line))).round
      end
    end
  end
end
