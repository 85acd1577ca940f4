# frozen_string_literal: true

# A mix computed from its parts. Values of the parts as core/data/materials has them; the sums are done by hand.
RSpec.describe GreenPlinth::Catalogue::Mixture do
  def mix(*parts, **more)
    data = { "id" => "own", "parts" => parts.map { |material, amount| { "material" => material, "amount" => amount } } }
    described_class.new(GreenPlinth::Design::Mix.new(data.merge(more.transform_keys(&:to_s)), "/mixes/0"), catalogue)
  end

  def hours(material)
    %w[handle next dry full].map { |stage| material.hours(stage)&.then { |range| [range.low, range.typical, range.high] } }
  end

  # earth_paste: handle 4/8/12, next 12/24/36, dry 12/24/48, full 48/72/120; plaster: 0.5/1/2, 18/20/-, 24/36/72, 48/72/120.
  it "dries as the slowest of its parts, as spread as all of them" do
    material = mix(["earth_paste", 1], ["plaster", 1]).material
    expect(hours(material).values_at(0, 2, 3)).to eq([[0.5, 8, 12], [12, 36, 72], [48, 72, 120]])
    expect(material.mechanism).to eq("hydration")
    expect([material.open_min.low, material.open_min.typical]).to eq([5, 8])
  end

  it "shrinks and weighs by the volume of its parts, water and all" do
    material = mix(["earth_paste", 1], ["water", 1]).material
    expect(material.shrinkage).to be_within(1e-9).of((0.2 + 1) / 2)
    expect(material.density_wet).to be_within(1e-9).of((1.6 + 1.0) / 2)
    expect(material.density_dry).to be_within(1e-9).of(1.5)
  end

  # 10 g of earth paste (1.6 g/ml) and 6.25 g of water: 6.25 ml of each. 20 drops are a millilitre.
  it "takes its parts by volume, by mass or by drops" do
    by = ->(measure, *parts) { mix(*parts, by: measure).shares.map { |one| one.share.round(4) } }
    expect(by["volume", ["earth_paste", 3], ["water", 1]]).to eq([0.75, 0.25])
    expect(by["mass", ["earth_paste", 10], ["water", 6.25]]).to eq([0.5, 0.5])
    expect(by["drops", ["acrylic_paint", 2], ["acrylic_ink", 6]]).to eq([0.25, 0.75])
  end

  it "has the hazards of all, the traits that one part brings, and the paleness of most of it" do
    plastered = mix(["earth_paste", 3], ["plaster", 1]).material
    expect(plastered.traits & %w[plaster pale]).to eq(["plaster"])
    expect(plastered.hazards).to include("caustic")
    expect(mix(["earth_paste", 1], ["plaster", 3]).material.traits).to include("pale")
  end

  it "is nothing that could be told where a part is not known" do
    expect(mix(["earth_paste", 1], ["moon_dust", 1]).material).to be_nil
  end

  describe "in a build" do
    let(:file) do
      plain_file(zones: [zone(course("mix:own", id: "laid"), course("acrylic_paint", id: "paint"))],
        mixes: [{ id: "own", name: "own mud", parts: [{ material: "earth_paste", amount: 3 }, { material: "coarse_sand", amount: 1 }] }])
    end
    let(:told) { evaluation(file) }

    it "is waited for as long as it takes" do
      expect(told.schedule.start("paint") - told.schedule.start("laid")).to be >= 24 * 60
    end

    # 60 cm² at 2 mm of what shrinks by 15 %, and a tenth for waste; sand is 1.5 g/ml.
    it "is bought as its parts" do
      wet = 60 * 0.2 / 0.85 * 1.1
      lines = told.quantities.to_h { |line| [line.material, line] }
      expect(lines.keys).not_to include("mix:own")
      expect(lines["earth_paste"].amount).to be_within(0.05).of(wet * 0.75)
      expect(lines["coarse_sand"].amount).to be_within(0.05).of(wet * 0.25 * 1.5)
    end
  end
end
