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

RSpec.describe "Units by kind of part" do
  def counted(feature, scale: 10, **members) = evaluation(plain_file(scale: scale, features: [feature], **members)).units.first

  def built(kind, outline, represents, **more)
    { "id" => "f", "kind" => kind, "outline" => outline, "unit" => { "represents" => represents } }.merge(more.transform_keys(&:to_s))
  end

  it "builds a wall as many bricks thick as it is wide" do
    strip = ->(width) { { "kind" => "strip", "points_mm" => [[-40, 0], [40, 0]], "width_mm" => width } }
    one, two = [10.25, 21.5].map { |width| counted(built("wall", strip[width], "brick_uk", height_mm: 30)) }
    expect(two.count).to be_between((2 * one.count) - 1, 2 * one.count)
    expect([one.of, two.of]).to eq(["in the wall, 1 thick", "in the wall, 2 thick"])
  end

  it "lays tiles on a roof, and bricks in the walls under it" do
    hut = ->(unit) { counted(built("building", rectangle(60, 40), unit, height_mm: 40)) }
    # A tile shows 165 × 100 mm of itself: 16.5 × 10 at 1:10; the roof is the plan over the cosine of its pitch.
    expect(hut["tile"].count).to eq((2400 / Math.cos(40 * Math::PI / 180) / 165).ceil)
    expect(hut["brick_uk"].of).to eq("in the outer walls")
  end

  it "sets boards of a fence edge to edge along it" do
    strip = { "kind" => "strip", "points_mm" => [[0, -20], [0, 20]], "width_mm" => 2 }
    expect(counted(built("fence", strip, "plank", height_mm: 12)).count).to eq((40 / 15.5).ceil)
  end

  it "follows a bent line" do
    bent = { "kind" => "strip", "points_mm" => [[-30, -20], [0, -20], [0, 20]], "width_mm" => 12 }
    expect(counted(built("kerb", bent, "kerb", height_mm: 5)).count).to eq((70 / 92.1).ceil)
  end

  # Dashes of 2 m with gaps of 4 m (TSRGD diagram 1008) at 1:50: 40 and 80 mm. Along 480 mm: four.
  it "counts dashes along their line, and none to spare" do
    line = { "kind" => "strip", "points_mm" => [[-240, 0], [240, 0]], "width_mm" => 2 }
    told = counted(built("road", line, "line_uk"), scale: 50)
    expect([told.count, told.to_get, told.of]).to eq([4, 4, "dashes along the line"])
    own = built("road", line, "line_uk").merge("technique" => "mark_road", "unit" => { "length_mm" => 20, "joint_mm" => 40 })
    expect(counted(own, scale: 50).count).to eq(8)
  end

  it "counts nothing for a thing that comes in no units, or a part without a place" do
    expect(counted(built("wall", rectangle(40, 6), "person", height_mm: 20))).to be_nil
    expect(counted({ "id" => "f", "kind" => "wall", "unit" => { "represents" => "brick_uk" }, "height_mm" => 20 })).to be_nil
  end

  it "tells counts by part in the evaluation" do
    told = told(plain_file(scale: 10, features: [built("bridge", rectangle(60, 50), "plank")]))["units"].first
    expect(told).to include("where" => "/features/0/unit", "name" => "planks", "of" => "on the ground", "size_mm" => [240, 15, 3])
    expect(told["to_get"]).to be > told["count"]
  end
end
