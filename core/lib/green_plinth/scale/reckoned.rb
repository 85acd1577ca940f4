# frozen_string_literal: true

module GreenPlinth
  module Scale
    # How what the scale desk answers comes about.
    class Reckoned
      # @param ratio [Ratio]
      # @param allowed [Float] by how much a size may be off, as a factor
      def initialize(ratio, allowed)
        @ratio = ratio
        @allowed = allowed
      end

      # @return [Reckoning]
      def in_model(real, model) = told("in the model", model, "mm", "in life ÷ scale", [mm("in life", real), scale])

      # @return [Reckoning]
      def in_life(model, real) = told("in life", real, "mm", "in the model × scale", [mm("in the model", model), scale])

      # @param sizes [Array(Float, Float)] mm of the model, as the packet says
      # @param life [Array(Float, Float)] mm
      # @param wanted [Hash] the thing that it is held against
      # @return [Reckoning] of the largest: what is off by as much as that is told
      def packet(sizes, life, wanted)
        low, _, high = wanted["life_mm"]
        told("the largest in life", life.last, "mm",
          "the largest × scale; too big past the most of #{wanted["name"]} × #{@allowed}, too small under the least ÷ #{@allowed}",
          [mm("the smallest", sizes.first), mm("the largest", sizes.last), scale, mm("#{wanted["name"]}, least", low),
            mm("#{wanted["name"]}, most", high)], wanted["source"])
      end

      # @return [Reckoning]
      def from_scale(from, percent)
        told("of its present size", percent, "%", "100 × its scale ÷ the wanted one", [number("its scale, 1 :", from), scale])
      end

      # @return [Reckoning]
      def from_size(real, present, percent)
        told("of its present size", percent, "%", "100 × in life ÷ scale ÷ as it is now",
          [mm("in life", real), scale, mm("as it is now", present)])
      end

      private

      def told(name, value, unit, formula, inputs, source = "arithmetic")
        Reckoning.new(key: "scale", name: name, value: value.to_f.round(4), unit: unit, formula: formula, inputs: inputs, source: source)
      end

      def scale = number("scale, 1 :", @ratio.n)
      def mm(name, value) = Reckoning::Input.new(name, value&.to_f&.round(4), "mm")
      def number(name, value) = Reckoning::Input.new(name, value.to_f, nil)
    end
  end
end
