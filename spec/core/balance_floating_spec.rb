# frozen_string_literal: true

RSpec.describe GreenPlinth::Balance::Floating do
  def floating(**members)
    plinth = { "outline" => round(100), "thickness_mm" => 2, "material" => "mdf", "key" => "scuffed" }
    evaluation(plain_file(purpose: "floating_display", plinth: plinth, **members)).floating
  end

  # The disc: π 50² × 2 mm at 0.75 g/cm³ = 11.78 g; 20 g stand 25 mm off: 20 × 25 / 31.78.
  it "finds the centre by the lever rule" do
    found = floating(subjects: [figure(round(10), at_mm: [25, 0], mass_g: 20, height_mm: 20)])
    expect(found.load_g).to be_within(0.02).of((Math::PI * 2500 * 2 * 0.75 / 1000) + 20)
    expect(found.off_axis_mm).to be_within(0.02).of(20 * 25 / found.load_g)
  end

  it "allows the usual share of the diameter until the maker types a limit" do
    expect(floating.off_axis_limit_mm).to eq(2)
    expect(floating(limits: { float_off_axis_mm: 0.5 }).off_axis_limit_mm).to eq(0.5)
  end

  it "counts what lies below the magnet of a base that floats, and not the ground above it" do
    high = floating(forms: [lift(6, round(40))], limits: { float_cover_mm: 2 })
    expect(high.to_h.values_at("gap_mm", "gap_most_mm")).to eq([2, 8])
    expect(floating(forms: [lift(6, round(20, at: [30, 0]))]).to_h.values_at("gap_mm", "gap_most_mm")).to eq([nil, 2])
  end

  it "counts cover and ground under what hovers, whose mass alone floats" do
    hull = figure(round(30), at_mm: [3, 4], mass_g: 60, mount: "hovering")
    found = floating(forms: [lift(6, round(40))], subjects: [hull, figure(round(8), id: "b", at_mm: [30, 0], mass_g: 20)],
      limits: { float_cover_mm: 3 })
    expect(found.to_h.slice("gap_mm", "load_g", "off_axis_mm", "off_axis_limit_mm", "floating"))
      .to eq("gap_mm" => 9, "load_g" => 60, "off_axis_mm" => 5, "off_axis_limit_mm" => 0.6, "floating" => ["figure"])
  end

  it "takes the axis where the driver stands" do
    hull = figure(round(30), at_mm: [3, 4], mass_g: 60, mount: "hovering")
    expect(floating(subjects: [hull], limits: { float_at_mm: [3, 4] }).off_axis_mm).to eq(0)
  end

  it "says nothing of a mass that is not known" do
    found = floating(subjects: [figure(round(10), at_mm: [25, 0], height_mm: 20)])
    expect(found.to_h.values_at("off_axis_mm", "load_g", "gap_limit_mm")).to eq([nil, nil, nil])
  end

  it "is told for floating displays only" do
    expect(told(plain_file)["balance"]["floating"]).to be_nil
    expect(told(sample("drifting-islet"))["balance"]["floating"]["gap_most_mm"]).to be_within(0.2).of(9.5)
  end
end
