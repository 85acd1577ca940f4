# frozen_string_literal: true

module GreenPlinth
  class Evaluation
    # Copies that differ: each variant is evaluated as the build that it is, and what is done alike on all is done together.
    module Varied
      # @return [Array<Array(Design::Variant, Evaluation)>] in the order of the file
      def variants
        @variants ||= design.variants.map do |variant|
          memo = @memo.fetch(:memo_of_variant, variant.id) { Memo.new }
          [variant, Evaluation.new(variant.design_of(design), memo, effort: @effort)]
        end
      end

      # @return [Array<Snags::Snag>] of copies that differ alone
      def variant_snags
        plain = own_snags
        variants.flat_map do |variant, evaluation|
          VariantSnags.new(design, variant, evaluation.design).call(evaluation.own_snags(families: VariantSnags::FAMILIES), plain)
        end
      end

      # @return [Array<Array(Range, Design::Variant)>] which bases are of which variant; nil: as the file has them
      def bases
        last = 0
        shares = design.variants.map { |variant| [(last + 1)..(last += variant.count), variant] }
        last < design.copies ? [*shares, [(last + 1)..design.copies, nil]] : shares
      end

      # @return [Hash{Integer => Design::Variant}] who stands where in the formation, counted from the front left: where the maker says,
      #   else on the first places that are free
      def standing_places
        told = design.variants.flat_map { |variant| variant.places.map { |place| [place, variant] } }.to_h
        free = ((1..design.copies).to_a - told.keys).each
        design.variants.each { |variant| (variant.count - variant.places.size).times { told[free.next] = variant } }
        told
      end

      private

      # What bases that differ cover of the plan.
      def shadows_by_place
        return {} if design.variants.empty?

        shadows = variants.to_h { |variant, own| [variant.id, Plan::Geos.union(own.design.subjects.map(&:shadow))] }
        standing_places.transform_values { |variant| shadows[variant.id] }
      end

      def varied_order
        recalled(:varied_order) do
          Reads.note(Reads::ALL)
          made = variants
          trays = bases.map do |numbers, variant|
            own = variant ? made.find { |one, _| one == variant }.last : self
            Steps::VariedOrder::Tray.new(order: own.own_order, bases: numbers, suffix: variant&.id, name: variant&.name,
              pointers: variant && Design::VariantPointers.new(design, variant, own.design))
          end
          made = Steps::VariedOrder.new(trays)
          @memo.same(:same_order, made.fields, made)
        end
      end
    end
  end
end
