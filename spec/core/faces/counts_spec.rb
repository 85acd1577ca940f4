# frozen_string_literal: true

# What is counted and bought of buildings whose faces are known. By hand.
RSpec.describe "Counting by faces" do
  def house(**more)
    { "id" => "house", "kind" => "building", "outline" => rectangle(60, 40), "height_mm" => 50,
      "roof" => { "kind" => "gable", "pitch_deg" => 45 } }.merge(JSON.parse(JSON.generate(more)))
  end

  def board(feature)
    plain_file(plinth: { "outline" => rectangle(120, 90), "thickness_mm" => 10, "material" => "mdf" }, features: [feature])
  end

  def count(feature) = evaluation(board(feature)).units.first

  # Bricks of 10 × 4 mm with joints of 0: walls of 6800 mm² take 170; a door of 10 × 20 mm leaves 165.
  it "leaves doors out of the bricks" do
    bricks = { "length_mm" => 10, "height_mm" => 4, "joint_mm" => 0 }
    expect(count(house(unit: bricks)).count).to eq(170)
    door = { "width_mm" => 10, "height_mm" => 20, "from_left_mm" => 5 }
    expect(count(house(unit: bricks, openings: [door])).count).to eq(165)
  end

  # A hipped roof of 45° covers its plan of 2400 mm² times the root of two, as a gabled one does.
  it "tiles a hip as much as a gable" do
    areas = %w[gable hip].map do |kind|
      GreenPlinth::Faces::Building.of(design(board(house(roof: { "kind" => kind, "pitch_deg" => 45 }))).features.first)
        .roof_faces.sum(&:area_mm2)
    end
    expect(areas).to all(be_within(0.01).of(2400 * Math.sqrt(2)))
  end

  # Two slopes 28.28 mm high and 60 mm long below, 20 mm above; two hips of 40 mm.
  it "lays a hipped roof out as four pieces, the long ones with tabs" do
    sheets = GreenPlinth::Faces::Net.new(GreenPlinth::Faces::Building.of(design(board(house(roof: { "kind" => "hip", "pitch_deg" => 45 })))
      .features.first)).sheets.drop(1)
    expect(sheets.map(&:name)).to eq(["roof, front slope", "roof, right hip", "roof, back slope", "roof, left hip"])
    bare = sheets.map { |sheet| sheet.faces.sum { |face, _| face.area_mm2 } }
    expect(bare.map { |area| area.round(1) }).to eq([1131.4, 565.7, 1131.4, 565.7])
    cut = sheets.map { |sheet| GreenPlinth::Plan::Geos.area(sheet.shape) }
    expect(cut.zip(bare).map { |whole, own| whole > own + 1 }).to eq([true, false, true, false])
  end

  # High at the back: 40 mm deep at 30° rise 23.09 mm; the front wall is 26.91 mm, the back one 50.
  it "leans to the front" do
    walls = GreenPlinth::Faces::Building.of(design(board(house(roof: { "kind" => "lean_to", "pitch_deg" => 30 }))).features.first).walls
    expect(walls.map { |face| face.height_mm.round(2) }).to eq([26.91, 50.0, 50.0, 50.0])
    expect(walls[1].ring.drop(2).map { |_, y| y.round(2) }).to eq([50.0, 26.91])
    expect(walls[3].ring.drop(2).map { |_, y| y.round(2) }).to eq([26.91, 50.0])
  end

  it "is told with the build, each opening with its place in the file" do
    door = { "name" => "door", "width_mm" => 10, "height_mm" => 20, "from_left_mm" => 5 }
    faced = told(board(house(openings: [door])))["faces"].first
    expect(faced["eaves_mm"]).to be_within(0.01).of(30)
    expect(faced["faces"].map { |face| face["wall"] }).to eq([true] * 4 + [false] * 2)
    expect(faced["faces"][0]["openings"]).to eq([{ "where" => "/features/0/openings/0", "name" => "door",
                                                   "ring" => [[5.0, 0.0], [15.0, 0.0], [15.0, 20.0], [5.0, 20.0]] }])
  end
end
