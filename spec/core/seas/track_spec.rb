# frozen_string_literal: true

# A hull under way on its base. Distances by hand on a sea of 200 × 100.
RSpec.describe GreenPlinth::Seas::Track do
  let(:sea) { { "id" => "sea", "medium" => "acrylic_water", "level_mm" => 3, "outline" => rectangle(200, 100) } }

  def hull(**more)
    { "id" => "smack", "kind" => "hull", "footprint" => rectangle(60, 16), "speed_knots" => 6 }.merge(more.transform_keys(&:to_s))
  end

  def tracks(*hulls, waters: [sea])
    file = plain_file(scale: 200, plinth: { outline: rectangle(200, 100), thickness_mm: 8, material: "mdf", lip_mm: 6 }, subjects: hulls,
      waters: waters)
    evaluation(file).tracks
  end

  it "is of what lies in water and has a speed, and of nothing else" do
    ashore = [sea.merge("outline" => rectangle(40, 40, at_mm: [80, 0]))]
    expect(tracks(hull, hull(id: "moored", speed_knots: 0, at_mm: [0, 40]), hull(id: "new", at_mm: [0, -40]).except("speed_knots")).size)
      .to eq(1)
    expect(tracks(hull, waters: ashore)).to eq([])
    expect(tracks(figure(round(8)))).to eq([])
  end

  it "measures the room ahead, astern and on the narrower side, as the hull lies" do
    # Bow at 40, stern at −20 of ±100; 8 mm of beam round 10 up leave 32 to the upper side.
    room = tracks(hull(at_mm: [10, 10])).first.room_mm
    expect(room).to match("ahead" => be_within(0.01).of(60), "astern" => be_within(0.01).of(80), "abeam" => be_within(0.01).of(32))
    # Turned by a quarter its bow looks away from the viewer: 30 of 50 are taken.
    turned = tracks(hull(turn_deg: 90)).first
    expect(turned.room_mm["ahead"]).to be_within(0.01).of(20)
    expect(turned.room["ahead"]).to be_within(0.001).of(20 / 60.0)
  end

  it "tells where the arms of the bow leave the base, and keeps its lines on the water, off the hull (property)" do
    random = Random.new(9)
    12.times do
      at = [random.rand(-30.0..50.0).round(1), random.rand(-20.0..20.0).round(1)]
      track = tracks(hull(at_mm: at, turn_deg: random.rand(0..359))).first
      water = GreenPlinth::Plan::Outline.polygon(rectangle(200, 100)).buffer(0.01)
      inside = track.hull.footprint_area.buffer(-0.05)
      track.lines.each do |line|
        drawn = GreenPlinth::Plan::Geos.line(line.points)
        expect(water.contains?(drawn)).to be(true)
        expect(drawn.intersects?(inside)).to be(false)
      end
      track.leavings.each { |leaving| expect([leaving.at[0].abs - 100, leaving.at[1].abs - 50].map(&:abs).min).to be < 0.02 }
    end
  end

  it "goes by how deep its own water is in life" do
    deep, shallow = [sea, sea.merge("depth_m" => 1.2)].map { |water| tracks(hull, waters: [water]).first.wake }
    expect(deep.half_angle_deg).to be_within(0.01).of(19.47)
    expect(shallow.half_angle_deg).to be > 25
    expect(shallow.length_mm).to be > deep.length_mm
  end
end

RSpec.describe GreenPlinth::Seas::Sea do
  def sea(wind: nil, scale: 100, **more)
    data = { "id" => "sea", "medium" => "acrylic_water", "outline" => rectangle(10, 10) }.merge(more.transform_keys(&:to_s))
    described_class.new(GreenPlinth::Design::Water.new(data, "/waters/0"), scale, wind)
  end

  # State 4 is 1.25 to 2.5 m, 1.875 m in the middle: 18.75 mm at 1:100, twenty times as long.
  it "follows from the sea state, where nothing is typed" do
    four = sea(sea_state: 4)
    expect([four.height_mm, four.length_mm, four.state["name"]]).to eq([18.75, 375.0, "moderate"])
    expect(four.range_mm).to eq([12.5, 25.0])
    # Over 14 m it has no end.
    expect(sea(sea_state: 9).height_mm).to be_within(1e-9).of(14 * 1.15 * 10)
  end

  it "goes by what is typed, member by member" do
    typed = sea(sea_state: 4, waves: { "height_mm" => 6 })
    expect([typed.height_mm, typed.length_mm, typed.state_of_height["state"]]).to eq([6.0, 120.0, 3])
    expect(sea(sea_state: 4, waves: { "length_mm" => 200 }).steepness).to be_within(1e-9).of(18.75 / 200)
  end

  it "lies still where nobody says anything of it, and in a calm" do
    expect([sea.any?, sea.crests, sea.steepness, sea.period_s]).to eq([false, nil, nil, nil])
    expect(sea(sea_state: 0).any?).to be(false)
  end

  it "comes with the wind of the scene, unless the maker says otherwise" do
    expect([sea(sea_state: 3, wind: 40.0), sea(sea_state: 3, wind: 40.0, waves: { "from_deg" => 70 }), sea(sea_state: 3)].map(&:from_deg))
      .to eq([40.0, 70.0, 180.0])
  end
end
