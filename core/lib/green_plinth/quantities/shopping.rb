# frozen_string_literal: true

module GreenPlinth
  module Quantities
    # What the steps take, material by material, in packs and money (minor units).
    class Shopping
      # What is cut from sheets of one size: pieces as Nesting wants them, for all copies, and what is only an area, mm².
      Cut = Struct.new(:size_mm, :pieces, :bare_mm2) do
        # @return [Cut] of both together
        def +(other) = Cut.new(size_mm, pieces + other.pieces, bare_mm2 + other.bare_mm2)

        # Pieces whose shape is known are laid out; of what is only an area there is as much to a sheet as its joins leave.
        # @return [Integer] sheets
        def sheets = Nesting.new(size_mm, pieces, 1).count + (bare_mm2 / (size_mm.reduce(:*) * Nesting::JOINED_YIELD)).ceil
      end

      # One line. colour: of what comes in colours, each of which is bought by itself; nil where none is said. amount nil: unknown.
      # cut: of what comes in sheets. used_share: how much of the packs is used up, 0..1, used_minor what that is worth;
      # cost_minor: the packs.
      Line = Struct.new(:material, :colour, :name, :family, :amount, :unit, :packs, :cost_minor, :used_minor, :used_share, :pack, :steps,
        :where, :cut, keyword_init: true) do
        def to_h
          super.except(:cut).transform_keys(&:to_s).then { |hash| hash.merge("amount" => amount && amount.round(2)) }
        end
      end

      # @param steps [Array<Steps::Step>]
      # @param copies [Integer]
      # @param plinths [Array<String>] what each base, and each body of it, stands on: materials
      def initialize(steps, catalogue, copies, plinths: [])
        @steps = steps
        @catalogue = catalogue
        @copies = copies
        @plinths = plinths
      end

      # @return [Array<Line>] by family, then name
      def lines
        bought = Bought.new(@catalogue)
        uses = @steps.flat_map { |step| step.uses.flat_map { |use| bought.for(use) }.map { |use| [use, step] } }
        @plinths.each { |plinth| uses << [Use.new(material: plinth, amount: @copies, unit: "piece"), nil] }
        # What is bought as a base is another thing than a board of the same.
        uses.group_by { |use, step| [use.material, use.colour, step.nil?] }.map { |(key, colour, _), pairs| line(key, colour, pairs) }
          .sort_by { |line| [line.family.to_s, line.name, line.colour.to_s] }
      end

      private

      PLINTH = "/plinth"
      private_constant :PLINTH

      def line(key, colour, pairs)
        material = @catalogue[key]
        steps = pairs.filter_map(&:last).uniq(&:id)
        common = { material: key, colour: colour, name: @catalogue.name(key), family: material&.family, steps: steps.map(&:id),
                   where: steps.empty? ? [PLINTH] : steps.flat_map(&:where).uniq }
        return Line.new(**common) if material.nil? || pairs.any? { |use, _| use.amount.nil? }

        amount, unit = total(material, pairs.map(&:first))
        Line.new(**common, **packed(material, amount, unit, pairs.map(&:first)))
      end

      # All in the unit the pack is sold in, where density bridges grams and millilitres.
      def total(material, uses)
        sold = material.pack && material.pack["unit"]
        units = uses.map(&:unit).uniq
        return [uses.sum(&:amount), units.first] if units.size == 1 && (units.first == sold || sold.nil? || units.first == "mm2")

        [uses.sum { |use| in_unit(use, sold, material) }, sold]
      end

      # What cannot be told so is taken as it is.
      def in_unit(use, sold, material) = Units.convert(use.amount, use.unit, sold, material) || use.amount

      def packed(material, amount, unit, uses)
        pack = material.pack
        return { amount: amount, unit: unit } unless pack
        return sheets(material, uses) if unit == "mm2"
        # Sold by a measure that this use cannot be told in.
        return { amount: amount, unit: unit } unless pack["amount"]

        packs = (amount / pack["amount"].to_f).ceil
        { amount: amount, unit: unit, packs: packs, cost_minor: packs * pack["price_minor"],
          used_minor: (amount / pack["amount"] * pack["price_minor"]).round, used_share: share(amount, packs * pack["amount"]), pack: pack }
      end

      def sheets(material, uses)
        return { amount: uses.sum(&:amount), unit: "mm2" } unless material.pack["size_mm"]

        area = uses.sum(&:amount)
        sheet = material.pack["size_mm"].reduce(:*)
        cut = cut(material.pack["size_mm"], uses)
        count = cut.sheets
        { amount: count, unit: "sheet", packs: count, cost_minor: count * material.pack["price_minor"],
          used_minor: (area / sheet * material.pack["price_minor"]).round, used_share: share(area, count * sheet), pack: material.pack,
          cut: cut }
      end

      def cut(size_mm, uses)
        shaped, bare = uses.partition { |use| use.pieces&.any? }
        Cut.new(size_mm, whole(shaped.flat_map(&:pieces)), bare.sum(&:amount))
      end

      # Work that is done in parts takes parts of its pieces: together they are whole ones.
      def whole(pieces)
        pieces.group_by { |piece| piece.except(:count) }.map do |piece, same|
          piece.merge(count: same.sum { |one| one[:count] }.round(6).ceil)
        end
      end

      def share(used, whole) = whole.positive? ? (used / whole.to_f).clamp(0.0, 1.0).round(4) : nil
    end
  end
end
