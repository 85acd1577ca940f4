# frozen_string_literal: true

RSpec.describe GreenPlinth::Quantities::UnitCount do
  def feature(kind, outline, represents, **more)
    { "id" => "f", "kind" => kind, "outline" => outline,
      "unit" => { "represents" => represents } }.merge(more.transform_keys(&:to_s))
  end
  def strip(length, width)
    { "kind" => "strip", "points_mm" => [[-length / 2.0, 0], [length / 2.0, 0]], "width_mm" => width }
  end
  def count(*features, scale: 10, **members)
    evaluation(plain_file(scale: scale, features: features, **members)).units.first
  end

  it "lays a deck of planks, a kerb and sleepers along their line" do
    # 2400 × 150 planks, 5 apart, at 1:10: 240.5 × 15.5 mm each, over 60 × 50.
    expect(count(feature("bridge", rectangle(60, 50), "plank")).count).to eq((3000 / (240.5 * 15.5)).ceil)
    expect(count(feature("kerb", strip(92.1 * 5, 12), "kerb"), scale: 10).count).to eq(5)
    expect(count(feature("track", strip(630, 26), "sleeper"), scale: 10).count).to eq(10)
  end

  it "takes the maker's own sizes before life's" do
    own = feature("road", rectangle(60, 40),
      "sett").merge("unit" => { "length_mm" => 9.5, "width_mm" => 9.5, "joint_mm" => 0.5 })
    expect(count(own).count).to eq(24)
  end

  it "counts setts of a zone over what it keeps of the top" do
    paved = zone(id: "yard", ground: "setts", unit: { represents: "sett" })
    over = zone(id: "lawn", outline: rectangle(50, 60, at: [25, 0]))
    expect(count(scale: 10, zones: [paved, over]).count).to eq((3000 / (10.8**2)).ceil)
  end

  it "adds waste and spares, and says nothing while a measure is missing" do
    wall = feature("wall", strip(100, 10.25), "brick_uk")
    expect(count(wall)).to be_nil
    told = count(wall.merge("height_mm" => 75))
    expect(told.to_get).to eq((told.count * 1.15).ceil)
  end
end
