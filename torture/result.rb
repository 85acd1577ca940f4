# frozen_string_literal: true

module Torture
  # What one ordeal came to: a line of figures, and whether it was stood.
  Result = Struct.new(:name, :line, :stood) do
    def to_s = "#{stood ? "stood " : "FAILED"}  #{name}: #{line}"
  end
end
