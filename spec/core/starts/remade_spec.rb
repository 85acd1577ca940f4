# frozen_string_literal: true

RSpec.describe GreenPlinth::Starts::Remade do
  let(:catalogue) { GreenPlinth::Catalogue.default }

  def file(**more)
    { "format" => "green-plinth/1", "title" => "base", "purpose" => "vignette", "scale" => 35,
      "plinth" => { "outline" => rectangle(100, 80), "thickness_mm" => 20, "material" => "hardwood" } }
      .merge(JSON.parse(JSON.generate(more)))
  end

  def remade(made, scale: 35, outline: nil) = described_class.new(catalogue, made, scale: scale, outline: outline).to_h
  def rectangle(width, depth) = { "kind" => "rectangle", "width_mm" => width, "depth_mm" => depth }
  def ground(*courses) = file(zones: [{ id: "ground", ground: "earth", outline: { kind: "rest" }, courses: courses }])
  def course(made, at = 0) = made["zones"][0]["courses"][at]

  describe "what stands for something in life" do
    let(:scene) do
      file(subjects: [{ id: "one", kind: "figure", footprint: { kind: "oval", width_mm: 16, depth_mm: 12 }, at_mm: [25, -10], turn_deg: 30,
                        height_mm: 48, mass_g: 32, mount: "pinned", contact_mm2: 40 }],
        features: [{ id: "wall", kind: "wall", outline: { kind: "strip", points_mm: [[-50, 20], [50, 20]], width_mm: 6 }, height_mm: 40,
                     unit: { represents: "brick_uk" } }])
    end

    it "keeps its size in life and its share of the base at half the scale" do
      one = remade(scene, scale: 70, outline: rectangle(100, 80))["subjects"][0]
      expect(one).to include("height_mm" => 24, "at_mm" => [25, -10], "turn_deg" => 30,
"footprint" => include("width_mm" => 8, "depth_mm" => 6))
      # An eighth of the body, a quarter of what it touches.
      expect(one).to include("mass_g" => 4, "contact_mm2" => 10)
    end

    it "moves with the base and is not stretched by it" do
      made = remade(scene, outline: rectangle(200, 80))
      expect(made["subjects"][0]).to include("at_mm" => [50, -10], "height_mm" => 48, "footprint" => include("width_mm" => 16))
      expect(made["features"][0]).to include("height_mm" => 40,
"outline" => { "kind" => "strip", "points_mm" => [[-100, 20], [100, 20]], "width_mm" => 6 })
    end

    it "makes the base smaller with the scale where no base is given" do
      expect(remade(scene, scale: 70)["plinth"]).to include("outline" => rectangle(50, 40), "thickness_mm" => 20)
    end
  end

  describe "courses" do
    # A cobble is 63 to 200 mm (ISO 14688-1): at 1:100 that is 0.63 to 2 mm.
    it "takes the grains of what it stands for" do
      expect(course(remade(ground({ material: "gravel", represents: "cobble", cover_pct: 30 }), scale: 100)))
        .to eq("material" => "coarse_sand", "represents" => "cobble", "cover_pct" => 30, "grain_mm" => [0.63, 2])
    end

    it "keeps grains of which nothing is said as they are in life" do
      expect(course(remade(ground({ material: "coarse_sand", grain_mm: [1, 2] }), scale: 70))).to include("grain_mm" => [0.5, 1])
    end

    it "cuts fibres as long as in life, and never shorter than they are sold" do
      grass = ground({ material: "static_grass", length_mm: 6, cover_pct: 80 })
      expect(course(remade(grass, scale: 70))).to include("length_mm" => 3, "cover_pct" => 80)
      expect(course(remade(grass, scale: 700))).to include("length_mm" => 1)
    end

    it "sets as many tufts to a piece of land as before" do
      tufts = ground({ material: "tufts", count: 6 })
      # Twice the land each way on the same base; and the same land.
      expect(course(remade(tufts, scale: 70, outline: rectangle(100, 80)))).to include("count" => 24)
      expect(course(remade(tufts, scale: 70))).to include("count" => 6)
    end

    it "leaves what a medium can do as it is" do
      paste = { "material" => "earth_paste", "thickness_mm" => 1.5 }
      paint = { "material" => "acrylic_paint", "coats" => 2, "colour" => "#554433" }
      made = remade(ground(paste, paint), scale: 160)
      expect([course(made), course(made, 1)]).to eq([paste, paint])
    end
  end

  describe "relief" do
    let(:hill) do
      file(forms: [{ id: "hill", kind: "lift", material: "cork_tile", sheet_mm: 4, sheets: 3, edge: { kind: "torn", run_mm: 3 },
                     outline: { kind: "polygon", points_mm: [[-50, 0], [50, 0], [50, 40], [-50, 40]] } },
        { id: "dip", kind: "cut", depth_mm: 6, edge: { kind: "bevel", run_mm: 4 },
outline: { kind: "round", diameter_mm: 30, at_mm: [0, -20] } }])
    end

    it "keeps its height in life, in whole sheets of what is sold" do
      made = remade(hill, scale: 70)["forms"]
      # Half of 12 mm is 6 mm: one and a half sheets, told as two.
      expect(made[0]).to include("sheet_mm" => 4, "sheets" => 2, "edge" => { "kind" => "torn", "run_mm" => 1.5 })
      expect(made[1]).to include("depth_mm" => 3, "outline" => { "kind" => "round", "diameter_mm" => 15, "at_mm" => [0, -10] })
    end

    it "grows no steeper on a smaller base, and no higher on a larger one" do
      expect(remade(hill, outline: rectangle(50, 40))["forms"][1]).to include("depth_mm" => 3)
      expect(remade(hill, outline: rectangle(200, 160))["forms"][1]).to include("depth_mm" => 6)
    end

    it "makes what is round oval where the base grows one way only" do
      expect(remade(hill, outline: rectangle(200, 80))["forms"][1]["outline"])
        .to eq("kind" => "oval", "width_mm" => 60, "depth_mm" => 30, "at_mm" => [0, -20])
    end

    it "takes a thinner sheet where one is far too thick" do
      expect(remade(hill, scale: 350)["forms"][0]).to include("sheet_mm" => 1.2, "sheets" => 1)
    end
  end

  it "keeps water as deep as in life over a bed that is not where it was" do
    pond = file(
      forms: [{ id: "board", kind: "lift", material: "xps_foam", sheet_mm: 10, sheets: 1, outline: rectangle(100, 80) },
        { id: "pond", kind: "cut", depth_mm: 8, outline: { kind: "round", diameter_mm: 40 } }],
      waters: [{ id: "water", outline: { kind: "round", diameter_mm: 40 }, level_mm: 8, medium: "two_part_resin" }])
    made = remade(pond, scale: 70)
    # Board 5 mm in one sheet, cut 4 mm down to 1 mm; 6 mm of water become 3.
    expect(made["forms"][0]).to include("sheet_mm" => 5.0, "sheets" => 1)
    expect(made["waters"][0]).to include("level_mm" => 4)
  end

  it "keeps a border above the water that it holds" do
    sea = file(waters: [{ id: "sea", outline: rectangle(100, 80), level_mm: 6, medium: "two_part_resin" }])
    sea["plinth"]["lip_mm"] = 8
    expect(remade(sea, scale: 350)["plinth"]["lip_mm"]).to be > remade(sea, scale: 350)["waters"][0]["level_mm"]
  end

  it "takes neither dates nor what was done along" do
    done = ground({ material: "earth_paste" }).merge("calendar" => { "start" => "2027-01-01T10:00" }, "progress" => { "events" => [] })
    expect(remade(done).keys & %w[calendar progress]).to be_empty
  end

  describe "of any build" do
    Dir["samples/*.json"].each do |path|
      it "#{File.basename(path, ".json")}: makes a sound file at other scales and on another base, with every part" do
        was = JSON.parse(File.read(path))
        [[was["scale"] * 2, nil], [was["scale"], { "kind" => "round", "diameter_mm" => 90 }]].each do |scale, outline|
          made = remade(was, scale: scale, outline: outline)
          expect(GreenPlinth::Files::PlinthFile.new(catalogue).problems(made)).to be_empty
          %w[forms zones features subjects waters].each { |list| expect((made[list] || []).map { |part|
 part["id"] }).to eq((was[list] || []).map { |part|
 part["id"] }) }
        end
      end
    end
  end
end
