# frozen_string_literal: true

RSpec.describe GreenPlinth::Balance::Mass do
  def mass(**members) = evaluation(plain_file(**members)).mass
  def balance(**members) = told(plain_file(**members))["balance"]

  it "weighs a board by its volume" do
    # 10 × 6 × 2 cm at 0.75 g/cm³.
    expect(balance["mass_g"]).to be_within(0.01).of(90)
    expect(balance["centre_of_mass_mm"]).to match([be_within(0.01).of(0), be_within(0.01).of(0),
      be_within(0.01).of(-10)])
  end

  it "takes off what is cut away, and adds what is laid" do
    # 5 mm cork at 0.2 over 100 × 60: 6 g; a 4 mm cut of 10 × 10 in it: 0.08 g.
    expect(balance(forms: [lift(5, rectangle(100, 60)),
      cut(4, rectangle(10, 10))])["mass_g"]).to be_within(0.02).of(90 + 6 - 0.08)
  end

  it "leans towards what stands on it" do
    made = balance(subjects: [figure(round(10), at_mm: [40, 0], mass_g: 90, height_mm: 30)])
    expect(made["centre_of_mass_mm"]).to match([be_within(0.01).of(20), be_within(0.01).of(0),
      be_within(0.01).of(2.5)])
    # From the bench: centre of mass 22.5 up, 30 mm from the nearest edge (the front or the back).
    expect(made["tip_deg"]).to be_within(0.1).of(Math.atan2(30, 22.5) * 180 / Math::PI)
  end

  it "does not know the whole while a part is unknown, and names it" do
    made = balance(subjects: [figure(round(10))])
    expect(made).to include("mass_g" => nil, "centre_of_mass_mm" => nil, "tip_deg" => nil,
      "unknown" => ["/subjects/0"])
    expect(made["known_g"]).to be_within(0.01).of(90)
  end

  it "tips at once when its middle lies beside its foot" do
    expect(balance(subjects: [figure(round(10), at_mm: [49, 29], mass_g: 100_000,
      height_mm: 0)])["tip_deg"]).to be < 3
  end

  it "weighs a moulded base as a shell" do
    # A disc of 32 mm, 4 mm high, in walls of 2 mm: top π·16²·2 and rim 2π·16·2·2, at 1.05 g/cm³.
    file = plain_file.merge("plinth" => { "outline" => round(32), "thickness_mm" => 4, "material" => "plastic_base" })
    expect(told(file)["balance"]["mass_g"]).to be_within(0.02).of(((Math::PI * 256 * 2) + (2 * Math::PI * 16 * 4)) * 1.05 / 1000)
  end

  it "stands as tall as its tallest part from the bench" do
    made = mass(forms: [lift(5, round(30))], subjects: [figure(round(8), height_mm: 40)])
    expect(made.height_mm).to eq(20 + 5 + 40)
    expect(mass(subjects: [figure(round(8))]).height_mm).to be_nil
  end
end
