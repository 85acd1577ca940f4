# frozen_string_literal: true

module GreenPlinth
  # How a figure comes about. key: tells it among others, e.g. "vitals/mass"; value: nil: unknown; formula: in words; inputs: Array<Input>,
  # what went into it; source: where those are from. Units: mm, mm2, mm3, g, ml, min, h, deg, minor (of money), moment, piece, sheet; nil
  # of a bare number or of words.
  Reckoning = Struct.new(:key, :name, :value, :unit, :formula, :inputs, :source, keyword_init: true) do
    # @return [Hash] JSON-ready
    def to_h = super.transform_keys(&:to_s).merge("inputs" => inputs.map { |one| one.to_h.transform_keys(&:to_s) })
  end

  # What goes into a figure. value: a number in `unit`, or words.
  Reckoning::Input = Struct.new(:name, :value, :unit)
end
