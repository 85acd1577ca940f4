# frozen_string_literal: true

# Where each snag of composing and shaping begins: just inside nothing is said, just outside it is.
RSpec.describe "Where snags of composing begin" do
  def codes(file) = evaluation(file).snags.map(&:code)
  def man(**more) = figure(round(10), **more)
  def road(width)
    { "id" => "r", "kind" => "road", "represents" => "lane",
      "outline" => { "kind" => "strip", "points_mm" => [[-40, 0], [40, 0]], "width_mm" => width } }
  end

  def expect_between(code, quiet, told)
    expect(codes(quiet)).not_to include(code)
    expect(codes(told)).to include(code)
  end

  it "lets a road be a tenth wider than the widest lane" do
    widest = 3750 / 35.0
    expect_between("scale/road_width", plain_file(features: [road(widest * 1.09)]), plain_file(features: [road(widest * 1.12)]))
  end

  it "lets a foot plate stand on a millimetre of step, a vehicle on two" do
    step = ->(height, kind) { plain_file(forms: [lift(height, rectangle(50, 60, at: [-25, 0]))],
      subjects: [man(kind: kind, height_mm: 20)]) }
    expect_between("fit/no_standing_spot", step[0.9, "figure"], step[1.1, "figure"])
    expect_between("fit/no_standing_spot", step[1.9, "vehicle"], step[2.1, "vehicle"])
  end

  it "lets a gaming figure be raised to the limit" do
    raised = ->(by) { plain_file(purpose: "gaming_base", limits: { raise_mm: 3 }, forms: [lift(by, rectangle(100, 60))], subjects: [man]) }
    expect_between("fit/raised", raised[3], raised[3.2])
  end

  it "lets a finished base fill its case to the hair" do
    cased = ->(width) { plain_file(limits: { fit_in: [{ name: "case", width_mm: width }] }) }
    expect_between("fit/room", cased[60], cased[59.9])
  end

  it "asks for a quarter of a driver's payload in hand" do
    plinth = { "outline" => round(100), "thickness_mm" => 2, "material" => "mdf" }
    loaded = ->(lift) { plain_file(purpose: "floating_display", plinth: plinth, limits: { float_load_g: lift }) }
    own = Math::PI * 2500 * 2 * 0.75 / 1000
    expect_between("balance/float_load", loaded[own / 0.74], loaded[own / 0.77])
  end

  it "lets a railway climb three in a hundred, a road ten" do
    climbs = lambda do |rise, kind|
      ramp = form("ramp", "climb", rectangle(100, 40), from_mm: [-50, 0], to_mm: [50, 0], from_z_mm: 0, to_z_mm: rise, material: "xps_foam")
      plain_file(forms: [ramp], features: [road(12).merge("kind" => kind).except("represents")])
    end
    expect_between("relief/too_steep", climbs[3, "track"], climbs[3.2, "track"])
    expect_between("relief/too_steep", climbs[10, "road"], climbs[10.2, "road"])
  end

  it "lets water wet a sole" do
    wading = ->(level) { pool_file(level: level, subjects: [man(at_mm: [10, 0], height_mm: 20)]) }
    expect_between("water/over_feet", wading[4.2], wading[4.6])
  end

  it "lets fibres of one length cover nine tenths" do
    grass = ->(cover) { plain_file(zones: [zone(course("static_grass", length_mm: 4, cover_pct: cover), ground: "turf")]) }
    expect_between("composition/lawn", grass[89], grass[90])
    mixed = plain_file(zones: [zone(course("static_grass", length_mm: 4), course("tufts"), ground: "turf")])
    expect(codes(mixed)).not_to include("composition/lawn")
  end

  it "lets a base hold as much as leaves the eye its rest" do
    filled = lambda do |width|
      hut = { "id" => "h", "kind" => "building", "outline" => rectangle(width, 58), "height_mm" => 30 }
      plain_file(features: [hut], subjects: [figure(round(2), at_mm: [-49, 0], height_mm: 20)])
    end
    expect_between("composition/crowded", filled[66], filled[69])
  end

  it "lets half of one in a group be hidden, but not of the one that is looked at first" do
    screen = lambda do |height, focal|
      wall = { "id" => "w", "kind" => "wall", "outline" => rectangle(40, 2, at: [0, -8]), "height_mm" => height }
      plain_file(eye: { elevation_deg: 0 }, features: [wall], subjects: [man(height_mm: 40, focal: focal)])
    end
    expect_between("composition/hidden", screen[22, false], screen[25, false])
    expect_between("composition/hidden", screen[13, true], screen[15, true])
  end

  it "judges thirds, crowds and sight of pictures, not of what is played with" do
    played = plain_file(purpose: "gaming_base", eye: { elevation_deg: 0 }, subjects: [man(height_mm: 40)],
      features: [{ "id" => "w", "kind" => "wall", "outline" => rectangle(40, 2, at: [0, -8]), "height_mm" => 60 }])
    expect(codes(played).grep(/composition/) - ["composition/share"]).to be_empty
  end
end
