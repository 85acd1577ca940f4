# frozen_string_literal: true

module GreenPlinth
  module Relief
    # The ground as the forms make it, bottom to top, over a grid that covers the top (and forms that overhang it).
    # Heights are means over the part of each cell that lies on the base; a cell that an edge crosses stands in between.
    class Bulk
      attr_reader :top, :height, :strata

      # @param plinth [Design::Plinth]
      # @param forms [Array<Design::Form>]
      # @param memo [Memo] keeps the ground after each form, so that a change to one leaves those under it alone
      def initialize(plinth, forms, memo = Memo.new)
        @plinth = plinth
        over = forms.select(&:overhang?)
        under = Memo.digest([plinth.data, over.map(&:outline)])
        @top = memo.fetch(:top, under) { Top.new(plinth.top, Plan::Geos.union([plinth.top, *over.map(&:area)])) }
        @height = Numo::DFloat.zeros(*grid.shape)
        @sloping = Numo::DFloat.zeros(*grid.shape)
        @strata = pile(forms, under, memo).freeze
      end

      def grid = top.grid
      def weight = top.weight

      # @return [Float] mm³ of a field of heights over the base
      def volume(field) = (field * weight).sum * grid.cell_area

      private

      # Less than this has not changed the ground, mm.
      TOUCHED_MM = 0.02
      private_constant :TOUCHED_MM

      # A layer of the pile: the form laid, and the ground as it then is, with how far its sloping sides' crests stand back.
      Held = Struct.new(:stratum, :height, :sloping)
      private_constant :Held

      # @param under [Integer] digest of what the first form lies on
      def pile(forms, under, memo)
        forms.map do |form|
          under = Memo.digest([under, form.data])
          layer = memo.fetch(:form, under) { lay(form).then { |stratum| Held.new(stratum, @height, @sloping) } }
          @height, @sloping = layer.height, layer.sloping
          layer.stratum
        end
      end

      def lay(form)
        shape = form.area
        placed = form.overhang? ? shape : shape.intersection(top.area)
        area = Plan::Geos.area(placed)
        return nothing(form) if area < 1e-6

        placed_cover = Cover.of(placed, grid)
        window = placed_cover.window
        cover = placed_cover.relative(weight)
        layer = Laying.new(grid: grid, window: window, form: form, shape: shape, top: top.area, cover: cover,
          ground: height[*window], sloping: @sloping[*window], drapes: drapes?(form), floor: -@plinth.thickness_mm).call
        # What was kept after the form beneath stays as it is.
        @height, @sloping = @height.copy, @sloping.copy
        height[*window] = height[*window] + (cover * layer.rise)
        @sloping[*window] = Numo::DFloat.maximum(@sloping[*window], layer.sloping)
        Stratum.new(form, window, { base: layer.base, top: layer.base + layer.body, cover: cover }, figures(layer, window, cover, area))
      end

      def figures(layer, window, cover, area)
        share = cover * weight[*window] * grid.cell_area
        added = layer.cut? ? -layer.rise : layer.body
        volume = (share * added).sum
        area = (share * Numo::DFloat.cast(added > TOUCHED_MM)).sum if layer.form.along_a_line?
        { area_mm2: area, volume_mm3: layer.sheer? ? area * layer.form.thickness_mm : volume,
          void_mm3: layer.void && (share * layer.void).sum, through_mm2: (share * layer.through).sum,
          centre: centre(share * added, layer, window, volume) }
      end

      def centre(amount, layer, window, volume)
        return [0.0, 0.0, 0.0] unless volume.positive?

        rows, columns = window
        middle = layer.base + (layer.body / 2)
        [(amount * grid.xs[columns]).sum, (amount * grid.ys[rows, true]).sum, (amount * middle).sum]
          .map { |moment| moment / volume }
      end

      def nothing(form)
        empty = Numo::DFloat.zeros(1, 1)
        Stratum.new(form, [0...1, 0...1], { base: empty, top: empty, cover: empty },
          { area_mm2: 0.0, volume_mm3: 0.0, void_mm3: 0.0, through_mm2: 0.0, centre: [0.0, 0.0, 0.0] })
      end

      # Sheets bridge; clays, fillers and cloths follow the ground. What is not known is taken to bridge.
      def drapes?(form) = form.material&.trait?("drapes") || false
    end
  end
end
