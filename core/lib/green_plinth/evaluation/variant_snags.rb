# frozen_string_literal: true

module GreenPlinth
  class Evaluation
    # What is wrong with copies that differ and not with the others, told where the build has it; its fixes change the variant alone.
    class VariantSnags
      # What is looked at of a base; plan, order and purse are those of the whole build.
      FAMILIES = %w[balance colour compat composition fit fix relief scale water].freeze

      # @param design [Design] the build
      # @param variant [Design::Variant]
      # @param own [Design] of its bases
      def initialize(design, variant, own)
        @variant = variant
        @pointers = Design::VariantPointers.new(design, variant, own)
      end

      # @param found [Array<Snags::Snag>] of its own bases
      # @param plain [Array<Snags::Snag>] of the others
      # @return [Array<Snags::Snag>]
      def call(found, plain)
        known = plain.to_set { |snag| [snag.code, snag.message] }
        found.reject { |snag| known.include?([snag.code, snag.message]) }.map { |snag| told(snag) }
      end

      private

      def told(snag)
        Snags::Snag.new(code: snag.code, severity: snag.severity, where: @pointers.place(snag.where), figure: snag.figure,
          message: "#{@variant.name.capitalize}: #{snag.message}", fixes: snag.fixes.filter_map { |fix| fixed(fix) })
      end

      # @return [Fix, nil] nil where a member of a part cannot say it
      def fixed(fix)
        ops = fix.patch.map { |op| changed(op) }
        ops.all? ? Fix.new(fix.label, ops.flatten(1)) : nil
      end

      # One member of one part: other on the variant from then on.
      def changed(op)
        list, id, rest = @pointers.part(op["path"])
        return unless id && rest && %w[add replace].include?(op["op"])

        own = @pointers.own_place(list, id)
        return [op.merge("path" => "#{own}#{rest}")] if own
        return if rest.count("/") > 1

        at = "#{@variant.pointer}/changed"
        holders(at, id) + [{ "op" => "add", "path" => "#{at}/#{id}#{rest}", "value" => op["value"] }]
      end

      def holders(at, id)
        whole = @variant.data["changed"] ? [] : [{ "op" => "add", "path" => at, "value" => {} }]
        @variant.changed[id] ? whole : [*whole, { "op" => "add", "path" => "#{at}/#{id}", "value" => {} }]
      end
    end
  end
end
