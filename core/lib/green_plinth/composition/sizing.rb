# frozen_string_literal: true

module GreenPlinth
  module Composition
    # How large a base may be for what is to stand on it: sizes that are sold, the smallest of its own shape that holds everything, and
    # a board that is at hand, each with the room that is left and with where it would no longer go into.
    class Sizing
      # label; outline; room_mm: from what stands there to the edge, where it is least (below 0 it hangs over); share_pct: of the top that
      # it stands on; word: "small" (the margin is not kept), "swamped", "well" or "lost"; not_into: names of places that it is too
      # large for; patch: to take it.
      Size = Struct.new(:label, :outline, :room_mm, :share_pct, :word, :not_into, :patch, keyword_init: true) do
        def to_h = super.transform_keys(&:to_s)
      end
      # The smallest is found to this, mm.
      STEP_MM = 1.0
      KEYS = %w[diameter_mm width_mm depth_mm].freeze

      # @param design [Design]
      # @param margin_mm [Float] wished between what stands there and the edge; below 0: how far it may hang over
      # @param board_mm [Array(Float, Float), nil] width and depth of a board that is at hand
      def initialize(design, margin_mm, board_mm = nil)
        @design = design
        @margin = margin_mm
        @board = board_mm
      end

      # @return [Array<Size>] the smallest first; none where nothing stands on it
      def sizes
        return [] if shadow.empty?

        outlines.uniq { |_, outline| outline }.map { |label, outline| size(label, outline) }.sort_by { |one| area(one.outline) }
      end

      private

      def shadow = @shadow ||= Plan::Geos.union(@design.subjects.map(&:shadow))
      def stood = @stood ||= Plan::Geos.area(Plan::Geos.union(@design.subjects.map(&:footprint_area)))

      def outlines
        sold = @design.catalogue.sizes["plinths"].map { |one| [one["label"], one["outline"]] }
        own = smallest
        board = @board && { "kind" => "rectangle", "width_mm" => @board[0], "depth_mm" => @board[1] }
        [["as it is", @design.plinth.outline], ["the smallest of its shape", own], ["the board at hand", board], *sold].select(&:last)
      end

      # Of its own shape and proportions, as it lies: the smallest that keeps the margin.
      def smallest
        outline = @design.plinth.outline
        keys = KEYS.select { |key| outline.key?(key) }
        return if keys.empty? || outline["kind"] == "strip"

        least = keys.map { |key| outline[key] }.min
        steps = (1..(4 * least / STEP_MM).ceil).bsearch { |step| keeps?(scaled(outline, keys, step * STEP_MM / least)) }
        steps && scaled(outline, keys, steps * STEP_MM / least)
      end

      def scaled(outline, keys, factor) = outline.merge(keys.to_h { |key| [key, (outline[key] * factor).round(1)] })
      def keeps?(outline) = room(outline) >= @margin
      def area(outline) = Plan::Geos.area(Plan::Outline.polygon(outline))

      # @return [Float] mm
      def room(outline)
        shape = Plan::Outline.polygon(outline)
        over = shadow.difference(shape)
        return shadow.distance(shape.boundary) if over.empty?

        -Plan::Geos.rings(over).flatten(1).map { |point| Plan::Geos.point(point).distance(shape) }.max
      end

      def size(label, outline)
        share = 100 * stood / area(outline)
        left = room(outline)
        Size.new(label: label, outline: outline, room_mm: left.round(1), share_pct: share.round(1), word: word(left, share),
          not_into: not_into(outline), patch: patch(outline))
      end

      def word(left, share)
        low, _, high = @design.purpose["shares_pct"]
        return "small" if left < @margin
        return "well" unless low

        share > high ? "swamped" : share < low ? "lost" : "well"
      end

      def not_into(outline)
        sides = Plan::Outline.size(outline).sort
        @design.limits.fit_in.reject do |place|
          room = [place.width_mm, place.depth_mm]
          room.any?(&:nil?) ? room.compact.all? { |most| sides.first <= most } : sides.zip(room.sort).all? { |side, most| side <= most }
        end.map(&:name)
      end

      def patch(outline)
        return [] if outline == @design.plinth.outline

        taken = [{ "op" => "add", "path" => "/plinth/outline", "value" => outline }]
        @design.plinth.bevelled? ? taken + [{ "op" => "remove", "path" => "/plinth/top_outline" }] : taken
      end
    end
  end
end
