# frozen_string_literal: true

module GreenPlinth
  module Snags
    # Something that will go wrong or look wrong. severity: "stops" (the work cannot go on), "spoils" (it will show),
    # "advice". where: JSON pointer into the design. fixes: Array<Fix>. figure: what it is drawn from, see Figure; nil where words do.
    Snag = Struct.new(:code, :severity, :message, :where, :fixes, :figure, keyword_init: true) do
      def to_h
        { "code" => code, "severity" => severity, "message" => message, "where" => where, "fixes" => fixes.map(&:to_h) }
          .merge(figure ? { "figure" => figure } : {})
      end

      # @param figure [Hash]
      # @return [Snag] the same, to be drawn from these measures
      def drawn(figure) = dup.tap { |snag| snag.figure = figure }
    end
  end
end
