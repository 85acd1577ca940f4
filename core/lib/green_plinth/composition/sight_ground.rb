# frozen_string_literal: true

module GreenPlinth
  module Composition
    # The ground and the waters as the eye has them, waves and what lies on them: strips of one tone between rows of places from the back
    # to the front, lit by a light over the eye's left shoulder. Millimetres of the picture: right and up.
    class SightGround
      # Rows of ground from back to front, and places in each: enough for a drawing as wide as a screen.
      ROWS = 96
      PLACES = 170
      BARE = "#b59468"

      # @param evaluation [Evaluation]
      # @param eye [Eye]
      def initialize(evaluation, eye)
        @evaluation = evaluation
        @eye = eye
        @design = evaluation.design
        @terrain = evaluation.terrain
      end

      # @return [Array<Array(Float, Hash)>] strips of one tone, each with how near it is
      def bands
        (_, _), (far, near) = spans
        rows.each_cons(2).with_index.flat_map do |(back, front), i|
          runs(back, front).map do |columns|
            [far + ((near - far) * (i + 1) / ROWS),
              { "kind" => "ground", "colour" => front[columns.first][2],
                "ring" => columns.map { |j| back[j].first(2) } + columns.reverse.map { |j| front[j].first(2) } }]
          end
        end
      end

      # @return [String] the tone that most of its rim has
      def rim_tone
        tones = rows.flat_map { |row| row.compact.values_at(0, -1) }.compact.map(&:last)
        tones.tally.max_by(&:last)&.first || BARE
      end

      private

      def spans
        @spans ||= [@eye.right, @eye.toward].map do |axis|
          @evaluation.terrain.grid.bounds.then { |x0, y0, x1, y1| [[x0, y0], [x1, y0], [x1, y1], [x0, y1]] }
            .map { |x, y| (x * axis[0]) + (y * axis[1]) }.minmax
        end
      end

      # Rows of the ground from the back to the front, each an array of [right, up, colour]; nil off the base.
      # @return [Array<Array<Array(Float, Float, String), nil>>]
      def rows
        @rows ||= begin
          fields = [across, up, light.shade, faced].map(&:to_a)
          Array.new(ROWS + 1) do |i|
            Array.new(PLACES + 1) do |j|
              place = fields.map { |field| field[i][j] }
              place[3] == OFF ? nil : [place[0].round(2), place[1].round(2), tone(place[3], place[2])]
            end
          end
        end
      end

      # What a place of the ground belongs to: a zone by its index, and beside those
      OFF = -100
      WATERS = -10
      private_constant :OFF, :WATERS

      def tone(owner, shade)
        @tones ||= {}
        @tones[[owner, shade]] ||= Colour::Tone.shaded(colour(owner), shade)
      end

      def colour(owner)
        return surface.colours[WATERS - owner] if owner <= WATERS

        owner.negative? ? BARE : zone_colours[owner]
      end

      def surface = @surface ||= SightWaters.new(@evaluation, place_x, place_y, wet)

      # Mm on the plan.
      def place_x = @place_x ||= (across * @eye.right[0]) + (depth * @eye.toward[0])
      def place_y = @place_y ||= (across * @eye.right[1]) + (depth * @eye.toward[1])

      # Places to look at: mm to the right and towards the eye, ROWS + 1 × PLACES + 1.
      def across = @across ||= spread(spans[0], PLACES).reshape(1, PLACES + 1) + Numo::DFloat.zeros(ROWS + 1, 1)
      def depth = @depth ||= spread(spans[1], ROWS).reshape(ROWS + 1, 1) + Numo::DFloat.zeros(1, PLACES + 1)
      def spread((low, high), count) = (Numo::DFloat.new(count + 1).seq * ((high - low) / count)) + low

      # Which cell of the relief lies under each place, counted row by row.
      def cells
        @cells ||= begin
          columns = cell_of(place_x, grid.left)
          rows = cell_of(place_y, grid.front)
          @inside = (columns >= 0) & (columns < grid.columns) & (rows >= 0) & (rows < grid.rows)
          Numo::Int32.cast((rows.clip(0, grid.rows - 1) * grid.columns) + columns.clip(0, grid.columns - 1))
        end
      end

      def cell_of(place, from) = ((place - from) / grid.cell).floor
      def grid = @terrain.grid

      # Zones, waters where they stand, and what is off the base.
      def owner
        @owner ||= begin
          owned = @terrain.zone_map.copy
          owned[@terrain.weight.le(SightLight::LEAST_WEIGHT)] = OFF
          owned.flatten[cells].tap do |found|
            surface.owners.each_with_index { |where, index| found[where & found.ne(OFF)] = WATERS - index }
            found[@inside.eq(0)] = OFF
          end
        end
      end

      # As owner, but that a sheer side belongs to what it falls from: that lies in the row behind.
      def faced
        behind = owner[0..0, true].concatenate(owner[0...-1, true], axis: 0)
        falls = light.falls & behind.ne(OFF) & owner.ne(OFF)
        owner.copy.tap { |found| found[falls] = behind[falls] }
      end

      # @return [Array<Array(Waters::Pool, Numo::Bit)>] waters that stand, and where
      def wet
        @wet ||= @evaluation.pools.select(&:wet?).map { |pool| [pool, pool.depths(grid).gt(0).flatten[cells]] }
      end

      # mm up the picture.
      def up = (height * Math.cos(@eye.elevation_deg * Math::PI / 180)) - (depth * Math.sin(@eye.elevation_deg * Math::PI / 180))

      # mm over the plinth's face, of what is seen: ground, or water with its waves.
      def height
        @height ||= begin
          level = @terrain.height.copy
          @evaluation.pools.select(&:wet?).each { |pool| flood(level, pool) }
          level.flatten[cells] + surface.waves
        end
      end

      def flood(level, pool)
        wet = pool.depths(grid).gt(0)
        level[wet] = (pool.surface(grid) + Numo::DFloat.zeros(*grid.shape))[wet]
      end

      def light
        @light ||= SightLight.new(@eye, @terrain, cells: cells, height: height, waters: surface, row_mm: (spans[1][1] - spans[1][0]) / ROWS)
      end

      def zone_colours = @zone_colours ||= @design.zones.map { |zone| Colour::Tone.of_zone(zone) }

      # Columns that both rows have, parted where the tone changes; a part begins where the last one ended.
      def runs(back, front)
        whole = (0..PLACES).select { |j| back[j] && front[j] }.slice_when { |a, b| b > a + 1 }
        whole.flat_map { |run| toned(run, front) }.select { |run| run.size > 1 }
      end

      def toned(run, front)
        parts = run.slice_when { |a, b| front[a][2] != front[b][2] }.to_a
        parts.each_cons(2) { |part, following| part << following.first }
        parts
      end
    end
  end
end
