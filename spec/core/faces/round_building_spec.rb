# frozen_string_literal: true

# A drum of 40 mm with a roof; figures by hand, from the circumference, the slant of a cone and the ellipse of a plane that leans.
RSpec.describe GreenPlinth::Faces::RoundBuilding do
  def tower(roof: { "kind" => "hip", "pitch_deg" => 45 }, **more)
    { "id" => "tower", "kind" => "building", "outline" => round(40, at: [10, 5]), "height_mm" => 50, "material" => "card", "roof" => roof }
      .merge(JSON.parse(JSON.generate(more)))
  end

  def file(**more)
    plain_file(plinth: { "outline" => rectangle(140, 100), "thickness_mm" => 10, "material" => "mdf" }, features: [tower(**more)])
  end

  def building(**more) = GreenPlinth::Faces::Building.of(design(file(**more)).features.first)
  def area(faces) = faces.sum(&:area_mm2)

  # Half of 40 mm at 45° rises 20: the wall is 30 high, the slant 20·√2, and the cone π·20·20·√2 = 1777.15 mm².
  it "is a wall as long as round the drum, and a cone" do
    expect(building).to have_attributes(eaves_mm: be_within(1e-9).of(30), walled?: true, pitched?: true)
    expect(building.walls.map(&:width_mm)).to match([be_within(1e-9).of(Math::PI * 40)])
    expect(area(building.walls)).to be_within(1e-6).of(Math::PI * 40 * 30)
    expect(area(building.roof_faces)).to be_within(0.001 * 1777.15).of(1777.15)
    # The edge of the cone lies round the drum.
    edge = building.roof_faces.first.ring.drop(1).each_cons(2).sum { |a, b| Math.hypot(b[0] - a[0], b[1] - a[1]) }
    expect(edge).to be_within(0.001 * Math::PI * 40).of(Math::PI * 40)
  end

  # The plane is an ellipse of 20 by 20 ÷ cos 30°; at the back the wall is 40·tan 30° = 23.09 higher than at the front.
  it "leans high at the back, where its seam is" do
    shed = building(roof: { "kind" => "lean_to", "pitch_deg" => 30 })
    expect(area(shed.roof_faces)).to be_within(0.001 * 1451).of(Math::PI * 20 * 20 / Math.cos(Math::PI / 6))
    top = shed.walls.first.ring.drop(2)
    expect([0, 24, 48].map { |at| top[at].last }).to match([50, 26.91, 50].map { |high| be_within(0.01).of(high) })
  end

  it "is flat where nothing else is said, with as much roof as plan" do
    expect(area(building(roof: { "kind" => "flat" }).roof_faces)).to be_within(0.001 * 1257).of(Math::PI * 400)
  end

  it "stands in space where its plan does, closed all round" do
    faces = building.in_space(3.0)
    xs, ys, zs = faces.flatten(1).transpose.map(&:minmax)
    expect([xs, ys, zs].flatten).to match([-10, 30, -15, 25, 3, 53].map { |value| be_within(0.05).of(value) })
    # Every edge but the foot's lies on two faces.
    rounded = faces.map { |ring| ring.map { |point| point.map { |one| one.round(4) } } }
    edges = rounded.flat_map { |ring| ring.zip(ring.rotate(1)).map(&:sort) }.tally
    expect(edges.reject { |pair, _| pair.all? { |point| point.last == 3.0 } }.values.uniq).to eq([2])
  end

  it "takes openings along its wall, and unfolds with teeth for the roof and a tab for each seam" do
    door = { "name" => "door", "width_mm" => 8, "height_mm" => 15, "from_left_mm" => 59 }
    sheets = GreenPlinth::Faces::Net.new(building(openings: [door])).sheets
    expect(sheets.map(&:name)).to eq(%w[walls roof])
    expect(sheets.first.openings).to eq([[[59.0, 0.0], [67.0, 0.0], [67.0, 15.0], [59.0, 15.0]]])
    # The fold and the tab of the wall's seam, and 48 teeth; of the cone its one seam.
    expect(sheets.map { |sheet| sheet.scores.size }).to eq([50, 1])
    expect(sheets.last.shape.area).to be > 1777
    codes = ->(**more) { evaluation(file(**more)).snags.map(&:code) }
    expect(codes[openings: [door]]).not_to include("fit/opening_off_wall")
    expect(codes[openings: [door.merge("from_left_mm" => 120)]]).to include("fit/opening_off_wall")
  end

  # What looks to within 60° of the wind: a third of what runs all round.
  it "has a weather side" do
    windy = design(file.merge(wind: { "from_deg" => 90 }))
    areas = GreenPlinth::Faces::FaceAreas.new(building, 90.0)
    dust = GreenPlinth::Design::Course.new({ "material" => "dry_pigment", "on_face" => "weather" }, "", windy.features.first)
    share = areas.area_mm2(dust) / area(building.walls)
    expect(share).to be_within(1e-9).of(1 / 3.0)
  end

  # 8 mm of the front, half way round: drawn over the chords that it lies on, as wide as it is.
  it "has its doors in space, bent with the wall" do
    door = { "name" => "door", "width_mm" => 8, "height_mm" => 15, "from_left_mm" => (Math::PI * 20) - 4 }
    pieces = building(openings: [door]).openings_in_space(0.0)
    wide = pieces.sum { |(ax, ay), (bx, by)| Math.hypot(bx - ax, by - ay) }
    expect(wide).to be_within(0.1).of(8)
    expect(pieces.flatten(1).map { |x, y, _| Math.hypot(x - 10, y - 5) }).to all(be_within(0.15).of(20))
    # The front looks to -y.
    expect(pieces.flatten(1).map { |_, y, _| y }).to all(be < -14)
    expect(pieces.flatten(1).map(&:last).uniq).to eq([0.0, 15.0])
  end

  it "has a round room inside, once its wall is known" do
    expect(building(wall_mm: 2).room_mm.map { |side| side.round(6) }).to eq([36.0, 36.0, 30.0])
    expect([building.room_mm, building(wall_mm: 20).room_mm]).to eq([nil, nil])
  end
end
