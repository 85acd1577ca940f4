# frozen_string_literal: true

# Every kind the scale desk knows, at the sizes that life gives it.
RSpec.describe GreenPlinth::Scale::Desk do
  let(:desk) { described_class.new(catalogue, 48) }

  GreenPlinth::Kinds.default["packets"].each do |kind, packet|
    packet["things"].each do |key|
      it "takes a model of #{key} at its own size for what it is" do
        low, _, high = desk.to_h["things"].find { |thing| thing["key"] == key }["model_mm"]
        told = desk.check(kind, low, high, represents: key)
        expect(told["verdict"]).to eq("right")
        expect(told["wanted"]["key"]).to eq(key)
      end

      it "says that #{key} of twice the size is too big, and of a third too small" do
        low, _, high = desk.to_h["things"].find { |thing| thing["key"] == key }["model_mm"]
        expect(desk.check(kind, low * 2, high * 2.5, represents: key)["verdict"]).to eq("too_big")
        expect(desk.check(kind, low / 3, high / 3, represents: key)["verdict"]).to eq("too_small")
      end
    end
  end

  it "knows a wave for every sea state but the flat one" do
    (1..9).each do |state|
      low, usual, = desk.to_h["waves"][state]["model_mm"]
      expect(desk.check("wave", usual, usual)["passes_for"].map do |thing|
        thing["key"]
      end).to include("sea_state_#{state}")
      expect(low).to be >= 0
    end
  end

  it "goes there and back: any length in life is itself again through the model" do
    PropCheck.forall(PropCheck::Generators.tuple(PropCheck::Generators.choose(1..2_000_000),
      PropCheck::Generators.choose(1..2000))) do |(micrometres, ratio)|
      real = micrometres / 1000.0
      told = described_class.new(catalogue, ratio).length(real_mm: real)
      back = described_class.new(catalogue, ratio).length(model_mm: told["model"]["mm"])
      expect(back["real"]["mm"]).to be_within(0.001 + (ratio * 1e-4)).of(real)
    end
  end

  it "gives every thing that is laid in numbers a size and a joint" do
    laid = catalogue.things.select { |_, data| data.key?("size_mm") }
    expect(laid.keys).to include("brick_uk", "sett", "slab", "kerb", "sleeper", "plank", "tile")
    expect(laid.values).to all(satisfy { |data| data["size_mm"].size == 3 && data["joint_mm"].is_a?(Numeric) })
  end
end
