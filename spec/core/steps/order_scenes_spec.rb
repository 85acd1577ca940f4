# frozen_string_literal: true

# Whole scenes, read as a maker would: what comes before what, and what is one step.
RSpec.describe "The order of work of a scene" do
  west = [[-48, -28], [0, -28], [0, 28], [-48, 28]]
  east = [[0, -28], [48, -28], [48, 28], [0, 28]]

  let(:west_side) { polygon(*west) }
  let(:east_side) { polygon(*east) }
  let(:spot) { round(10, at: [30, 0]) }

  def feature(kind, outline, id: kind, **more) = { "id" => id, "kind" => kind, "outline" => outline }.merge(JSON.parse(JSON.generate(more)))

  # @return [Array<String>] ids in the order of the plan
  def planned(**members)
    told = evaluation(plain_file(**members))
    told.steps.sort_by { |step| [told.schedule.start(step.id), told.steps.index(step)] }.map(&:id)
  end

  def steps(**members) = evaluation(plain_file(**members)).steps
  def step(id, **members) = steps(**members).find { |one| one.id == id }
  def starts(**members) = evaluation(plain_file(**members)).then { |told| told.steps.to_h { |one| [one.id, told.schedule.start(one.id)] } }

  matcher(:come_in_order) { |*ids| match { |order| (order & ids) == ids } }

  describe "neighbours" do
    let(:board) { lift(6, west_side, id: "board") }

    def filler(outline) = form("mound", "filler", outline, material: "fibre_plaster", crown_mm: 4)

    it "lays rigid sheets before the filler that blends against them, as far as they abut" do
      expect(planned(forms: [filler(polygon([1, -28], [48, -28], [48, 28], [1, 28])), board])).to come_in_order("board/stack", "filler/lay")
    end

    it "binds no filler that stands by itself" do
      waits = evaluation(plain_file(forms: [filler(polygon([10, -28], [48, -28], [48, 28], [10, 28])), board])).order.waits
      expect(waits.map(&:code)).not_to include("order/rigid_before_filler")
    end

    it "scatters everywhere before water is poured, also where it does not meet it" do
      hollow = [lift(6, rectangle(100, 60), id: "board"), cut(4, round(16, at: [-30, 0]), id: "hole")]
      field = zone(course("static_grass", id: "grass", length_mm: 4), id: "field", outline: east_side)
      pool = water(4, round(16, at: [-30, 0]), sealed: true)
      expect(planned(forms: hollow, zones: [field], waters: [pool])).to come_in_order("grass", "pool/pour")
    end

    it "leaves masked water out of it" do
      hollow = [lift(6, rectangle(100, 60), id: "board"), cut(4, round(16, at: [-30, 0]), id: "hole")]
      field = zone(course("static_grass", id: "grass", length_mm: 4), id: "field", outline: east_side)
      pool = water(4, round(16, at: [-30, 0]), sealed: true)
      mask = { "id" => "film", "title" => "film over the pool", "technique" => "mask_ground", "on" => "pool", "amount" => 1 }
      codes = evaluation(plain_file(forms: hollow, zones: [field], waters: [pool], tasks: [mask])).order.waits.map(&:code)
      expect(codes).not_to include("order/messy_before_clear")
    end

    it "sets painted figures when no grain flies any more, and unpainted ones by the maker's school" do
      gravel = zone(course("gravel", id: "gravel"), outline: east_side)
      painted = figure(round(10, at: [-30, 0]), state: "painted")
      expect(planned(zones: [gravel], subjects: [painted])).to come_in_order("gravel", "figure/mount")
      codes = evaluation(plain_file(zones: [gravel], subjects: [figure(round(10, at: [-30, 0]))])).order.waits.map(&:code)
      expect(codes).not_to include("order/messy_before_clear")
    end

    it "sands a road flush before anybody painted stands beside it, which is no matter of course for a road of setts" do
      painted = figure(round(10, at: [-30, 0]), state: "painted")
      lane = ->(material) { zone(course(material, id: "road"), outline: east_side, ground: "road") }
      expect(planned(zones: [lane["road_plaster"]], subjects: [painted])).to come_in_order("road", "figure/mount")
      codes = evaluation(plain_file(zones: [lane["tile_grout"]], subjects: [painted])).order.waits.map(&:code)
      expect(codes).not_to include("order/messy_before_clear")
    end

    it "ballasts when the ground beside is dry" do
      paste = zone(course("earth_paste", id: "paste"), outline: polygon([-48, -28], [48, -28], [48, -12], [-48, -12]))
      track = feature("track", { "kind" => "strip", "points_mm" => [[-45, 0], [45, 0]], "width_mm" => 20 })
      at = starts(zones: [paste], features: [track])
      dry = step("paste", zones: [paste], features: [track]).tail_min
      expect(at.fetch("track/ballast") - at.fetch("paste")).to be >= dry
    end

    it "scatters litter when the trees stand that shed it, and not for trees far off" do
      litter = zone(course("leaf_scatter", id: "litter", treated: ["baked"]), outline: east_side)
      expect(planned(zones: [litter], features: [feature("tree", spot)])).to come_in_order("tree", "litter")
      far = evaluation(plain_file(zones: [litter], features: [feature("tree", round(10, at: [-40, 0]))])).order.waits.map(&:code)
      expect(far).not_to include("order/litter_after_trees")
    end
  end

  describe "parts that are made and set" do
    let(:coats) { [course("acrylic_paint", id: "coat"), course("acrylic_wash", id: "wash")] }

    it "sets what is coated once, after its coats and after the ground it stands in" do
      ids = planned(zones: [zone(course("earth_paste", id: "paste"), course("static_grass", id: "grass"))],
        features: [feature("log", spot, courses: coats)])
      expect(ids.grep(/log/)).to eq(["log"])
      expect(ids).to come_in_order("coat", "wash", "log", "grass")
      expect(ids).to come_in_order("paste", "log", "grass")
    end

    it "makes a building on the bench, whatever the base is like, and sets it in one step" do
      told = evaluation(plain_file(zones: [zone(course("earth_paste", id: "paste"))], features: [feature("building", spot)]))
      expect(told.steps.map(&:id)).to include("building", "building/bed")
      expect(told.order.waits.select { |wait| wait.later.id == "building" }).to be_empty
    end

    it "coats what is laid in place where it lies, and does not bed it again" do
      track = feature("track", { "kind" => "strip", "points_mm" => [[-45, 0], [45, 0]], "width_mm" => 20 }, courses: coats)
      ids = planned(features: [track])
      expect(ids).to come_in_order("track", "coat", "wash")
      expect(ids).not_to include("track/bed")
    end

    it "does not spray the ground over what was painted on the bench" do
      ground = zone(course("earth_paste", id: "paste"), course("acrylic_primer", id: "primer", rig: "airbrush"))
      expect(planned(zones: [ground], features: [feature("log", spot, courses: coats)])).to come_in_order("primer", "log")
      expect(planned(zones: [ground], features: [feature("log", spot)])).to come_in_order("log", "primer")
    end

    it "sets found wood that keeps its own colour when the ground has its colour; stone is painted with it" do
      painted = zone(course("earth_paste", id: "paste"), course("acrylic_paint", id: "paint"))
      stump = ->(**more) { feature("log", round(10), material: "bark", treated: ["baked"], **more) }
      expect(planned(zones: [painted], features: [stump.call])).to come_in_order("paint", "log")
      stone = feature("rock", round(10), material: "stones", treated: ["washed"])
      expect(planned(zones: [painted], features: [stone])).to come_in_order("rock", "paint")
    end

    it "treats found matter once for all places, on the bench, before the base is ready" do
      told = evaluation(plain_file(zones: [zone(course("earth_paste"), course("sifted_soil", id: "left"), outline: west_side),
        zone(course("earth_paste"), course("sifted_soil", id: "right"), id: "other", outline: east_side)],
        features: [feature("roots", spot, material: "dried_root")]))
      treating = told.steps.select { |one| one.phase == :treat }
      expect(treating.map { |one| one.where.size }).to contain_exactly(2, 1)
      expect(told.order.waits.select { |wait| wait.later.phase?(:treat) }).to be_empty
    end

    it "treats nothing that was treated" do
      roots = feature("roots", spot, material: "dried_root", treated: ["baked"])
      expect(steps(zones: [zone(course("sifted_soil", treated: ["sieved"]))], features: [roots]).map(&:phase)).not_to include(:treat)
    end

    it "ballasts a track once where its zone is ballast already" do
      track = feature("track", { "kind" => "strip", "points_mm" => [[-45, 0], [45, 0]], "width_mm" => 20 })
      expect(steps(features: [track]).map(&:id)).to include("track/ballast")
      expect(steps(zones: [zone(course("ballast"))], features: [track]).map(&:id)).not_to include("track/ballast")
    end

    it "sets like parts in one step, told by their number" do
      posts = Array.new(5) { |n| feature("sign", round(2, at: [-20 + (n * 10), 20]), id: "p#{n}", name: "fence post #{n}") }
      setting = steps(features: posts).select { |one| one.technique == "set_post" }
      expect(setting.map(&:title)).to eq(["Set 5 × fence post"])
      expect(setting.first.hands_on_min).to eq(2 + (4 * 5))
    end

    it "goes on with like parts in the next sitting where one is too short for all" do
      posts = Array.new(20) { |n| feature("sign", round(2, at: [-40 + (n * 4), 20]), id: "p#{n}", name: "fence post #{n}") }
      short = { start: "2027-03-01T09:00", weekly: [{ day: "mon", from: "19:00", to: "20:00" }] }
      setting = steps(features: posts, calendar: short).select { |one| one.technique == "set_post" }
      # 2 min to set up and 4 for each: 82 in sittings of 60.
      expect(setting.map(&:title)).to eq(["Set 20 × fence post, part 1 of 2", "Set 20 × fence post, part 2 of 2"])
      expect(setting.map(&:hands_on_min)).to eq([42, 42])
    end

    it "puts kerbs and what is buried before the grain round them, and buildings after it" do
      grain = [zone(course("gravel", id: "gravel"))]
      expect(planned(zones: grain, features: [feature("kerb", spot)])).to come_in_order("kerb", "gravel")
      expect(planned(zones: grain, features: [feature("log", spot, technique: "bury_part")])).to come_in_order("log", "gravel")
      expect(planned(zones: grain, features: [feature("building", spot)])).to come_in_order("gravel", "building/bed")
    end
  end

  describe "glue and what is laid into it" do
    it "is one step, dried as that glue" do
      ground = [zone(course("white_glue", id: "glue"), course("coarse_sand", id: "sand"))]
      expect(steps(zones: ground).map(&:id)).to include("sand")
      expect(steps(zones: ground).map(&:id)).not_to include("glue")
      laid = step("sand", zones: ground)
      expect(laid.stages.material).to eq("white_glue")
      expect(laid.where).to eq(["/zones/0/courses/0", "/zones/0/courses/1"])
      expect(laid.uses.map(&:material).tally).to eq({ "coarse_sand" => 1, "white_glue" => 1 })
    end

    it "stays a coat of its own where nothing is laid into it" do
      ground = [zone(course("earth_paste"), course("matte_medium", id: "coat"), course("acrylic_paint"))]
      expect(steps(zones: ground).map(&:id)).to include("coat")
    end

    it "takes the mist and the flood over loose grain into the same step" do
      ground = [zone(course("fine_sand", id: "sand"), course("alcohol_mist", id: "mist"), course("scenic_glue", id: "flood"))]
      laid = step("sand", zones: ground)
      expect(steps(zones: ground).map(&:id) & %w[mist flood]).to be_empty
      expect(laid.title).to eq("Scatter fine sand on ground, mist and flood")
      expect(laid.uses.map(&:material).tally).to eq({ "fine_sand" => 1, "alcohol_mist" => 1, "scenic_glue" => 1 })
    end

    it "fixes litter after paint without being ground" do
      ground = [zone(course("acrylic_primer"), course("acrylic_paint"), course("leaf_scatter", treated: ["baked"]),
        course("scenic_glue", id: "fix"))]
      expect(step("fix", zones: ground).title).to start_with("Mist ground and flood it")
      expect(evaluation(plain_file(zones: ground)).snags.map(&:code).grep(/order/)).to be_empty
    end

    it "works grass into mud that is wet" do
      ground = [zone(course("mud_paste", id: "mud", technique: "lay_wet_mud"), course("static_grass", id: "grass", length_mm: 4))]
      at = starts(zones: ground)
      expect(at.fetch("grass") - at.fetch("mud")).to be <= step("mud", zones: ground).then { |mud| mud.hands_on_min + mud.stages.open_min }
    end
  end

  describe "the maker's own pile" do
    it "stands, and what rules say is how long to wait there" do
      ground = [zone(course("acrylic_primer", id: "primer"), course("earth_paste", id: "paste"), course("acrylic_paint"))]
      expect(planned(zones: ground)).to come_in_order("primer", "paste")
      expect(evaluation(plain_file(zones: ground)).snags.map(&:code).grep(/order/)).to be_empty
    end

    it "does not take a zone's own seal for that of a water" do
      ground = zone(course("matte_medium", id: "coat", technique: "seal_bed"), outline: west_side)
      other = zone(course("earth_paste", id: "paste"), id: "other", outline: east_side)
      codes = evaluation(plain_file(zones: [ground, other])).order.waits.select { |wait| wait.later.id == "coat" }.map(&:code)
      expect(codes).not_to include("order/bed_dry")
    end

    it "lays road plaster before primer, whatever is said of coloured pastes" do
      road = zone(course("road_plaster", id: "road"), course("acrylic_primer", id: "primer"), ground: "road")
      waits = evaluation(plain_file(schools: { texture: "after_priming" }, zones: [road])).order.waits
      expect(waits.select { |wait| wait.later.id == "road" }.map(&:code)).not_to include("order/prime_before_texture")
    end
  end

  describe "forms, tracks and waves" do
    it "takes a form of plaster or grout for bulk, before anything is primed" do
      %w[road_plaster tile_grout].each do |material|
        slab = form("lift", "slab", west_side, material: material, sheet_mm: 3)
        primed = zone(course("acrylic_primer", id: "primer"))
        expect(planned(forms: [slab], zones: [primed])).to come_in_order("slab/lay", "primer"), material
        expect(step("slab/lay", forms: [slab]).phase).to eq(:bulk), material
      end
    end

    it "presses ruts into the topmost bed while it is soft" do
      clay = form("lift", "bed", rectangle(100, 60), material: "air_dry_clay", sheet_mm: 3)
      paste = zone(course("earth_paste", id: "paste"))
      ruts = feature("ruts", { "kind" => "strip", "points_mm" => [[-45, 0], [45, 0]], "width_mm" => 12 })
      at = starts(forms: [clay], zones: [paste], features: [ruts])
      expect(at.fetch("ruts") - at.fetch("paste")).to be_between(0, 60)
    end

    it "makes a surface move by steps of its own, and leaves still water alone" do
      hollow = [lift(6, rectangle(100, 60), id: "board"), cut(4, round(16), id: "hole")]
      phases = ->(surface) { steps(forms: hollow, waters: [water(4, round(16), surface: surface)]).map(&:phase) & %i[surface foam] }
      expect(%w[still ripples waves].map(&phases)).to eq([[], [:surface], %i[surface foam]])
    end

    it "raises no waves twice where the maker has put them down" do
      hollow = [lift(6, rectangle(100, 60), id: "board"), cut(4, round(16), id: "hole")]
      own = { "id" => "own", "title" => "Waves", "technique" => "raise_waves", "on" => "pool", "amount" => 1 }
      found = steps(forms: hollow, waters: [water(4, round(16), surface: "ripples")], tasks: [own])
      expect(found.select { |one| one.phase == :surface }.map(&:id)).to eq(["own"])
    end

    # Of 60 × 20 the hull and a millimetre of gap at its ends take 32 × 20.
    it "sets a hull before anything is poured, and pours nothing under it" do
      hollow = [lift(6, rectangle(100, 60), id: "board"), cut(4, rectangle(60, 20), id: "hole")]
      hull = { "id" => "boat", "kind" => "hull", "footprint" => rectangle(30, 20), "at_mm" => [0, 0], "state" => "painted" }
      pool = [water(4, rectangle(60, 20), sealed: true)]
      expect(planned(forms: hollow, waters: pool, subjects: [hull])).to come_in_order("boat/hull", "pool/pour")
      poured = ->(*subjects) { step("pool/pour", forms: hollow, waters: pool, subjects: subjects).uses.first.amount }
      expect(poured[hull]).to be_within(0.02 * poured[]).of(poured[] * 28 / 60)
    end

    it "lays a water of gel when the ground beneath it is dry" do
      hollow = [lift(6, rectangle(100, 60), id: "board"), cut(4, round(16), id: "hole")]
      ids = planned(forms: hollow, zones: [zone(course("mud_paste", id: "mud"), course("acrylic_paint", id: "paint"))],
        waters: [water(4, round(16), medium: "water_gel", sealed: true)])
      expect(ids).to come_in_order("mud", "paint", *ids.grep(/pour/).first)
    end
  end

  describe "subjects" do
    it "are mounted before painting on ground that is dry" do
      ground = [zone(course("earth_paste", id: "paste"))]
      at = starts(schools: { mounting: "before_painting" }, zones: ground, subjects: [figure(round(10), paint_min: 30)])
      expect(at.fetch("figure/mount") - at.fetch("paste")).to be >= step("paste", zones: ground).tail_min
    end

    it "have the paste brought up to them where the maker does so" do
      ids = planned(schools: { mounting: "painted_then_grounded" }, zones: [zone(course("earth_paste", id: "paste"))],
        subjects: [figure(round(10), paint_min: 30)])
      expect(ids).to come_in_order("figure/mount", "paste")
    end

    it "share one dry fit, which a wish about one of them does not move" do
      pair = [figure(round(8, at: [-20, 0]), id: "one"), figure(round(8, at: [20, 0]), id: "two")]
      wish = { "first" => "ground", "then" => "one" }
      waits = evaluation(plain_file(zones: [zone(course("earth_paste"))], subjects: pair, order: [wish])).order.waits
      expect(waits.select { |wait| wait.strength == :wish }.map { |wait| wait.later.id }).to eq(["one/mount"])
    end
  end
end
