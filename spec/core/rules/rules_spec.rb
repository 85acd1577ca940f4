# frozen_string_literal: true

# Each rule in a design that calls for it: first and later step, and what it waits for at least.
RSpec.describe GreenPlinth::Rules do
  def constraints(file)
    made = evaluation(file)
    expansion = GreenPlinth::Steps::Expansion.new(made.design, made.terrain, made.pools)
    works = expansion.works
    GreenPlinth::Rules::Rule.all.flat_map { |rule| rule.new(works, expansion.places, made.design).waits }
  end

  def found(code, file)
    constraints(file).select { |one| one.code == code }.map { |one| [one.first.id, one.later.id] }
  end

  paste = { "material" => "earth_paste", "id" => "paste" }
  primer = { "material" => "acrylic_primer", "id" => "primer", "rig" => "airbrush" }
  paint = { "material" => "acrylic_paint", "id" => "paint" }
  wash = { "material" => "acrylic_wash", "id" => "wash" }
  lights = { "material" => "acrylic_paint", "id" => "lights", "technique" => "dry_brush" }
  grass = { "material" => "static_grass", "id" => "grass", "length_mm" => 2 }
  long = { "material" => "static_grass", "id" => "long", "length_mm" => 6 }
  tufts = { "material" => "tufts", "id" => "tufts" }
  stones = { "material" => "stones", "id" => "stones", "grain_mm" => [8, 15], "treated" => ["washed"] }
  sand = { "material" => "fine_sand", "id" => "sand" }
  flat = { "kind" => "rectangle", "width_mm" => 100, "depth_mm" => 60, "at_mm" => [0, 0] }
  spot = { "kind" => "round", "diameter_mm" => 20, "at_mm" => [0, 0] }
  zone = lambda { |*courses, **more|
    { "id" => "z#{courses.hash.abs % 100_000}", "ground" => "earth", "outline" => { "kind" => "rest" },
      "courses" => courses }.merge(more.transform_keys(&:to_s))
  }
  foam = { "id" => "foam", "kind" => "lift", "sheet_mm" => 20, "material" => "xps_foam", "outline" => flat,
           "seal" => ["matte_medium"] }
  figure = { "id" => "figure", "kind" => "figure", "footprint" => spot, "paint_min" => 30, "mount" => "pinned" }
  pool = { "id" => "pool", "medium" => "two_part_resin", "outline" => spot, "level_mm" => 4 }
  hollow = [{ "id" => "board", "kind" => "lift", "sheet_mm" => 6, "material" => "cork_sheet", "outline" => flat },
    { "id" => "hole", "kind" => "cut", "depth_mm" => 4, "outline" => spot }]

  {
    "order/plinth_prepared" => [{ forms: hollow }, "plinth/prepare", "board/stack"],
    "order/laid_on" => [{ zones: [zone[paste, paint]] }, "paste", "paint"],
    "order/bulk_before_texture" => [{ forms: [foam], zones: [zone[paste]] }, "foam/stack", "paste"],
    "order/foam_sealed" => [{ forms: [foam], zones: [zone[{ "material" => "aerosol_primer", "id" => "spray", "rig" => "spray_can" }]] },
      "foam/seal-1", "spray"],
    "order/feet_marked" => [{ zones: [zone[paste]], subjects: [figure] }, "subjects/dry-fit", "paste"],
    "order/found_matter_treated" => [{ zones: [zone[stones.merge("treated" => [])]] }, "stones/treat", "stones"],
    "order/subject_painted_before_mount" => [{ subjects: [figure] }, "figure/paint", "figure/mount"],
    "order/mount" => [{ zones: [zone[paste]], subjects: [figure] }, "paste", "figure/mount"],
    "order/bed_sealed" => [{ forms: hollow, waters: [pool] }, "pool/seal", "pool/pour"],
    "order/greenery_before_water" => [{ forms: hollow, zones: [zone[grass]], waters: [pool] }, "grass", "pool/pour"],
    "order/layer_dry" => [{ forms: hollow, waters: [pool.merge("max_layer_mm" => 1)] }, "pool/pour-1", "pool/pour-2"],
    "order/rim_last" => [{ zones: [zone[paste]] }, "paste", "plinth/rim/coat-1"],
    "order/rim_coats" => [{}, "plinth/rim/coat-1", "plinth/rim/coat-2"],
    "order/plaque_last" => [{ features: [{ "id" => "plate", "kind" => "plaque" }], zones: [zone[paste]] },
      "plinth/rim/coat-2", "plate"],
    "order/depth_while_bare" => [{ forms: hollow, zones: [zone[paste]] }, "hole/cut", "paste"],
  }.each do |code, (members, first, later)|
    it "#{code}: #{first} before #{later}" do
      expect(found(code, plain_file(**members))).to include([first, later])
    end
  end

  # The same between two zones that meet, where no pile holds them apart.
  {
    "order/coarse_before_fine" => [stones, sand],
    "order/paint_dry_before_wash" => [paint, wash],
    "order/dry_before_brush" => [wash, lights],
    "order/texture_before_prime" => [paste, primer],
    "order/colour_before_greenery" => [paint, grass],
    "order/spray_before_greenery" => [primer, tufts],
    "order/grass_layer_dry" => [grass, long],
  }.each do |code, (first, later)|
    it "#{code}: #{first["id"]} before #{later["id"]}" do
      file = plain_file(forms: [foam],
        zones: [
          zone[first,
            outline: { "kind" => "rectangle", "width_mm" => 60, "depth_mm" => 60,
                       "at_mm" => [-20, 0] }], zone[later]])
      both = plain_file(zones: [zone[first, later]])
      expect(found(code, file) + found(code, both)).to include([first["id"], later["id"]])
    end
  end

  it "binds nothing that does not meet" do
    file = plain_file(zones: [zone[stones, outline: { "kind" => "round", "diameter_mm" => 20, "at_mm" => [-30, 0] }],
      zone[sand, outline: { "kind" => "round", "diameter_mm" => 20, "at_mm" => [30, 0] }]])
    expect(found("order/coarse_before_fine", file)).to be_empty
  end

  it "gives grass two hours at the least before more of it" do
    waits = constraints(plain_file(zones: [zone[grass, long]])).select do |one|
      one.code == "order/grass_layer_dry"
    end.map(&:at_least_min)
    expect(waits).to all(be >= 120)
  end

  it "turns round with the maker's school" do
    later = plain_file(zones: [zone[primer, tufts]], schools: { greenery: "before_priming" })
    expect(found("order/spray_before_greenery", later)).to be_empty
    mounted = plain_file(subjects: [figure], zones: [zone[paste]], schools: { mounting: "before_painting" })
    expect(found("order/mount", mounted)).to be_empty
  end

  it "keeps superglue from primer while it cures, and from nothing else once it grips" do
    file = plain_file(forms: hollow, zones: [zone[paste], zone[primer, outline: spot]])
    waits = constraints(file).select do |one|
      one.code == "order/bulk_before_texture" && one.first.id == "board/stack"
    end.to_h { |one| [one.later.id, one.at_least_min] }
    expect(waits["paste"]).to be < 10
    expect(waits["primer"]).to be >= 4 * 60
  end

  it "has a code, a strength and a reason for each rule, and no code twice" do
    rules = GreenPlinth::Rules::Rule.all
    expect(rules.size).to be >= 25
    expect(rules.map(&:code)).to all(start_with("order/"))
    expect(rules.map(&:code).uniq.size).to eq(rules.size)
    expect(rules.map(&:strength)).to all(satisfy { |strength|
      GreenPlinth::Rules::Rule::STRENGTHS.include?(strength)
    })
    expect(rules.map(&:why)).to all(be_a(String))
  end

  it "never orders the trade's own rules in a circle" do
    sample_names.each { |name| expect(evaluation(sample(name)).order.conflicts).to be_empty, name }
  end
end
