# frozen_string_literal: true

module GreenPlinth
  # How whoever finds something wrong words it and offers to mend it. For what has a design and an evaluation.
  module Fixing
    private

    # A patch that puts a value at a pointer, whether or not one is there: "add" does both on objects.
    def put(label, pointer, value) = Fix.new(label, [{ "op" => "add", "path" => pointer, "value" => value }])

    # Puts a part where it stands free.
    # @param part [Design::Subject, Design::Feature]
    # @param there [Design::Subject, Design::Feature, nil] the same, moved
    # @return [Fix, nil]
    def move(part, there, whereto = "away")
      return unless there

      far = Math.hypot(there.middle[0] - part.middle[0], there.middle[1] - part.middle[1])
      put("move #{part.name} #{mm(far)} #{whereto}", "#{part.pointer}/#{there.place.first}", there.place.last)
    end

    # @return [Array(Float, Float)] from the middle of one to that of the other
    def away_from(still, mover)
      way = mover.middle.zip(still.middle).map { |to, from| to - from }
      way.all?(&:zero?) ? [1.0, 0.0] : way
    end

    # @return [Array(Float, Float)] from a part's middle to that of the top
    def inward(part) = @evaluation.ground.top.centroid.then { |middle| [middle.x - part.middle[0], middle.y - part.middle[1]] }

    def take_out(label, pointer) = Fix.new(label, [{ "op" => "remove", "path" => pointer }])

    # Appends to a list of the file that may not be there yet.
    def append(list, value) = design.append(list, value)

    def mm(value) = "#{number(value)} mm"

    # Short enough to read at the bench: 12.34 → 12.3, 140.2 → 140.
    # Nothing is never minus nothing.
    def number(value)
      shown = value.abs >= 100 ? value.round : value.round(1)
      shown.zero? ? "0" : format("%g", shown)
    end
  end
end
