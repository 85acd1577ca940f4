# frozen_string_literal: true

# Each snag: where it is found, and that its fix, taken as the patch it is, makes it go away.
RSpec.describe GreenPlinth::Snags do
  def snags(file) = evaluation(file).snags
  def find(file, code) = snags(file).select { |snag| snag.code == code }
  def fixed(file, fix) = GreenPlinth::Patch.apply(file, fix.patch)

  def with_plinth(file, **members) = file.merge("plinth" => file["plinth"].merge(members.transform_keys(&:to_s)))

  it "finds nothing wrong with a plain board" do
    expect(snags(plain_file)).to be_empty
  end

  it "tells the worst first" do
    order = sample_names.flat_map { |name| [snags(sample(name)).map { |snag| GreenPlinth::Snags::Check::SEVERITIES.index(snag.severity) }] }
    expect(order).to all(satisfy { |list| list == list.sort })
  end

  it "has at least 15 checks, of every family that is computed" do
    codes = GreenPlinth::Snags::Check.all.map(&:code)
    expect(codes.size).to be >= 15
    expect(codes.map do |code|
      code.split("/").first
    end.uniq).to include("fit", "composition", "scale", "balance", "relief", "water", "dry", "compat", "order", "fix",
      "supply", "schedule", "colour", "habit")
    expect(codes.uniq).to eq(codes)
  end

  it "offers only fixes that apply and leave a valid file" do
    sample_names.each do |name|
      snags(sample(name)).each do |snag|
        snag.fixes.each do |fix|
          expect(problems(fixed(sample(name), fix))).to be_empty, "#{name}: #{snag.code}: #{fix.label}"
        end
      end
    end
  end

  it "points at parts that are there" do
    sample_names.each do |name|
      snags(sample(name)).each { |snag| expect { Hana::Pointer.new(snag.where).eval(sample(name)) }.not_to raise_error }
    end
  end

  board = { "id" => "board", "kind" => "lift", "sheet_mm" => 10, "material" => "cork_sheet",
            "outline" => { "kind" => "rectangle", "width_mm" => 100, "depth_mm" => 60 } }
  foam = board.merge("id" => "foam", "sheet_mm" => 20, "material" => "xps_foam")
  basin = { "id" => "basin", "kind" => "cut", "depth_mm" => 6,
            "outline" => { "kind" => "rectangle", "width_mm" => 40, "depth_mm" => 20 } }
  edge = { "kind" => "rectangle", "width_mm" => 40, "depth_mm" => 20, "at_mm" => [40, 0] }
  spot = { "kind" => "round", "diameter_mm" => 10 }
  pool = { "id" => "pool", "medium" => "acrylic_water", "outline" => { "kind" => "rectangle", "width_mm" => 40, "depth_mm" => 20 },
           "level_mm" => 8 }
  all = lambda { |*courses, **more|
    [{ "id" => "ground", "ground" => "earth", "outline" => { "kind" => "rest" },
       "courses" => courses }.merge(more.transform_keys(&:to_s))]
  }
  monday = [{ "day" => "mon", "from" => "19:00", "to" => "20:00" }]

  # code => [what the file holds, part of the message, which fix to try (nil: none is offered)]
  {
    "fit/off_plinth" => [{ subjects: [{ "id" => "a", "kind" => "figure", "footprint" => spot, "at_mm" => [48, 0] }] },
      /stands .* mm² off the top/, 0],
    "fit/clearance" => [
      { subjects: [{ "id" => "a", "kind" => "figure", "footprint" => spot },
        { "id" => "b", "kind" => "figure", "footprint" => spot, "at_mm" => [4, 0] }] }, /only one of them fits/, 0],
    "fit/overhang" => [
      { subjects: [{ "id" => "a", "kind" => "figure", "footprint" => spot, "at_mm" => [35, 0],
                     "silhouette" => { "kind" => "rectangle", "width_mm" => 50, "depth_mm" => 4 } }] }, /reaches 10 mm past/, 0],
    "composition/square_to_edge" => [
      { subjects: [{ "id" => "a", "kind" => "vehicle",
                     "footprint" => { "kind" => "rectangle", "width_mm" => 40, "depth_mm" => 18 } }] }, /reads like a shop display/, 0],
    "composition/share" => [
      { purpose: "vignette",
        subjects: [{ "id" => "a", "kind" => "figure", "footprint" => { "kind" => "round", "diameter_mm" => 50 },
                     "at_mm" => [0, 0] }] }, /lost on it/, 0],
    "scale/grain_too_coarse" => [
      { zones: all[{ "material" => "gravel", "grain_mm" => [4, 6], "represents" => "gravel" }, ground: "gravel"] },
      /4–6 mm grains are 140 mm–210 mm in life: boulders, not gravel/, 0],
    "scale/grass_length" => [{ zones: all[{ "material" => "static_grass", "length_mm" => 30, "represents" => "pasture_grass" }] },
      /30 mm fibres are 1050 mm in life/, 0],
    "scale/unit_too_big" => [{ zones: all[ground: "setts", unit: { "represents" => "sett", "length_mm" => 12 }] },
      /Units of 12 mm are 420 mm in life/, 0],
    "scale/subject_height" => [
      { subjects: [{ "id" => "a", "kind" => "figure", "footprint" => spot, "height_mm" => 80,
                     "represents" => "person" }] }, /nearer 1:21/, nil],
    "scale/represents_unknown" => [
      { subjects: [{ "id" => "a", "kind" => "animal", "footprint" => spot,
                     "represents" => "hosre" }] }, /stands for hosre, whose real size is not known/, 0
    ],
    "balance/tips" => [{ subjects: [{ "id" => "a", "kind" => "figure", "footprint" => spot, "height_mm" => 500, "mass_g" => 2000 }] },
      /tips over at/, nil],
    "relief/cuts_through" => [{ forms: [basin.merge("depth_mm" => 30)] }, /goes through the plinth.*only 20 mm/, 0],
    "relief/bridges_void" => [
      { forms: [board, basin,
        board.merge("id" => "lid", "sheet_mm" => 2, "outline" => { "kind" => "rectangle", "width_mm" => 60, "depth_mm" => 30 })] },
        /bridges a gap of 4\.8 ml/, 0],
    "water/spill" => [
      { forms: [board, basin],
        waters: [pool.merge("outline" => { "kind" => "rectangle", "width_mm" => 20,
                                           "depth_mm" => 20 })] }, /beyond where it is drawn/, 0],
    "water/dam" => [{ forms: [board, basin.merge("outline" => edge)], waters: [pool.merge("outline" => edge)] },
      /stands 8 mm against 20 mm of open edge/, 0],
    "water/level_unknown" => [{ forms: [board, basin], waters: [pool.except("level_mm")] }, /has no level/, 0],
    "water/dry" => [{ forms: [board, basin], waters: [pool.merge("level_mm" => 2)] }, /lowest 4 mm/, 0],
    "water/first_coat_crazes" => [
      { forms: [board, basin], zones: all[{ "material" => "fine_sand" }],
        waters: [pool.merge("level_mm" => 6)] }, /Expect two/, 0],
    "dry/layer_too_thick" => [{ zones: all[{ "material" => "earth_paste", "thickness_mm" => 9 }] }, /9 mm thick in one go; .* takes 4 mm/,
      0],
    "dry/too_cold" => [{ climate: { temperature_c: 5 }, zones: all[{ "material" => "earth_paste" }] },
      /may not knit/, 0],
    "dry/too_damp" => [{ climate: { humidity_pct: 85 }, zones: all[{ "material" => "aerosol_primer", "rig" => "spray_can" }] },
      /dry milky/, 0],
    "compat/foam_solvent" => [{ forms: [foam], zones: all[{ "material" => "aerosol_primer", "rig" => "spray_can" }] },
      /eats bare extruded foam board/, 0],
    "compat/soft_under_hard" => [{ forms: [foam.merge("material" => "packing_foam")], zones: all[{ "material" => "plaster" }] },
      /gives way under a thumb/, 0],
    "compat/poor_bond" => [{ zones: all[{ "material" => "plaster" }, { "material" => "crackle_medium" }] },
      /flakes off/, 0],
    "order/spray_before_greenery" => [
      { zones: all[{ "material" => "static_grass", "id" => "g", "length_mm" => 4 },
        { "material" => "acrylic_primer", "id" => "p", "rig" => "airbrush" }] }, /overspray dulls fibres/i, 0],
    "order/wish_conflict" => [
      { tasks: [{ "id" => "a", "title" => "Sand", "hands_on_min" => 1 }, { "id" => "b", "title" => "Oil", "hands_on_min" => 1 }],
        order: [{ first: "a", then: "b" }, { first: "b", then: "a" }] }, /you wished it so/, 0],
    "fix/contact_small" => [{ subjects: [{ "id" => "a", "kind" => "figure", "footprint" => spot, "contact_mm2" => 6, "mass_g" => 40 }] },
      /glue alone lets go/, 0],
    "supply/over_budget" => [{ limits: { budget_minor: 100 }, zones: all[{ "material" => "earth_paste" }] },
      /over the limit/, 0],
    "supply/batch_over_window" => [{ copies: 40, zones: all[{ "material" => "plaster" }] }, /mix it in \d+ batches/,
      nil],
    "schedule/late" => [
      { calendar: { start: "2027-03-01T09:00", finish_by: "2027-03-01T10:00" },
        zones: all[{ "material" => "earth_paste" }] }, /after it is wanted/, 1],
    "schedule/impossible" => [
      { calendar: { weekly: monday },
        tasks: [{ "id" => "mural", "title" => "Paint the mural",
                  "hands_on_min" => 100 }] }, /“Paint the mural” takes 1 h 40 min/, 0],
    "colour/grounds_alike" => [
      { zones: all[{ "material" => "earth_paste",
"colour" => "#705840" }] + [{ "id" => "path", "ground" => "sand", "outline" => edge,
                              "courses" => [{ "material" => "sand_paste", "colour" => "#715940" }] }] }, /read as one ground/, nil],
    "habit/no_focal" => [
      { subjects: [{ "id" => "a", "kind" => "figure", "footprint" => spot, "at_mm" => [-20, 0] },
        { "id" => "b", "kind" => "figure", "footprint" => spot, "at_mm" => [20, 0] }] }, /to look at first/, 0],
    "habit/technique_unknown" => [{ zones: all[{ "material" => "acrylic_paint", "technique" => "scumble" }] },
      /scumble is not in the catalogue/, 0],
  }.each do |code, (members, words, fix)|
    describe code do
      let(:file) { plain_file(**members) }
      let(:found) { find(file, code) }

      it "is found where it is, and says what will happen and why" do
        expect(found.map(&:message)).to include(words)
        expect(found.map(&:message).join).not_to match(/\bnil\b|NaN|Infinity|!/)
      end

      if fix
        it "goes away with its fix" do
          expect(found.first.fixes.size).to be > fix
          expect(find(fixed(file, found.first.fixes[fix]), code)).to be_empty
        end
      else
        it("promises no fix that it does not have") { expect(found.first.fixes).to be_empty }
      end
    end
  end

  describe "compat/no_key and compat/warps, of the plinth itself" do
    it "wants a key on smooth faces" do
      file = with_plinth(plain_file, material: "acrylic_sheet", key: "none")
      expect(find(file, "compat/no_key").first.message).to match(/lifts off in one piece/)
      expect(find(fixed(file, find(file, "compat/no_key").first.fixes.first), "compat/no_key")).to be_empty
    end

    it "warns of thin wood wetted on one face" do
      file = with_plinth(plain_file(zones: [zone(course("earth_paste"))]), material: "plywood")
      fixes = find(file, "compat/warps").first.fixes
      expect(fixes.map { |fix| find(fixed(file, fix), "compat/warps") }).to all(be_empty)
    end
  end

  it "tells a wish against a rule under the rule's own code, and drops the wish on request" do
    file = plain_file(zones: [zone(course("earth_paste", id: "paste"))], forms: [lift(3, round(30), id: "bank")],
      order: [{ first: "paste", then: "bank" }])
    snag = snags(file).find { |one| one.code == "order/bulk_before_texture" }
    expect(snag.message).to match(/filler would bury texture.*Your wish .* is kept/)
    expect(snag.where).to eq("/order/0")
    expect(snags(fixed(file, snag.fixes.first)).map(&:code)).not_to include("order/bulk_before_texture")
  end

  it "keeps quiet about courses laid as the trade lays them" do
    file = plain_file(zones: [zone(course("earth_paste"), course("acrylic_primer"), course("acrylic_paint"), course("acrylic_wash"),
      course("acrylic_paint", technique: "dry_brush"), course("static_grass", length_mm: 4), course("tufts"))])
    expect(snags(file).map(&:code).grep(/order/)).to be_empty
  end

  # Told under the code of the rule that is broken, see GreenPlinth::Snags::CourseOrder.
  describe "order/course_order" do
    def told_of(*courses)
      file = plain_file(zones: [zone(*courses)])
      [file, GreenPlinth::Snags::CourseOrder.new(evaluation(file)).snags]
    end

    it "warns of paint over fibres, and not of fibres over paint; laid earlier, the paint is right" do
      file, warned = told_of(course("earth_paste"), course("static_grass"), course("acrylic_paint"))
      expect(warned.map { |snag| [snag.code, snag.severity, snag.where] })
        .to eq([["order/colour_before_greenery", "advice", "/zones/0/courses/2"]])
      expect(told_of(course("earth_paste"), course("acrylic_paint"), course("static_grass")).last).to be_empty
      mended = fixed(file, warned.first.fixes.first)
      expect(mended["zones"][0]["courses"].map { |one| one["material"] }).to eq(%w[earth_paste acrylic_paint static_grass])
      expect(GreenPlinth::Snags::CourseOrder.new(evaluation(mended)).snags).to be_empty
    end
  end
end
