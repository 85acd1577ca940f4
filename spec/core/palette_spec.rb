# frozen_string_literal: true

# The tones of a build, and what its zones come to.
RSpec.describe GreenPlinth::Screens::Palette do
  def palette(**members) = described_class.new(design(plain_file(**members))).to_h

  it "tells the same material in the same colour once, with every place it lies in" do
    paint = course("acrylic_paint", colour: "#8C4A25")
    zones = [zone(paint, id: "bank", outline: rectangle(40, 20)), zone(paint, course("acrylic_paint", colour: "#223344"), id: "shore")]
    told = palette(zones: zones)["tones"]
    expect(told.map { |tone| [tone["colour"], tone["places"]] }).to eq([["#8c4a25", %w[bank shore]], ["#223344", ["shore"]]])
    expect(told.first["where"]).to eq(%w[/zones/0/courses/0 /zones/1/courses/0])
  end

  it "passes over what only holds or covers, and tells a mix with its parts" do
    mix = { id: "bank", parts: [{ material: "acrylic_paint", amount: 3, colour: "#8c4a25" }, { material: "water", amount: 1 }] }
    told = palette(zones: [zone(course("white_glue"), course("gloss_varnish"), course("mix:bank"))], mixes: [mix])["tones"]
    tone = told.find { |one| one["material"] == "mix:bank" }
    expect(told.map { |one| one["material"] }).not_to include("white_glue")
    expect(tone["mix"].map { |part| [part["name"], part["colour"], part["share"]] })
      .to eq([["acrylic paint", "#8c4a25", 0.75], ["water", nil, 0.25]])
  end

  # Four coats of paint hide all that is below: the wish is met by its own colour, and missed by another.
  it "holds what a zone comes to against what was wished" do
    zones = [zone(course("acrylic_paint", colour: "#8c4a25", coats: 4), tone: "#8c4a25"), zone(id: "bare", outline: rectangle(20, 20))]
    met, bare = palette(zones: zones)["zones"]
    expect(met["difference"]).to be < 0.5
    expect(bare).to include("wished" => nil, "difference" => nil)
    missed = palette(zones: [zone(course("acrylic_paint", colour: "#8c4a25", coats: 4), tone: "#3f5a3a")])["zones"].first
    expect(missed["difference"]).to be > 20
  end
end
