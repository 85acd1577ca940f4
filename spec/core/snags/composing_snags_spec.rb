# frozen_string_literal: true

# The snags of placing and composing: where each is found, and that its fix, taken as the patch it is, makes it go away.
RSpec.describe "Snags of composing" do
  def find(file, code) = evaluation(file).snags.select { |snag| snag.code == code }
  def fixed(file, fix) = GreenPlinth::Patch.apply(file, fix.patch)

  spot = { "kind" => "round", "diameter_mm" => 10 }
  person = ->(id, at, **more) {
    { "id" => id, "kind" => "figure", "footprint" => spot, "at_mm" => at,
      "height_mm" => 45 }.merge(more.transform_keys(&:to_s))
  }
  wall = { "id" => "wall", "name" => "wall", "kind" => "wall",
           "outline" => { "kind" => "rectangle", "width_mm" => 40, "depth_mm" => 4, "at_mm" => [0, -14] }, "height_mm" => 44 }
  stump = { "id" => "stump", "kind" => "log",
            "outline" => { "kind" => "round", "diameter_mm" => 8, "at_mm" => [6, 0] }, "height_mm" => 6 }
  bank = { "id" => "bank", "kind" => "lift", "material" => "cork_tile", "sheet_mm" => 4, "sheets" => 2,
           "outline" => { "kind" => "rectangle", "width_mm" => 50, "depth_mm" => 60, "at_mm" => [-25, 0] } }
  spear = { "kind" => "rectangle", "width_mm" => 60, "depth_mm" => 3 }
  foam = { "outline" => { "kind" => "round", "diameter_mm" => 120 }, "thickness_mm" => 3, "material" => "mdf",
           "key" => "scuffed" }
  road = ->(width) {
    [{ "id" => "road", "kind" => "road", "represents" => "country_road",
       "outline" => { "kind" => "strip", "points_mm" => [[-40, 0], [40, 0]], "width_mm" => width } }]
  }

  # code => [what the file holds, part of the message, which fix to try (nil: none is offered)]
  {
    "composition/hidden" => [{ subjects: [person["a", [0, -2], focal: true]], features: [wall], eye: { "elevation_deg" => 5 } },
      /Only .* % of a is seen from 5° up: wall hides/, 0],
    "composition/flat" => [{ subjects: [person["a", [10, 0], height_mm: 3]] }, /Nothing rises more than 3 mm/, 0],
    "composition/crowded" => [{ subjects: [person["a", [0, 0]]],
                                features: [{ "id" => "hut", "kind" => "building", "outline" => { "kind" => "rectangle", "width_mm" => 90,
                                                                                                 "depth_mm" => 50 }, "height_mm" => 30 }] },
      /Things stand on 75 % of the top/, 0],
    "composition/lawn" => [
      { zones: [{ "id" => "z", "ground" => "turf", "outline" => { "kind" => "rest" },
                  "courses" => [{ "material" => "static_grass", "length_mm" => 4 }] }] }, /reads as a mown lawn/, 0],
    "fit/no_standing_spot" => [{ forms: [bank], subjects: [person["a", [0, 0]]] }, /the ground differs by 8 mm/, 0],
    "fit/on_feet" => [{ subjects: [person["a", [0, 0]]], features: [stump] },
      /Stump takes .* mm² of the ground that a stands on/, 0],
    "fit/fouls" => [{ subjects: [person["a", [-20, 0]], person["b", [20, 0], silhouette: spear.merge("width_mm" => 90)]] },
      /A and b run into each other above the ground/, 0],
    "fit/raised" => [{ purpose: "gaming_base", forms: [bank], subjects: [person["a", [-20, 0]]], limits: { "raise_mm" => 5 } },
      /stands 8 mm above the top, 3 mm more than your limit/, 0],
    "fit/neighbours" => [
      { purpose: "unit_base", subjects: [person["a", [0, 0], silhouette: spear.merge("width_mm" => 120)]],
        formation: { "columns" => 2 } }, /silhouettes share .* with a neighbour's/, 0],
    "fit/room" => [{ limits: { "fit_in" => [{ "name" => "the cabinet", "width_mm" => 90, "depth_mm" => 70, "height_mm" => 15 }] } },
      /It does not fit the cabinet: 100 mm wide where 90 mm go, 20 mm high where 15 mm go/, nil],
    "balance/off_axis" => [{ purpose: "floating_display", plinth: foam, subjects: [person["a", [30, 0], mass_g: 30]] },
      /middle .* mm off the axis, where 2.4 mm hang level/, 0],
    "balance/float_load" => [
      { purpose: "floating_display", plinth: foam, subjects: [person["a", [0, 0], mass_g: 300]],
        limits: { "float_load_g" => 200 } }, /it will not float/, nil],
    "balance/float_gap" => [
      { purpose: "floating_display", plinth: foam.merge("thickness_mm" => 16), limits: { "float_gap_mm" => 12, "float_cover_mm" => 14 } },
      /14 mm lie between driver and magnet, the driver works through 12 mm/, 0],
    "scale/road_width" => [{ features: road[70] },
      /70 mm wide, 2.45 m in life; a two-way country road is 4.5 m to 7 m/, 0],
    "scale/feature_height" => [{ features: [{ "id" => "f", "kind" => "fence", "represents" => "fence",
                                              "outline" => { "kind" => "strip", "points_mm" => [[-20, 0], [20, 0]], "width_mm" => 2 },
                                              "height_mm" => 90 }] },
      /90 mm high, 3.15 m in life; a fence is 900 mm to 1.8 m/, 0]
  }.each do |code, (members, message, fix)|
    describe code do
      let(:file) { plain_file(**members) }
      let(:found) { find(file, code) }

      it("is found") { expect(found.map(&:message)).to include(match(message)) }

      if fix
        it "goes when its fix is taken, and the file stays valid" do
          changed = fixed(file, found.first.fixes.fetch(fix))
          expect(problems(changed)).to be_empty
          expect(find(changed, code)).to be_empty
        end
      else
        it("promises no fix that it does not have") { expect(found.first.fixes).to be_empty }
      end
    end
  end

  describe "of shaping the ground" do
    pond = { "id" => "pond", "medium" => "acrylic_water", "level_mm" => 9,
             "outline" => { "kind" => "rectangle", "width_mm" => 40, "depth_mm" => 20 } }
    board = { "id" => "board", "kind" => "lift", "sheet_mm" => 10, "material" => "xps_foam",
              "outline" => { "kind" => "rectangle", "width_mm" => 100, "depth_mm" => 60 } }
    hollow = { "id" => "hollow", "kind" => "cut", "depth_mm" => 6,
               "outline" => { "kind" => "rectangle", "width_mm" => 40, "depth_mm" => 20 } }
    climb = ->(rise) {
      { "id" => "climb", "kind" => "ramp", "material" => "xps_foam", "from_mm" => [-50, 0], "to_mm" => [50, 0], "from_z_mm" => 0,
        "to_z_mm" => rise, "outline" => { "kind" => "rectangle", "width_mm" => 100, "depth_mm" => 30 } }
    }
    track = { "id" => "rails", "kind" => "track",
              "outline" => { "kind" => "strip", "points_mm" => [[-48, 0], [48, 0]], "width_mm" => 20 } }
    boat = { "id" => "boat", "kind" => "hull", "draught_mm" => 7, "height_mm" => 10,
             "footprint" => { "kind" => "oval", "width_mm" => 24, "depth_mm" => 8 } }
    sand = ->(outline) {
      [{ "id" => "all", "ground" => "earth", "outline" => { "kind" => "rest" } },
        { "id" => "slope", "ground" => "sand", "outline" => outline, "courses" => [{ "material" => "coarse_sand" }] }]
    }

    {
      "relief/too_steep" => [{ forms: [climb[8]], features: [track] },
        /climbs 8 % \(1:12.5\), more than the 3 % that a railway climbs/, true],
      "water/over_feet" => [{ forms: [board, hollow], waters: [pond.merge("level_mm" => 6)], subjects: [person["a", [10, 0]]] },
        /stands 2 mm over the ground under a/, false],
      "fit/opening" => [{ forms: [board, hollow], waters: [pond], subjects: [boat] },
        /Boat draws 7 mm and the ground leaves it 5 mm: it will ride 2 mm too high/, true],
      "water/never_sets" => [{ forms: [board, hollow], waters: [pond.merge("medium" => "uv_resin", "tint" => { "drops_per_10ml" => 12 })] },
        /12 drops in 10 ml shut the lamp's light out/, true],
      "relief/slides" => [{ forms: [climb[70]], zones: sand[{ "kind" => "rectangle", "width_mm" => 90, "depth_mm" => 26 }] },
        /steeper than the 30° at which its grains lie/, false]
    }.each do |code, (members, message, mended)|
      it "tells #{code}#{" and mends it" if mended}" do
        file = plain_file(**members)
        found = find(file, code)
        expect(found.map(&:message)).to include(match(message))
        found.first.fixes.each do |fix|
          changed = fixed(file, fix)
          expect(problems(changed)).to be_empty
          expect(find(changed, code)).to be_empty if mended
        end
      end
    end
  end

  it "offers a unit three ways out of a clash with its neighbours, and each is one" do
    riders = sample("moor-riders")
    fixes = find(riders, "fit/neighbours").first.fixes
    expect(fixes.map(&:label)).to include(/turn/, /stagger/, /apart/)
    fixes.each { |fix| expect(find(fixed(riders, fix), "fit/neighbours")).to be_empty, fix.label }
  end

  it "lets a base turn round to go into its box" do
    expect(find(plain_file(limits: { fit_in: [{ name: "the box", width_mm: 60, depth_mm: 100 }] }),
      "fit/room")).to be_empty
  end

  it "plants nothing where feet stand" do
    grass = [zone(course("tufts"), course("static_grass", length_mm: 4), ground: "turf")]
    use = ->(file) { evaluation(file).quantities.find { |line| line.material == "static_grass" }.amount }
    bare = use[plain_file(zones: grass)]
    under = use[plain_file(zones: grass, subjects: [figure(rectangle(50, 30))])]
    expect(under / bare).to be_within(0.001).of((6000 - 1500) / 6000.0)
  end
end
