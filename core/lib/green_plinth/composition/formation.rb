# frozen_string_literal: true

module GreenPlinth
  module Composition
    # Copies of a base standing beside and behind each other: rows × columns, so far apart, every other row shifted.
    # Where the bases are alike, one base and its neighbours tell of all; those that differ are looked at each where it stands.
    class Formation
      # @param foot [RGeo geometry] of one base
      # @param data [Hash] how they stand, as in a plinth file
      # @param others [Hash{Integer => RGeo geometry}] what bases that differ cover of the plan, by their places from the front left
      def initialize(design, foot, data = design.member("formation") || {}, others: {})
        @design = design
        @data = data
        @foot = foot
        @others = others
      end

      # The same bases, standing otherwise.
      # @return [Formation]
      def standing(**members)
        other = self.class.new(@design, @foot, @data.merge(members.transform_keys(&:to_s)), others: @others)
        other.shadow = shadow
        other
      end

      # @return [Boolean] whether the maker says how they stand
      def set? = !@design.member("formation").nil?

      def rows = @data["rows"] || 1
      def columns = @data["columns"] || 1
      def gap_mm = (@data["gap_mm"] || 0).to_f
      def stagger_mm = (@data["stagger_mm"] || 0).to_f

      # @return [Array<Array(Float, Float)>] where the neighbours' middles are from this base's, mm
      def neighbours
        beside = columns > 1 ? [[-pitch[0], 0.0], [pitch[0], 0.0]] : []
        across = columns > 1 ? [-1, 0, 1] : [0]
        behind = rows > 1 ? across.product([-1, 1]).map { |i, j| [(i * pitch[0]) + stagger_mm, j * pitch[1]] } : []
        beside + behind
      end

      # @return [Float, nil] mm between silhouettes of neighbours at the nearest; 0 where they meet; nil without any
      def least_gap_mm = @least_gap_mm ||= pairs.map { |one, other, offset| one.distance(shifted(other, offset)) }.min

      # @return [RGeo geometry] where silhouettes share room, about the base that has the neighbour
      def interference
        @interference ||= Plan::Geos.union(pairs.map { |one, other, offset| one.intersection(shifted(other, offset)) })
      end

      def interference_mm2 = Plan::Geos.area(interference)

      # @return [RGeo geometry] a neighbour's foot
      def foot_at(offset) = shifted(@foot, offset)

      # @return [Array<RGeo geometry>]
      def silhouettes_at(offset) = @design.subjects.map { |subject| shifted(subject.shadow, offset) }

      protected

      # What all the subjects of one base cover of the plan: the same however the bases stand.
      attr_writer :shadow

      def shadow = @shadow ||= Plan::Geos.union(@design.subjects.map(&:shadow))

      private

      # Two that stand beside or behind each other, and how far the second is from the first.
      # @return [Array<Array(RGeo geometry, RGeo geometry, Array(Float, Float))>]
      def pairs
        return neighbours.map { |offset| [shadow, shadow, offset] } if @others.empty?

        (1..rows * columns).flat_map { |place| beside(place).map { |other, offset| [covered(place), covered(other), offset] } }
          .uniq { |one, other, offset| [one.object_id, other.object_id, offset] }
      end

      def covered(place) = @others[place] || shadow

      # The one to its right and the three behind it: each pair once.
      def beside(place)
        row, column = (place - 1).divmod(columns)
        shift = row.even? ? stagger_mm : -stagger_mm
        near = [[row, column + 1, [pitch[0], 0.0]]] + [-1, 0, 1].map { |by| [row + 1, column + by, [(by * pitch[0]) + shift, pitch[1]]] }
        near.select { |r, c, _| r < rows && c.between?(0, columns - 1) }.map { |r, c, offset| [(r * columns) + c + 1, offset] }
      end

      def pitch
        @pitch ||= begin
          min_x, min_y, max_x, max_y = Plan::Geos.bounds(@foot)
          [max_x - min_x + gap_mm, max_y - min_y + gap_mm]
        end
      end

      def shifted(shape, (dx, dy)) = Plan::Outline.moved(shape, [dx, dy], 0.0)
    end
  end
end
