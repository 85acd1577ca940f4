# frozen_string_literal: true

# What some snags are drawn from: the measures that they tell, mm of the model.
RSpec.describe GreenPlinth::Snags::Figure do
  def figure(code, **members) = told(plain_file(**members))["snags"].find { |snag| snag["code"] == code }&.fetch("figure")

  it "is the grains, those that would do, and a boot at this scale" do
    ballast = course("gravel", grain_mm: [3, 5], represents: "railway_ballast")
    drawn = figure("scale/grain_too_coarse", scale: 87, zones: [zone(ballast)])
    expect(drawn).to include("kind" => "grains", "own_mm" => [3.0, 5.0])
    # A boot of 300 mm by 130 at 1:87.
    expect(drawn["boot_mm"]).to match([be_within(0.01).of(3.45), be_within(0.01).of(1.49)])
    expect(drawn["right_mm"][1]).to be < 3
  end

  it "is how tall somebody is, and how tall he should be" do
    drawn = figure("scale/subject_height", scale: 35, subjects: [figure_of(90)])
    expect(drawn).to include("kind" => "heights", "own_mm" => 90.0, "of" => "figure")
    expect(drawn["right_mm"]).to all(be_between(40, 60))
  end

  it "is how thick a layer is, and how thick it may be" do
    paste = course("earth_paste", thickness_mm: 9)
    expect(figure("dry/layer_too_thick", zones: [zone(paste)])).to eq("kind" => "layer", "own_mm" => 9.0, "most_mm" => 4.0)
  end

  it "is at which lean a base goes over: the tangent of it is the way to the edge over the height" do
    drawn = figure("balance/tips", plinth: { outline: round(20), thickness_mm: 3, material: "mdf" },
      subjects: [{ **figure_of(120), "mass_g" => 200 }])
    expect(drawn).to include("kind" => "lean", "steady_deg" => 12.0)
    expect(Math.tan(drawn["deg"] * Math::PI / 180) * drawn["high_mm"]).to be_within(0.05).of(drawn["arm_mm"])
  end

  it "is where water stands against the ground that it lies below" do
    drawn = told(pool_file(level: -9))["snags"].find { |snag| snag["code"] == "water/dry" }["figure"]
    expect(drawn["level_mm"]).to eq(-9)
    expect(drawn["edge_mm"]).to be > drawn["level_mm"]
    expect(drawn["right_mm"]).to be > drawn["edge_mm"]
  end

  # What it is about; the code; the scene; the figure by hand.
  line = { "kind" => "strip", "points_mm" => [[-45, 0], [45, 0]], "width_mm" => 16 }
  man = { "id" => "man", "kind" => "figure", "footprint" => { "kind" => "round", "diameter_mm" => 8 }, "at_mm" => [0, 15] }
  block = { "id" => "block", "kind" => "ramp", "outline" => { "kind" => "rectangle", "width_mm" => 100, "depth_mm" => 60 },
            "material" => "xps_foam", "from_mm" => [-50, 0], "to_mm" => [50, 0], "from_z_mm" => 12, "to_z_mm" => 12 }
  room = { "id" => "room", "kind" => "cavity", "invert_mm" => 0, "clear_mm" => 9,
           "outline" => { "kind" => "rectangle", "width_mm" => 20, "depth_mm" => 20, "at_mm" => [0, 15] } }
  {
    "a roof thinner than a pin" => ["fit/cavity_pierced", { forms: [block, room], subjects: [man.merge("mount" => "pinned")] },
      { "own" => 3.0, "unit" => "mm", "least" => 5.0, "most" => nil }],
    # 20 mm² at the least; 12 g at 30 g on each 100 mm² want 40.
    "a foot too small for glue" => ["fix/contact_small", { subjects: [man.merge("contact_mm2" => 30, "mass_g" => 12)] },
      { "own" => 30.0, "unit" => "mm²", "least" => 40.0, "most" => nil }],
    # Steeper than 0.142 breaks: 10 ÷ 0.142 = 70.4.
    "waves that would have broken" => ["water/waves_break", { waters: [{ "id" => "sea", "medium" => "acrylic_water", "level_mm" => 3,
      "outline" => { "kind" => "rectangle", "width_mm" => 60, "depth_mm" => 40 }, "waves" => { "height_mm" => 10, "length_mm" => 60 } }] },
      { "own" => 60.0, "unit" => "mm", "least" => 71.0, "most" => nil }],
    # Standard gauge at 1:87 is 16.5 mm; a twelfth more or less is let be.
    "a gauge of another scale" => ["scale/track_gauge", { scale: 87, features: [{ "id" => "t", "kind" => "track", "outline" => line,
      "gauge_mm" => 9, "represents" => "gauge" }] }, { "own" => 9.0, "unit" => "mm" }]
  }.each do |what, (code, members, right)|
    it "is a measure on a scale of its own: #{what}" do
      expect(figure(code, **members)).to include({ "kind" => "measure" }.merge(right))
    end
  end

  it "is never drawn where the measure would do: in every sample, and wherever one is told" do
    drawn = sample_names.flat_map { |name| told(sample(name))["snags"].filter_map { |snag| snag["figure"] } }
    measured = drawn.select { |one| one["kind"] == "measure" }
    expect(measured).not_to be_empty
    expect(measured).to all(satisfy { |one| one["own"] < (one["least"] || 0) || one["own"] > (one["most"] || Float::INFINITY) })
  end

  it "is a way that climbs, and the steepest that would do" do
    hill = block.merge("from_z_mm" => 0, "to_z_mm" => 12)
    drawn = figure("relief/too_steep", forms: [hill], features: [{ "id" => "t", "kind" => "track", "outline" => line }])
    expect(drawn).to include("kind" => "climb", "own_pct" => 12.0)
    expect(drawn["most_pct"]).to be < 12
  end

  # What it is about; the code; the scene; the measure by hand.
  {
    # The plinth is 20 mm thick where nothing is said.
    "a cut deeper than the plinth" => ["relief/cuts_through", { forms: [{ "id" => "pit", "kind" => "cut", "depth_mm" => 30,
      "outline" => { "kind" => "round", "diameter_mm" => 20 } }] }, { "own" => 30.0, "most" => 20.0, "unit" => "mm" }],
    "damp air" => ["dry/too_damp", { climate: { humidity_pct: 85 }, zones: [{ "id" => "z", "ground" => "earth",
      "outline" => { "kind" => "rest" }, "courses" => [{ "material" => "aerosol_primer", "rig" => "spray_can" }] }] },
      { "own" => 85.0, "most" => 75.0, "unit" => "%" }],
    # Two discs of 10 mm, 4 mm apart: 2·25·acos(0.4) − 2·sqrt(84) = 39.64 mm² are shared.
    "two on one spot" => ["fit/clearance", { subjects: [man.merge("footprint" => { "kind" => "round", "diameter_mm" => 10 }),
      man.merge("id" => "boy", "footprint" => { "kind" => "round", "diameter_mm" => 10 }, "at_mm" => [4, 15])] },
      { "own" => 39.6, "most" => 0.0, "unit" => "mm²" }]
  }.each do |what, (code, members, right)|
    it "is a measure beside what would do: #{what}" do
      drawn = figure(code, **members)
      expect(drawn).to include({ "kind" => "measure" }.merge(right.except("own")))
      expect(drawn["own"]).to be_within(0.1).of(right["own"])
    end
  end

  describe "of layers" do
    it "names the two that do not go together, with the ones next to them" do
      drawn = figure("order/hidden_coat", zones: [zone(course("earth_paste"), course("acrylic_paint", colour: "#112233"),
        course("acrylic_paint", colour: "#445566"), course("fine_sand"), course("fine_sand"))])
      names = drawn["layers"].map { |layer| layer["colour"] }
      expect(names[1, 2]).to eq(%w[#112233 #445566])
      expect([names.size, drawn["low"], drawn["high"]]).to eq([4, 1, 2])
    end

    it "begins with the form where that is the lower of the two" do
      foam = { "id" => "hill", "kind" => "lift", "material" => "xps_foam", "sheet_mm" => 10,
               "outline" => { "kind" => "rectangle", "width_mm" => 100, "depth_mm" => 60 } }
      drawn = figure("compat/foam_solvent", forms: [foam], zones: [zone(course("aerosol_primer", rig: "spray_can"))])
      expect(drawn["layers"].map { |layer| layer["name"] }).to eq(["hill", "spray primer"])
      expect([drawn["low"], drawn["high"]]).to eq([0, 1])
    end
  end

  it "is two tones that read as one" do
    sides = [-25, 25].map { |x| { "kind" => "rectangle", "width_mm" => 50, "depth_mm" => 60, "at_mm" => [x, 0] } }
    zones = sides.zip(%w[#6b5a45 #6c5b46], %w[west east]).map do |outline, colour, id|
      zone(course("acrylic_paint", colour: colour), outline: outline, id: id, name: id)
    end
    drawn = figure("colour/meant_alike", zones: [zones[0], zones[1].merge("courses" => [{ "material" => "acrylic_paint",
      "colour" => "#75644f" }])])
    expect(drawn["own"]).to eq([{ "name" => "west", "colour" => "#6b5a45" }, { "name" => "east", "colour" => "#75644f" }])
    expect(drawn["right"].map { |tone| tone["colour"] }).to eq(%w[#6b5a45 #6b5a45])
  end

  it "is where a flag streams beside where the wind takes it" do
    flag = man.merge("flag_deg" => 90)
    expect(figure("composition/flag_against_wind", wind: { "from_deg" => 180 }, subjects: [flag]))
      .to eq("kind" => "bearings", "own_deg" => 90.0, "right_deg" => 0.0, "aside_deg" => 90.0, "allowed_deg" => 45.0)
    sea = { "id" => "sea", "medium" => "acrylic_water", "level_mm" => 3,
            "waves" => { "height_mm" => 2, "length_mm" => 60, "from_deg" => 300 },
            "outline" => { "kind" => "rectangle", "width_mm" => 60, "depth_mm" => 40 } }
    # From 300° towards 120°; the wind from 180° towards 0°.
    expect(figure("composition/waves_against_wind", wind: { "from_deg" => 180 }, waters: [sea]))
      .to include("own_deg" => 120.0, "right_deg" => 0.0, "aside_deg" => 120.0)
  end

  it "is none where words do" do
    lamp = { "id" => "lamp", "kind" => "light", "outline" => round(4), "height_mm" => 30, "powered" => true }
    dark = told(plain_file(features: [lamp]))["snags"].find { |snag| snag["code"] == "fit/no_cable" }
    expect(dark).not_to have_key("figure")
  end

  def figure_of(height)
    { "id" => "man", "name" => "man", "kind" => "figure", "footprint" => round(8), "at_mm" => [0, 0], "height_mm" => height,
      "represents" => "person" }
  end
end
