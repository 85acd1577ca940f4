# frozen_string_literal: true

module GreenPlinth
  module Scale
    # The names that scales go by beside their ratio: of railways, and of figures by their height.
    class NamedScales
      # @param catalogue [Catalogue]
      def initialize(catalogue)
        @catalogue = catalogue
      end

      # @return [Array<Hash>] {name, ratio, source}, the smallest n first; a figure size stands for a span of scales, and the one
      #   in its middle is told
      def to_a
        (railways + figures).sort_by { |entry| entry["ratio"] }
      end

      private

      def railways
        @catalogue.railways.map { |name, data| { "name" => "railway #{name}", "ratio" => data["ratio"], "source" => data["source"] } }
      end

      def figures
        @catalogue.figures.map { |name, data|
 { "name" => "#{name} figures", "ratio" => middle(*data["ratio"]), "source" => data["source"] } }
      end

      # Of two ratios, as ratios go.
      def middle(low, high) = Math.sqrt(low * high).round
    end
  end
end
