# frozen_string_literal: true

RSpec.describe GreenPlinth::Faces::Building do
  # 60 mm across the front, 40 mm deep, 50 mm high.
  def house(roof: { "kind" => "gable", "pitch_deg" => 45 }, outline: rectangle(60, 40), **more)
    { "id" => "house", "kind" => "building", "outline" => outline, "height_mm" => 50, "material" => "card", "roof" => roof }
      .merge(JSON.parse(JSON.generate(more)))
  end

  def build(*features, **more)
    plain_file(plinth: { "outline" => rectangle(140, 100), "thickness_mm" => 10, "material" => "mdf" }, features: features, **more)
  end

  def building(**more) = described_class.of(design(build(house(**more))).features.first)
  def door(**more) = { "name" => "door", "width_mm" => 10, "height_mm" => 20, "from_left_mm" => 25 }.merge(more.transform_keys(&:to_s))

  # Area of a flat polygon in space, by half the sum of cross products from its first corner.
  def area_in_space(corners)
    first = corners.first
    sums = corners[1..].each_cons(2).map do |b, c|
      u, v = [b, c].map { |point| point.zip(first).map { |x, y| x - y } }
      [(u[1] * v[2]) - (u[2] * v[1]), (u[2] * v[0]) - (u[0] * v[2]), (u[0] * v[1]) - (u[1] * v[0])]
    end
    Math.sqrt(sums.transpose.map(&:sum).sum { |value| value**2 }) / 2
  end

  def round_about(ring)
    ring.each_with_index.sum { |one, at| Math.sqrt(one.zip(ring[(at + 1) % ring.size]).sum { |a, b| (a - b)**2 }) }
  end

  describe "a gabled one" do
    # By hand: half of 40 mm at 45° rises 20 mm, so that the eaves lie at 30 mm and a slope is 20 × √2 = 28.28 mm long.
    it "has eaves, gables and slopes as its pitch has them" do
      expect(building.eaves_mm).to be_within(1e-9).of(30)
      areas = building.faces.to_h { |face| [face.name, face.area_mm2.round(2)] }
      expect(areas).to eq("front wall" => 1800.0, "right wall" => 1600.0, "back wall" => 1800.0, "left wall" => 1600.0,
        "front slope" => 1697.06, "back slope" => 1697.06)
    end

    # 60 × 40 in walls of 2 mm leave 56 × 36, 30 mm high to the eaves.
    it "has room inside for a light, once its walls are known" do
      expect(building(wall_mm: 2).room_mm.map { |side| side.round(6) }).to eq([56.0, 36.0, 30.0])
      expect(building.room_mm).to be_nil
      expect(building(wall_mm: 20).room_mm).to be_nil
    end

    # Half of 60 mm at 30° rises 17.32 mm; the gables stand at front and back.
    it "carries its ridge the other way where that is turned" do
      turned = building(roof: { "kind" => "gable", "pitch_deg" => 30, "ridge" => "turned" })
      expect(turned.eaves_mm).to be_within(0.01).of(50 - 17.32)
      expect(turned.walls.first.ring.size).to eq(5)
      expect(turned.roof_faces.map(&:name)).to eq(["right slope", "left slope"])
    end

    # 66 mm long, (20 + 3) × √2 up the slope.
    it "reaches out by its overhang, along its slope" do
      wide = building(roof: { "kind" => "gable", "pitch_deg" => 45, "overhang_mm" => 3 })
      expect(wide.roof_faces.first.area_mm2).to be_within(0.01).of(66 * 23 * Math.sqrt(2))
    end
  end

  # Any roof of one pitch covers its plan divided by the cosine of the pitch.
  it "is roofed by its plan over the cosine of its pitch (property)" do
    random = Random.new(3)
    30.times do
      wide, deep, pitch, over = random.rand(30.0..120.0), random.rand(30.0..120.0), random.rand(5..60), random.rand(0.0..4.0)
      kind, ridge = %w[gable hip lean_to].sample(random: random), %w[along turned].sample(random: random)
      next if kind == "hip" && ridge == "turned" # the shorter side has no room for a ridge of its own

      made = building(outline: rectangle(wide, deep), height_mm: 400,
        roof: { "kind" => kind, "pitch_deg" => pitch, "overhang_mm" => over, "ridge" => ridge })
      plan = (wide + (2 * over)) * (deep + (2 * over))
      expect(made.roof_faces.sum(&:area_mm2)).to be_within(plan * 1e-4).of(plan / Math.cos(pitch * Math::PI / 180))
    end
  end

  it "keeps the area and the edges of every face when it is laid flat (property)" do
    random = Random.new(8)
    25.times do
      made = building(outline: rectangle(random.rand(30.0..90.0), random.rand(30.0..90.0), turn_deg: random.rand(0..90)), height_mm: 200,
        roof: { "kind" => %w[flat gable hip lean_to].sample(random: random), "pitch_deg" => random.rand(5..60), "overhang_mm" => 2 })
      made.faces.each do |face|
        flat = GreenPlinth::Plan::Geos.polygon(face.ring).area
        expect(flat).to be_within(flat * 0.001).of(area_in_space(face.solid))
        expect(round_about(face.ring)).to be_within(0.001 * round_about(face.ring)).of(round_about(face.solid))
      end
    end
  end

  # Two wings of 20 mm: half of that at 45° rises 10 mm. By hand: each gable's triangle is 10 × 10 mm, its plane's plan is given to the
  # slopes beside it, and every slope is its plan times √2.
  describe "over an L of two wings" do
    let(:ell) { polygon([0, 0], [40, 0], [40, 20], [20, 20], [20, 40], [0, 40]) }

    def areas(made) = made.roof_faces.to_h { |face| [face.name, face.area_mm2.round(2)] }

    it "is flat where its maker says so" do
      made = building(outline: ell, roof: { "kind" => "flat" })
      expect(made.walls.map(&:width_mm)).to eq([40, 20, 20, 20, 20, 40])
      expect(made.roof_faces.map(&:area_mm2)).to eq([1200])
      expect(made.eaves_mm).to eq(50)
    end

    it "has a hip at the end of each wing, and a valley between them" do
      made = building(outline: ell, roof: { "kind" => "hip", "pitch_deg" => 45 })
      expect(made.eaves_mm).to be_within(1e-6).of(40)
      # Plans by hand: 300 and 100 mm² for the first wing, the same for the other, and 200 each beside the valley.
      plans = [300, 100, 200, 200, 100, 300]
      expect(areas(made).values).to eq(plans.map { |plan| (plan * Math.sqrt(2)).round(2) })
      expect(made.walls.map { |wall| wall.ring.size }).to all(eq(4))
    end

    it "has a gable at the end of each wing" do
      made = building(outline: ell)
      expect(areas(made)).to eq({ 1 => 350, 3 => 250, 4 => 250, 6 => 350 }.to_h { |side, plan|
 ["slope #{side}", (plan * Math.sqrt(2)).round(2)] })
      expect(made.walls.map { |wall| wall.area_mm2.round(2) }).to eq([1600, 900, 800, 800, 900, 1600])
    end

    # 40 mm from the front to the back at 45°.
    it "leans in one plane, high at the back" do
      made = building(outline: ell, height_mm: 60, roof: { "kind" => "lean_to", "pitch_deg" => 45 })
      expect([made.eaves_mm.round(6), made.roof_faces.first.area_mm2.round(2)]).to eq([20, (1200 * Math.sqrt(2)).round(2)])
      expect(made.walls.map { |wall| wall.area_mm2.round(2) }).to eq([800, 600, 800, 1000, 1200, 1600])
    end

    it "has one tab for each hip, valley and ridge among its pieces" do
      made = building(outline: ell, roof: { "kind" => "hip", "pitch_deg" => 45, "overhang_mm" => 2 })
      sheets = GreenPlinth::Faces::Net.new(made).sheets.drop(1)
      # 2 ridges, 5 hips, 1 valley; the middle, where both ridges meet the valley and a hip, counts no edge of its own.
      expect(sheets.sum { |sheet| sheet.scores.size }).to eq(8)
    end
  end

  # Whatever its plan, it is covered by planes of one pitch: its plan over the cosine, and each plane is flat.
  it "is covered by planes of one pitch over any plan (property)" do
    random = Random.new(11)
    25.times do
      ring = star(random, 15.0..45.0)
      pitch = random.rand(10..55)
      made = building(outline: polygon(*ring), height_mm: 300, roof: { "kind" => "hip", "pitch_deg" => pitch })
      plan = GreenPlinth::Plan::Geos.polygon(ring).area
      expect(made.roof_faces.sum(&:area_mm2)).to be_within(plan * 1e-3).of(plan / Math.cos(pitch * Math::PI / 180))
      expect(made.roof_faces.size).to eq(ring.size)
    end
  end

  # The front lies 20 mm before the middle; 25 mm from its left end is 5 mm left of the middle. A hair before the wall.
  it "has its doors in space, where they are cut" do
    corners = building(openings: [door]).openings_in_space(4.0).first
    expect(corners).to eq([[-5.0, -20.1, 4.0], [5.0, -20.1, 4.0], [5.0, -20.1, 24.0], [-5.0, -20.1, 24.0]])
    turned = building(outline: rectangle(60, 40).merge("turn_deg" => 90), openings: [door]).openings_in_space(0.0).first
    expect(turned.first.map { |value| value.round(6) }).to eq([20.1, -5.0, 0.0])
  end

  it "shows them to the eye from the front, and not from behind" do
    openings = lambda do |direction|
      eye = GreenPlinth::Composition::Eye.new(direction, 10.0)
      items = evaluation(build(house(openings: [door]))).sight_view(eye)["items"]
      items.find { |item| item["pointer"] == "/features/0" }["faces"].count { |face| face["opening"] }
    end
    expect([openings[0.0], openings[180.0]]).to eq([1, 0])
  end

  it "is none without a roof, a height or a plan with corners or a round one" do
    oval = { "kind" => "oval", "width_mm" => 30, "depth_mm" => 20 }
    features = [house.except("roof"), house.except("height_mm").merge("id" => "b"), house(outline: oval).merge("id" => "c")]
    expect(design(build(*features)).features.map { |one| described_class.of(one) }).to all(be_nil)
  end

  describe "its net" do
    def net(**more) = GreenPlinth::Faces::Net.new(building(**more)).sheets
    let(:walls) { net(openings: [door]).first }

    # Round the house: 60 + 40 + 60 + 40 mm, and a tab of 5.
    it "lays all walls in one strip, with the openings cut out" do
      x0, _, x1, = GreenPlinth::Plan::Geos.bounds(walls.shape)
      expect(x1 - x0).to be_within(0.01).of(205)
      tabs = GreenPlinth::Plan::Geos.area(walls.shape) - (6800 - 200)
      expect(tabs).to be_between(5 * 30 * 0.6, (5 * 30) + (5 * 260))
    end

    it "is scored at every fold" do
      folds = walls.scores.select { |a, b| a[0] == b[0] }.map { |a, _| a[0] }
      expect(folds).to include(60.0, 100.0, 160.0)
    end

    it "folds both slopes at the ridge" do
      roof = net.last
      expect(GreenPlinth::Plan::Geos.bounds(roof.shape).map { |value| value.round(2) }).to eq([0, 0, 60, 56.57])
      expect(roof.scores).to include([[0.0, be_within(0.01).of(28.28)], [60.0, be_within(0.01).of(28.28)]])
    end

    it "is among the pieces to cut, in every export" do
      made = evaluation(build(house(openings: [door], wall_mm: 1)))
      pieces = made.templates.select { |piece| piece.pointer == "/features/0" }
      expect(pieces.map(&:name)).to eq(["house, walls", "house, roof", "house, pattern"])
      expect(pieces.first.note).to include("1 opening cut out first")
      [GreenPlinth::Exports::TemplateSvg, GreenPlinth::Exports::TemplateDxf].each { |one| expect(one.new(made).write).to match(/score/i) }
      expect(GreenPlinth::Exports::TemplatePdf.new(made).write).to start_with("%PDF")
    end

    it "is unfolded anew when its roof is another" do
      memo = GreenPlinth::Memo.new
      pieces = ->(pitch) do
        made = design(build(house(roof: { "kind" => "gable", "pitch_deg" => pitch })))
        GreenPlinth::Evaluation.new(made, memo).templates.find { |piece| piece.name == "house, roof" }.size_mm.last.round(2)
      end
      # Two slopes of 20 mm over the cosine.
      expect([45, 30].map(&pieces)).to eq([56.57, 46.19])
    end

    it "is what is bought of its sheet" do
      use = evaluation(build(house(openings: [door]))).steps.flat_map(&:uses).find { |one| one.material == "card" }
      expect(use.amount).to be_within(1).of(building.area_mm2 - 200)
      expect(use.pieces.map { |piece| piece[:width].round }).to eq([205, 60])
    end
  end

  describe "what lies on its faces" do
    def mm2(on, **more)
      window = door(name: "window", sill_mm: 8, from_left_mm: 5, height_mm: 10)
      file = build(house(openings: [door, window], courses: [course("acrylic_paint", id: "coat", on_face: on, **more)]),
        wind: { "from_deg" => 270 })
      evaluation(file).order.works.find { |work| work.id == "coat" }&.amount&.*(10_000)
    end

    # Walls 6800 less a door of 200 and a window of 100; roof 3394.11.
    it "takes the walls, the roof, or all" do
      expect(mm2("walls")).to be_within(0.1).of(6500)
      expect(mm2("roof")).to be_within(0.1).of(3394.11)
      expect(mm2("all")).to be_within(0.1).of(9894.11)
    end

    # 200 mm round, less 10 mm of door, 6 mm high.
    it "runs along the foot, but for the door" do
      expect(mm2("foot", band_mm: 6)).to be_within(0.1).of(1140)
    end

    it "hangs under the window's sill, and under no door" do
      expect(mm2("sills", band_mm: 4)).to be_within(0.01).of(40)
    end

    # The wind comes from the front: its wall looks that way, and no other within 60°.
    it "takes the weather side" do
      expect(mm2("weather")).to be_within(0.1).of(1500)
    end
  end

  describe "its snags" do
    def codes(feature) = evaluation(build(feature)).snags.map(&:code)

    def healed(feature, code)
      snag = evaluation(build(feature)).snags.find { |one| one.code == code }
      evaluation(GreenPlinth::Patch.apply(build(feature), snag.fixes.first.patch)).snags.map(&:code)
    end

    # What it is about; the code; what raises it; the nearest that does not.
    {
      "an opening past its wall" => ["fit/opening_off_wall", { from_left_mm: 50.5 }, { from_left_mm: 50 }],
      # At 15 mm from the left the gable is 45 mm high; 8 mm of window go under it at 36.
      "a window past the gable" => ["fit/opening_off_wall", { wall: 2, from_left_mm: 15, sill_mm: 38, height_mm: 8 },
        { wall: 2, from_left_mm: 15, sill_mm: 36, height_mm: 8 }],
      "an opening in a wall that there is not" => ["fit/opening_off_wall", { wall: 5 }, { wall: 4 }],
      # At 1:35 a door of 1.98 to 2.15 m is 57 to 61 mm; a seventh more or less is let be. The walls are 80 mm high.
      "a door that nobody gets through" => ["scale/opening_height", { height_mm: 48, represents: "door" },
        { height_mm: 50, represents: "door" }, 100]
    }.each do |what, (code, wrong, right, high)|
      it "tell of #{what}" do
        scene = ->(members) { house(height_mm: high || 50, openings: [door(**members)]) }
        expect(codes(scene[right])).not_to include(code)
        expect(codes(scene[wrong])).to include(code)
        expect(healed(scene[wrong], code)).not_to include(code)
      end
    end

    it "tell of two that run into each other" do
      two = ->(left) { house(openings: [door, door(name: "window", from_left_mm: left)]) }
      expect(codes(two[35])).not_to include("fit/openings_meet")
      expect(codes(two[34])).to include("fit/openings_meet")
      expect(healed(two[34], "fit/openings_meet")).not_to include("fit/openings_meet")
    end

    # Half of 40 mm rises 50 mm at 68.2°.
    it "tell of a roof that leaves no wall" do
      steep = ->(pitch) { house(roof: { "kind" => "gable", "pitch_deg" => pitch }) }
      expect(codes(steep[68])).not_to include("relief/roof_too_high")
      expect(codes(steep[69])).to include("relief/roof_too_high")
      expect(healed(steep[69], "relief/roof_too_high")).not_to include("relief/roof_too_high")
    end
  end

  it "is drawn with its own roof, turned with it" do
    made = evaluation(build(house(outline: rectangle(60, 40, at: [10, 5], turn_deg: 90))))
    ridge = made.turntable["bodies"].first["faces"].flatten(1).select { |_, _, z| (z - 50).abs < 0.1 }
    expect(ridge.map { |x, _, _| x }.uniq).to eq([10.0])
    expect(ridge.map { |_, y, _| y }.minmax).to eq([-25.0, 35.0])
  end
end
