# frozen_string_literal: true

module GreenPlinth
  module Stores
    # One shopping list over several builds: what is missing for all of them together, by the kind of shop, with the day by which it
    # is needed first.
    class Trip
      # One build on the list. title; lines: its Quantities::Shopping::Lines; plan: its Questions::DatedPlan, nil where it has no dates.
      Build = Struct.new(:title, :lines, :plan)
      # One thing to buy. provided: Provided over all builds; shop; needed_by: minute, nil where no date is known; builds: titles;
      # spared: sheets that the offcuts of one build spare another.
      Item = Struct.new(:provided, :shop, :needed_by, :builds, :spared, keyword_init: true) do
        def line = provided.line
      end

      # @param builds [Array<Build>]
      # @param shelves [Shelves]
      # @param catalogue [Catalogue]
      def initialize(builds, shelves, catalogue)
        @builds = builds
        @shelves = shelves
        @catalogue = catalogue
      end

      # @return [Array<Item>] by shop, what is needed first before; what is there already is left out
      def items
        @items ||= grouped.filter_map { |pairs| item(pairs) }
          .sort_by { |item| [item.shop, item.needed_by || Float::INFINITY, item.line.name, item.line.colour.to_s] }
      end

      # @return [Integer, nil] minor units of money; nil where nothing has a price
      def cost_minor = items.filter_map { |item| item.provided.buy_minor }.then { |known| known.sum if known.any? }

      private

      # @return [Array<Array(Quantities::Shopping::Line, Build)>] of the same thing in each
      def grouped
        @builds.flat_map { |build| build.lines.map { |line| [line, build] } }
          .group_by { |line, _| [line.material, line.colour, line.unit, line.steps.empty?] }.values
      end

      def item(pairs)
        lines = pairs.map(&:first)
        whole = together(lines)
        provided = Provision.new([whole], @shelves, 1).lines.first
        return unless provided.short?

        Item.new(provided: provided, shop: @catalogue[provided.line.material]&.family&.[]("shop") || "anywhere",
          needed_by: pairs.filter_map { |line, build| first_need(line, build.plan) }.min, builds: pairs.map { |_, build| build.title },
          spared: whole.cut ? lines.sum(&:amount) - whole.amount : 0)
      end

      def together(lines)
        return lines.first if lines.size == 1

        lines.first.dup.tap do |whole|
          whole.cut = lines.all?(&:cut) ? lines.map(&:cut).reduce(:+) : nil
          whole.amount = whole.cut ? whole.cut.sheets : (lines.sum(&:amount) if lines.all?(&:amount))
          # Of one build alone: what the list says of packs and prices is told by what is provided.
          whole.packs = whole.cost_minor = whole.used_share = nil
        end
      end

      def first_need(line, plan) = plan&.steps&.select { |step| line.steps.include?(step.id) }&.map(&:start)&.min
    end
  end
end
