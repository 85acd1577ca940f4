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

  it "is none where words do" do
    lost = told(plain_file(subjects: [figure_of(30)]))["snags"].find { |snag| snag["code"] == "composition/share" }
    expect(lost).not_to have_key("figure")
  end

  def figure_of(height)
    { "id" => "man", "name" => "man", "kind" => "figure", "footprint" => round(8), "at_mm" => [0, 0], "height_mm" => height,
      "represents" => "person" }
  end
end
