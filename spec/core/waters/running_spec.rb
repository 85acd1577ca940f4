# frozen_string_literal: true

RSpec.describe "Running water" do
  # Across a slope of 1 in 10 from 14 mm at the left to 4 mm at the right, a bed 3 mm deep, its water 2 mm.
  def brook(fall, width: 90, depth: 10, **members)
    outline = rectangle(width, depth)
    slope = form("ramp", "hill", rectangle(100, 60), material: "xps_foam", from_mm: [50, 0], to_mm: [-50, 0], from_z_mm: 4, to_z_mm: 14)
    water = { "id" => "brook", "medium" => "acrylic_water", "outline" => outline, "fall" => fall }.merge(members)
    plain_file(forms: [slope, cut(3, outline, id: "bed")], waters: [water])
  end

  # Two boards' height with a bed at 8 mm on the left of the middle and at 2 mm on the right of it.
  def steps(**members)
    left, right = rectangle(45, 10, at: [-22.5, 0]), rectangle(45, 10, at: [22.5, 0])
    water = { "id" => "brook", "medium" => "acrylic_water", "outline" => rectangle(90, 10),
              "fall" => marks([-45, 9.5], [0, 9.5], [0, 4], [45, 4]) }.merge(members)
    plain_file(forms: [lift(10, rectangle(100, 60)), cut(2, left, id: "upper"), cut(8, right, id: "lower")], waters: [water])
  end

  def marks(*pairs) = pairs.map { |x, level| { "at_mm" => [x, 0], "level_mm" => level } }
  def pool(file) = evaluation(file).pools.first

  let(:even) { marks([-45, 12.5], [45, 3.5]) }

  describe "on an even slope" do
    let(:found) { pool(brook(even)) }

    # By hand: 90 × 10 mm, 2 mm deep all along.
    it "is as deep, wide and much as it is drawn" do
      expect(found.area_mm2).to be_within(1).of(900)
      expect(found.volume_mm3).to be_within(2).of(1800)
      expect(found.max_depth_mm).to be_within(0.01).of(2)
      expect(found.spill_mm2).to be < 1
    end

    it "stands where its fall has it, and goes on level beyond its ends" do
      expect([-60, -45, 0, 45, 60].map { |x| found.surface_at(x, 3).round(6) }).to eq([12.5, 12.5, 8.0, 3.5, 3.5])
    end

    it "is drawn so in the section" do
      runs = evaluation(brook(even)).section([-50, 0], [50, 0])["waters"].first["runs"].flatten(1)
      expect(runs).to all(satisfy { |s, bottom, top| (top - (8 - ((s - 50) / 10.0))).abs < 0.01 && (top - bottom - 2).abs < 0.06 })
    end

    # Prop it up by atan(1/10) = 5.71°.
    it "is poured with the base propped up, in one reach without a dam" do
      step = evaluation(brook(even)).steps.find { |one| one.id.include?("pour") }
      expect(step.title).to eq("Pour acrylic water into brook, cascade")
      expect(step.note).to include("5.7°")
      expect(found.reaches.map { |reach| [reach.name, reach.dam] }).to eq([["cascade", nil]])
    end

    it "runs over where its surface is higher than its banks, and holds where it is lowered" do
      high = evaluation(brook(marks([-45, 14.5], [45, 5.5])))
      expect(high.pools.first.spill_mm2).to be > 100
      # The banks lie 3 mm over the bed, at 13.5 mm where it begins.
      expect(high.holding_level(high.pools.first)).to be_between(13.2, 13.6)
    end
  end

  it "is still water where it does not fall" do
    still = pool_file(level: 8, depth: 6)
    running = JSON.parse(JSON.generate(still))
    running["waters"][0].delete("level_mm")
    running["waters"][0]["fall"] = marks([-10, 8], [10, 8])
    same = %w[area_mm2 volume_ml max_depth_mm shore_mm spill_mm2]
    figures = [still, running].map { |file| told(file)["waters"].first.slice(*same) }
    expect(figures[1]).to eq(figures[0])
    expect(pool(running).reaches.map(&:name)).to eq(["pool"])
  end

  describe "down a step" do
    let(:found) { pool(steps) }

    # By hand: 45 × 10 mm, 1.5 mm and 2 mm deep.
    it "is poured pool by pool, each with its own depth" do
      expect(found.reaches.map(&:name)).to eq(["pool 1", "fall", "pool 2"]).or eq(["pool 1", "pool 2"])
      upper, lower = found.reaches.select(&:poured?)
      expect(upper.layers.sum(&:volume_mm3)).to be_within(12).of(675)
      expect(lower.layers.sum(&:volume_mm3)).to be_within(12).of(900)
    end

    # From bank to bank.
    it "dams the upper pool at the step, and not the lower one" do
      upper, lower = found.reaches.select(&:poured?)
      expect(upper.dam_mm).to be_within(1).of(10)
      expect(lower.dam).to be_nil
    end
  end

  # D. R. Montgomery and J. M. Buffington (1997): pools and riffles to 1.5 %, even runs to 3 %, steps to 6.5 %, cascades above.
  it "is named by its slope" do
    slopes = { 0.05 => "pool", 1.4 => "pools and riffles", 1.6 => "even run", 2.9 => "even run", 3.1 => "steps", 6.4 => "steps",
               6.6 => "cascade", 59 => "cascade", 61 => "fall" }
    water = design(brook(even)).waters.first
    named = slopes.keys.to_h do |pct|
      [pct, GreenPlinth::Waters::Reaches.kind(water, GreenPlinth::Design::Fall::Leg.new(from: 0.0, to: 100.0, drop: pct.to_f)).name]
    end
    expect(named).to eq(slopes)
  end

  it "never lies higher downstream than upstream where its marks do not (property)" do
    random = Random.new(41)
    60.times do
      levels = Array.new(random.rand(2..8)) { random.rand(0.0..20.0) }.sort.reverse
      line = levels.map { |level| [random.rand(-40.0..40.0), random.rand(-25.0..25.0), level] }
      fall = GreenPlinth::Design::Fall.new(line)
      at = Array.new(40) { random.rand(0.0..fall.length_mm) }.sort.map { |station| fall.level_at_station(station) }
      expect(at.each_cons(2)).to all(satisfy { |a, b| b <= a + 1e-9 })
      expect(fall.uphill).to be_empty
      expect(fall.level_at(*line.last.first(2))).to be_between(line.last[2] - 1e-9, line.first[2])
    end
  end

  it "tells the same of a field of cells as of its points" do
    fall = GreenPlinth::Design::Fall.new([[-30.0, -5.0, 9.0], [0.0, 10.0, 6.0], [30.0, 0.0, 5.0]])
    grid = evaluation(plain_file).terrain.grid
    field = fall.offsets(grid, 200.0)
    [[0, 0], [grid.rows / 2, grid.columns / 3], [grid.rows - 1, grid.columns - 1]].each do |row, column|
      expect(field[row, column] + 9).to be_within(1e-6).of(fall.level_at(grid.xs[column], grid.ys[row, 0]))
    end
  end

  it "is refused a level beside its fall" do
    file = brook(even)
    file["waters"][0]["level_mm"] = 3
    expect(problems(file).map(&:to_s).join).to include("leave out level_mm")
  end

  it "is refused a fall that goes nowhere" do
    nowhere = marks([0, 9], [0, 3])
    expect(problems(brook(nowhere)).map(&:pointer)).to eq(["/waters/0/fall"])
  end

  describe "what lies where it is steep or deep" do
    it "is laid there alone" do
      spots = evaluation(brook(marks([-45, 12.5], [0, 12.4], [45, 3.5]), width: 90,
        "courses" => [course("foam_paste", on: "steep")])).then { |one| [one, one.spots, one.pools.first] }
      made, places, found = spots
      area = places.area(found.water.courses.first, found)
      expect(GreenPlinth::Plan::Geos.bounds(area)[0]).to be_within(1).of(0)
      expect(made.steps.map(&:title)).to include(match(/brook, where it runs steep/))
    end

    # A pool 6 mm deep under a level 4 mm over its floor: all of it is deeper than 3, nothing deeper than 5.
    it "goes by the depth that is asked for" do
      made = evaluation(pool_file(level: 8, depth: 6))
      found = made.pools.first
      expect(GreenPlinth::Plan::Geos.area(found.deeper_than(3))).to be_within(25).of(800)
      expect(GreenPlinth::Plan::Geos.area(found.deeper_than(5))).to eq(0)
    end
  end

  describe "tinted water" do
    def tones(drops)
      file = pool_file(level: 8, depth: 6)
      file["waters"][0]["tint"] = { "colour" => "#20506a", "drops_per_10ml" => drops, "material" => "acrylic_paint" }
      evaluation(file).then { |made| made.depth_tones(made.pools.first) }
    end

    it "hides its ground the more, the deeper it is and the more tint is in it" do
      off = ->(colour) { GreenPlinth::Colour::Difference.between(*[colour, "#20506a"].map { |one| GreenPlinth::Colour::Lab.of(one) }) }
      by_depth = [0.5, 2, 6, 20].map { |mm| off[tones(2).at(mm)] }
      expect(by_depth).to eq(by_depth.sort.reverse)
      expect(off[tones(6).at(2)]).to be < off[tones(2).at(2)]
    end

    it "has bands by depth, and clear water none" do
      expect(tones(2).bands.map(&:from_mm)).to eq([0.0, 1.0, 2.0, 3.0])
      made = evaluation(pool_file(level: 8))
      expect(made.depth_tones(made.pools.first).bands).to be_empty
    end
  end

  describe "a culvert" do
    let(:bank) do
      form("ramp", "bank", rectangle(30, 60), material: "xps_foam", from_mm: [-15, 0], to_mm: [15, 0], from_z_mm: 15, to_z_mm: 15)
    end
    let(:file) { plain_file(forms: [bank, form("culvert", "pipe", rectangle(30, 8), invert_mm: 2, clear_mm: 6)]) }

    it "is a way through: open from its floor to its crown, the ground over it as it was" do
      made = evaluation(file)
      expect(made.terrain.height_at(0, 0)).to be_within(0.01).of(15)
      foam = made.section([0, -30], [0, 30])["strata"].select { |one| one["pointer"] == "/forms/0" }
      runs = foam.flat_map { |one| one["runs"].flatten(1) }
      here = runs.select { |s, _, _| (s - 30).abs < 2 }.map { |_, bottom, top| [bottom.round(1), top.round(1)] }.uniq
      expect(here).to contain_exactly([0.0, 2.0], [8.0, 15.0])
    end

    # 30 × 8 × 6 mm of foam are no longer there.
    it "takes away what it goes through" do
      with, without = [file, plain_file(forms: [bank])].map { |one| evaluation(one).mass.known_g }
      density = catalogue["xps_foam"].density_dry
      expect(without - with).to be_within(0.001).of(30 * 8 * 6 * density / 1000)
    end

    it "is cut after the bank and lined with what its maker says" do
      file["forms"][1]["material"] = "styrene_sheet"
      steps = evaluation(file).steps
      expect(steps.map(&:id).index("pipe/bore")).to be > steps.map(&:id).index("bank/shape")
      # 30 mm long, round 2 × (8 + 6) mm: 840 mm².
      lining = steps.find { |step| step.id == "pipe/bore" }.uses.find { |use| use.material == "styrene_sheet" }
      expect(lining.amount).to be_within(1).of(840)
    end
  end
end
