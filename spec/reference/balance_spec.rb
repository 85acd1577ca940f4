# frozen_string_literal: true

# Centres of mass of composed solids by hand. Source: statics, the lever rule; solids as in reference/solids_spec.
RSpec.describe "Balance by hand" do
  def balance(**members) = told(plain_file(**members))["balance"]

  # The board: 90 g, its middle at (0, 0, -10).
  it "a board and a cork block on one side" do
    # Cork 20 × 60 × 20 mm at 0.2 g/cm³: 4.8 g at (-40, 0, 10).
    made = balance(forms: [lift(20, rectangle(20, 60, at: [-40, 0]))])
    expect(made["mass_g"]).to be_within(0.02).of(94.8)
    expect(made["centre_of_mass_mm"][0]).to be_within(0.02).of(-40 * 4.8 / 94.8)
    expect(made["centre_of_mass_mm"][2]).to be_within(0.02).of(((90 * -10) + (4.8 * 10)) / 94.8)
  end

  it "a cone of clay: its middle is a quarter of its height up" do
    # π 15² 12 / 3 = 2827 mm³ of dry clay at 1.5: 4.24 g, 3 mm up.
    made = balance(forms: [form("mound", "hill", round(30), crown_mm: 12, profile: "cone", material: "air_dry_clay")])
    clay = Math::PI * 225 * 4 * 1.5 / 1000
    expect(made["mass_g"]).to be_within(0.05).of(90 + clay)
    expect(made["centre_of_mass_mm"][2]).to be_within(0.3).of(((90 * -10) + (clay * 3)) / (90 + clay))
  end

  it "two figures that balance each other" do
    pair = [figure(round(8), id: "a", at_mm: [-30, 10], mass_g: 10, height_mm: 20),
      figure(round(8), id: "b", at_mm: [15, -5], mass_g: 20, height_mm: 20)]
    made = balance(subjects: pair)
    expect(made["centre_of_mass_mm"].first(2)).to all(be_within(0.01).of(0))
  end

  it "water by its volume: resin at 1.1 g/ml" do
    dry = balance(forms: [lift(10, rectangle(100, 60)), cut(6, rectangle(40, 20))])["mass_g"]
    wet = told(pool_file(level: 8, medium: "two_part_resin"))["balance"]["mass_g"]
    expect(wet - dry).to be_within(0.03).of(3.2 * 1.1)
  end
end
