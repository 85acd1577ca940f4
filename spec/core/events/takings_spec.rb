# frozen_string_literal: true

require "securerandom"

RSpec.describe GreenPlinth::Events::Takings do
  let(:takes) do
    [{ "material" => "earth_paste", "amount" => 20.0, "unit" => "ml" }, { "material" => "sheet", "amount" => 2, "unit" => "piece" }]
  end

  def event(kind, clock, **data)
    GreenPlinth::Events::Event.of("id" => SecureRandom.uuid, "kind" => kind, "at" => "2027-03-01T#{clock}:00Z", "step" => "bed",
      "of" => { "takes" => takes }, "data" => data.transform_keys(&:to_s))
  end

  def used(amount, clock, material: "earth_paste", unit: "ml") = event("used", clock, material: material, amount: amount, unit: unit)
  def ratios(*events) = described_class.new(GreenPlinth::Events::Log.new(events)).takings.map { |one| one.used / one.planned }

  it "takes all that was used of a material at a step together" do
    expect(ratios(used(20, "19:00"), used(10, "19:30"))).to eq([1.5])
  end

  it "begins another go where it came off" do
    expect(ratios(used(20, "19:00"), event("redone", "19:20", off: []), used(10, "19:30"))).to eq([1.0, 0.5])
  end

  it "learns nothing of what was not reckoned, of other units, of pieces, of a mistyped amount, and of what was only stirred up" do
    expect(ratios(used(5, "19:00", material: "pva_glue"), used(5, "19:01", unit: "g"), used(3, "19:02", material: "sheet", unit: "piece"),
      event("used", "19:03", material: "earth_paste", mixed: true))).to eq([])
    expect(ratios(used(201, "19:00"))).to eq([])
    expect(ratios(used(200, "19:00"))).to eq([10.0])
  end
end
