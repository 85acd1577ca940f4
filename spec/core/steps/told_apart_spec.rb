# frozen_string_literal: true

# No two steps of a build go by one name.
RSpec.describe "Steps that would be called alike" do
  def titles(*courses, **more) = evaluation(plain_file(zones: [zone(*courses, name: "boggy ground", **more)])).steps.map(&:title)

  it "are told by which layer they are" do
    paints = %w[#4f3b2a #5e4a33 #6d5a3e #7c6a4a].map { |colour| course("acrylic_paint", colour: colour) }
    told = titles(course("earth_paste"), *paints)
    expect(told.grep(/\APaint boggy/)).to eq((2..5).map { |layer| "Paint boggy ground, layer #{layer}" })
  end

  it "are told by what is laid where that differs" do
    told = titles(course("earth_paste"), course("acrylic_paint"), course("wall_paint"))
    expect(told.grep(/\APaint boggy/)).to eq(["Paint boggy ground, with acrylic paint", "Paint boggy ground, with matt wall paint"])
  end

  it "keep their names where there is one of each, and their coats" do
    told = titles(course("earth_paste"), course("acrylic_paint", coats: 2))
    expect(told).to include("Spread earth texture paste on boggy ground")
    expect(told.grep(/\APaint boggy/)).to eq(["Paint boggy ground, coat 1 of 2", "Paint boggy ground, coat 2 of 2"])
  end

  it "are told apart on a further body and on copies that differ, too" do
    paints = [course("earth_paste"), course("acrylic_paint"), course("acrylic_paint", colour: "#7c6a4a")]
    body = { id: "islet", name: "islet", plinth: { outline: round(60), thickness_mm: 5, material: "mdf" },
             place: { how: "beside", at_mm: [120, 0] }, zones: [zone(*paints, id: "turf", name: "turf")] }
    variant = { id: "wet", count: 1, with: { zones: [zone(*paints, id: "wet", name: "wet", outline: rectangle(20, 20))] } }
    told = evaluation(plain_file(copies: 3, zones: [zone(*paints, name: "bank")], bodies: [body], variants: [variant])).steps.map(&:title)
    expect(told.uniq).to eq(told)
    expect(told.grep(/\APaint turf, layer/).size).to eq(2)
  end

  it "keep one name for all coats of one layer beside another" do
    told = titles(course("earth_paste"), course("acrylic_paint", coats: 2), course("acrylic_paint", colour: "#7c6a4a", coats: 2))
    expect(told.grep(/\APaint boggy/).sort)
      .to eq([2, 3].flat_map { |layer| [1, 2].map { |coat| "Paint boggy ground, layer #{layer}, coat #{coat} of 2" } })
  end

  it "are none in what ships" do
    sample_names.each do |name|
      told = GreenPlinth.evaluate(design(sample(name))).steps.map(&:title)
      expect(told.uniq).to eq(told), name
    end
  end
end
