# frozen_string_literal: true

module GreenPlinth
  module Composition
    # What the eye sees of each subject. A subject is looked at as an upright card through its middle, square to the
    # eye, as wide as its footprint and as tall as it is. Upright slices of the card lose what lies behind the ground,
    # the features and the other subjects: where a line of sight of slope t passes something standing between low and
    # high, from s0 to s1 mm nearer to the eye, the card is hidden from low − s1·t to high − s0·t.
    class Sight
      # Slices of a card.
      SLICES = 24
      # Less than this hidden is a hair of drawing, percent.
      LEAST_PCT = 0.5

      # @param solids [Solids]
      # @param terrain [Relief::Terrain]
      # @param eye [Eye]
      def initialize(solids, terrain, eye)
        @solids = solids
        @terrain = terrain
        @eye = eye
        @seen = {}
      end

      # @param subject [Design::Subject]
      # @param anew [Boolean] it is tried at another place than the file has it
      # @return [Float, nil] percent left visible; nil while its height is not known
      def visible_pct(subject, anew: false) = (anew ? look(subject) : seen(subject))&.first

      # @return [Array<Array(String, Float)>] pointers of what hides it, "" for the ground, each with the percent it
      #   hides by itself, the worst first
      def hidden_by(subject) = seen(subject)&.last || []

      private

      def seen(subject)
        @seen.fetch(subject.pointer) { |pointer| @seen[pointer] = look(subject) }
      end

      def look(subject)
        height = subject.height_mm
        return unless height&.positive?

        card = card_of(subject, height)
        culprits = { "" => behind_ground(card) }
        candidates(card).each { |one| culprits[one.solid.pointer] = join(culprits[one.solid.pointer], behind(one, card)) }
        shares = culprits.transform_values { |slices| hidden_pct(slices, card) }
        [(100 - hidden_pct(culprits.values.reduce { |a, b| join(a, b) }, card)).round(2),
          shares.select { |_, pct| pct >= LEAST_PCT }.sort_by { |_, pct| -pct }.map { |pointer, pct| [pointer, pct.round(1)] }]
      end

      Card = Struct.new(:subject, :middle, :offsets, :foot, :top)
      private_constant :Card

      def card_of(subject, height)
        along = across(Plan::Geos.rings(subject.footprint_area).flatten(1))
        left, right = along.minmax
        step = (right - left) / SLICES
        middle = across([subject.at_mm]).first
        foot = @solids.foot(subject)
        Card.new(subject, subject.at_mm, (0...SLICES).map { |i| left + ((i + 0.5) * step) - middle }, foot, foot + height)
      end

      def across(points) = points.map { |x, y| (x * @eye.right[0]) + (y * @eye.right[1]) }

      # A solid with the box it fills in the eye's own directions, mm.
      Obstacle = Struct.new(:solid, :left, :right, :far, :near)
      private_constant :Obstacle

      def obstacles
        @obstacles ||= @solids.hiding.map do |solid|
          Obstacle.new(solid, *across(solid.corners).minmax, *solid.corners.map { |x, y| @eye.nearness(x, y) }.minmax)
        end
      end

      # Solids that stand nearer to the eye, in the card's way and tall enough.
      def candidates(card)
        middle = across([card.middle]).first
        near = @eye.nearness(*card.middle)
        obstacles.select do |one|
          one.right >= middle + card.offsets.first && one.left <= middle + card.offsets.last && one.near > near &&
            one.solid.high - ([one.far - near, 0].max * @eye.slope) > card.foot && one.solid.pointer != card.subject.pointer
        end
      end

      # @return [Array<Array<Array(Float, Float)>>] for each slice the stretches of height hidden
      def behind(obstacle, card)
        solid = obstacle.solid
        stretches = card.offsets.map { [] }
        crossings(rays(card, obstacle.near).intersection(solid.shape), card).each do |slice, near, far|
          stretches[slice] << [solid.low - (far * @eye.slope), solid.high - (near * @eye.slope)]
        end
        stretches
      end

      LEAST_RAY_MM = 1e-3
      private_constant :LEAST_RAY_MM

      # A line of sight from the foot of each slice to just past the obstacle.
      def rays(card, reach)
        # A line needs a length: an obstacle a millimetre behind the card would leave it none.
        far = [reach - @eye.nearness(*card.middle) + 1, LEAST_RAY_MM].max
        Plan::Geos::FACTORY.multi_line_string(card.offsets.map do |offset|
          x, y = slice_foot(card, offset)
          Plan::Geos.line([[x, y], [x + (@eye.toward[0] * far), y + (@eye.toward[1] * far)]])
        end)
      end

      def slice_foot(card, offset) = [card.middle[0] + (@eye.right[0] * offset), card.middle[1] + (@eye.right[1] * offset)]

      # @return [Array<Array(Integer, Float, Float)>] slice, and how far from the card a line of sight enters and leaves
      def crossings(cut, card)
        parts = cut.respond_to?(:num_geometries) ? cut.to_a : [cut]
        middle = across([card.middle]).first
        near = @eye.nearness(*card.middle)
        step = card.offsets[1] - card.offsets[0]
        parts.select { |part| part.respond_to?(:points) && !part.empty? }.map do |part|
          points = part.points.map { |point| [point.x, point.y] }
          slice = ((across(points).first - middle - card.offsets.first) / step).round.clamp(0, SLICES - 1)
          [slice, *points.map { |x, y| @eye.nearness(x, y) - near }.minmax]
        end
      end

      # The ground nearer to the eye hides all below the line of sight that grazes it.
      def behind_ground(card)
        grid = @terrain.grid
        reach = grid.cell * (grid.rows + grid.columns)
        reach = [reach, (@terrain.highest_mm - card.foot) / @eye.slope].min if @eye.slope.positive?
        return card.offsets.map { [] } if reach < grid.cell

        grazed(card, (Numo::DFloat.new(1, (reach / grid.cell).floor).seq + 1) * grid.cell).map { |height| [[-Float::INFINITY, height]] }
      end

      # @param distances [Numo::DFloat] 1 × n, mm from the card towards the eye
      # @return [Array<Float>] for each slice how high the lines of sight are that graze the ground
      def grazed(card, distances)
        grid = @terrain.grid
        feet = Numo::DFloat[*card.offsets.map { |offset| slice_foot(card, offset) }]
        columns = (((distances * @eye.toward[0]) + feet[true, 0...1] - grid.left) / grid.cell).floor
        rows = (((distances * @eye.toward[1]) + feet[true, 1..1] - grid.front) / grid.cell).floor
        inside = (columns >= 0) & (columns < grid.columns) & (rows >= 0) & (rows < grid.rows)
        cells = Numo::Int32.cast((rows.clip(0, grid.rows - 1) * grid.columns) + columns.clip(0, grid.columns - 1))
        heights = ground[cells] - (distances * @eye.slope)
        heights[inside.eq(0)] = -Float::INFINITY
        heights.max(axis: 1).to_a
      end

      # The ground's heights row by row, a copy of them; nothing stands off the base.
      def ground
        @ground ||= @terrain.height.copy.flatten.tap { |heights| heights[@terrain.weight.flatten.le(0)] = -Float::INFINITY }
      end

      def join(one, other) = one ? one.zip(other).map { |a, b| a + b } : other

      def hidden_pct(slices, card)
        100.0 * slices.sum { |stretches| covered(stretches, card.foot, card.top) } / (slices.size * (card.top - card.foot))
      end

      # mm of a height that stretches cover, counted once where they lie over each other.
      def covered(stretches, foot, top)
        reached = foot
        stretches.map { |low, high| [[low, foot].max, [high, top].min] }.select { |low, high| high > low }.sort.sum do |low, high|
          from = [low, reached].max
          reached = [reached, high].max
          [high - from, 0].max
        end
      end
    end
  end
end
