# frozen_string_literal: true

module GreenPlinth
  class Evaluation
    # A build of several bodies: each is evaluated as a base of its own; order, calendar and purse are shared.
    module Bodied
      # @return [Array<Array(Design::Body, Evaluation)>] in the order of the file
      def bodies
        @bodies ||= design.bodies.map do |body|
          memo = @memo.fetch(:memo_of_body, body.id) { Memo.new }
          [body, Evaluation.new(body.design_of(design), memo, effort: @effort)]
        end
      end

      # @return [Array<Composition::PlacedBody>] where each body is against the one that the file describes
      def placed_bodies = @placed_bodies ||= bodies.map { |body, own| Composition::PlacedBody.new(body, own, self) }

      # @return [Balance::Together] of all that this body carries
      def together = Balance::Together.new(mass, placed_bodies.select { |one| one.body.carried? && !one.body.how.trait?("over") })

      private

      def order_with_bodies(order)
        recalled(:order_with_bodies) do
          Reads.note(Reads::ALL)
          made = Steps::OrderWithBodies.new(order, bodies.map { |body, own| [body, own.own_order] })
          @memo.same(:same_order, made.fields, made)
        end
      end

      # Pieces of the other bodies, each told by its body, numbered on.
      def body_templates(from)
        pieces = bodies.flat_map { |body, own| own.own_templates.map { |piece| [body, piece] } }
        pieces.each_with_index.map do |(body, piece), index|
          piece.dup.tap do |one|
            one.pointer, one.name, one.order = body.pointer_of(piece.pointer), "#{body.name}: #{piece.name}", from + index
          end
        end
      end

      # What is wrong with a body by itself, told where the build has it.
      def body_snags
        bodies.flat_map do |body, own|
          own.own_snags(families: VariantSnags::FAMILIES).map { |snag| of_body(snag, body) }
        end
      end

      def of_body(snag, body)
        fixes = snag.fixes.map { |fix| Fix.new(fix.label, fix.patch.map { |op| moved(op, body) }) }
        Snags::Snag.new(code: snag.code, severity: snag.severity, where: body.pointer_of(snag.where), fixes: fixes, figure: snag.figure,
          message: "#{body.name.capitalize}: #{snag.message}")
      end

      def moved(op, body)
        op.to_h { |key, value| [key, %w[path from].include?(key) ? body.pointer_of(value) : value] }
      end
    end
  end
end
