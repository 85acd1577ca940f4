# frozen_string_literal: true

module GreenPlinth
  # What one click does about it: a JSON Patch (RFC 6902) of the design.
  Fix = Struct.new(:label, :patch) do
    def to_h = { "label" => label, "patch" => patch }
  end
end
