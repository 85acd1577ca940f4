# frozen_string_literal: true

# From the unit of use to the unit of sale. Densities and sheets as core/data has them; sums by hand.
RSpec.describe GreenPlinth::Quantities::Units do
  def told(amount, from, to, material) = described_class.convert(amount, from, to, catalogue[material])

  it "goes by density between grams and millilitres" do
    expect(told(10.0, "ml", "g", "earth_paste")).to be_within(1e-9).of(16)
    expect(told(16.0, "g", "ml", "earth_paste")).to be_within(1e-9).of(10)
  end

  it "goes by area and by the sheet" do
    expect(told(5000.0, "mm2", "cm2", "cork_sheet")).to eq(50)
    sheet = catalogue["cork_sheet"].pack["size_mm"].reduce(:*)
    expect(told(sheet / 4.0, "mm2", "sheet", "cork_sheet")).to be_within(1e-9).of(0.25)
  end

  it "leaves what is in that unit already, and says nothing where nothing leads there" do
    expect(told(3, "piece", "piece", "tufts")).to eq(3)
    expect(told(3, "piece", "ml", "tufts")).to be_nil
  end
end

RSpec.describe GreenPlinth::Quantities::Bought do
  def bought(use, mixes = [])
    made = mixes.map { |mix| GreenPlinth::Design::Mix.new(mix, "/mixes/0") }
    described_class.new(catalogue.with_mixes(made)).for(GreenPlinth::Quantities::Use.new(**use))
      .map { |one| [one.material, one.colour, one.amount.round(6), one.unit] }
  end

  it "is the thing itself, and of what water is stirred into the powder alone" do
    expect(bought({ material: "fine_sand", amount: 5.0, unit: "g" })).to eq([["fine_sand", nil, 5.0, "g"]])
    expect(bought({ material: "plaster", amount: 50.0, unit: "ml" })).to eq([["plaster", nil, 30.0, "ml"]])
  end

  # Three of plaster to one of paint: of 40 ml thirty are plaster, of which three fifths by mass are powder.
  it "takes a mix apart, and what is stirred up within it" do
    mix = { "id" => "pale", "parts" => [{ "material" => "plaster", "amount" => 3 },
      { "material" => "acrylic_paint", "amount" => 1, "colour" => "#ffffff" }] }
    expect(bought({ material: "mix:pale", amount: 40.0, unit: "ml" }, [mix]))
      .to eq([["plaster", nil, 18.0, "ml"], ["acrylic_paint", "#ffffff", 10.0, "ml"]])
  end

  it "leaves unknown what is unknown" do
    use = GreenPlinth::Quantities::Use.new(material: "plaster", amount: nil, unit: nil)
    expect(described_class.new(catalogue).for(use)).to eq([use])
  end
end
