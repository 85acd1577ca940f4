# frozen_string_literal: true

module GreenPlinth
  module Scale
    # 1:n, both ways.
    Ratio = Struct.new(:n) do
      # Real length for a model length, same unit.
      def real(model) = model * n

      # Model length for a real length, same unit.
      def model(real) = real / n.to_f

      # @param name [String] "H0", "N", …
      # @return [Ratio, nil] of a named railway scale; source in the catalogue (NEM 010, NMRA S-1.2)
      def self.railway(name, catalogue = Catalogue.default)
        catalogue.railways[name]&.then { |data| new(data["ratio"]) }
      end
    end
  end
end
