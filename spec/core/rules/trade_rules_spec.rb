# frozen_string_literal: true

# Rules that speak of one way of working, between works of the catalogue's own techniques.
RSpec.describe "Rules between two ways of working" do
  let(:places) { GreenPlinth::Steps::Places.new({}, GreenPlinth::Plan::Survey.new) }
  stages = { open_min: 12.0, handle_min: 1, next_min: 2, dry_min: 3, full_min: 4, factors: [] }.freeze

  # A work of a technique, on the one part both share.
  def by(technique, id, stages, kind: nil, material: nil, stack: nil, at: nil, feature: true)
    data = { "id" => "part", "kind" => kind, "at_mm" => at }.compact
    part = (at ? GreenPlinth::Design::Subject : feature ? GreenPlinth::Design::Feature : GreenPlinth::Design::Part)
      .new({ "kind" => "prop" }.merge(data), "/features/0")
    GreenPlinth::Steps::Work.new(id: id, technique: catalogue.technique(technique), material_key: material, material: catalogue[material],
      dries: catalogue[material], words: { place: id }, amount: 1.0, places: [part.pointer], where: [part.pointer], coat: 1, coats: 1,
      uses: [], rig: "hands", stack: stack, grain_mm: 0.3, stages: GreenPlinth::Drying::Stages.new(**stages), splittable: false, part: part)
  end

  def between(rule, *works)
    GreenPlinth::Rules.const_get(rule).new(works, places, design(plain_file))
      .waits.map { |one| [one.first.id, one.later.id, one.at_least_min, one.at_most_min] }
  end

  # rule => first and later technique, minutes waited
  {
    "AdhesiveBeforeLoad" => ["stack_foam", "carve_rock", 2],
    "ArmaturePainted" => ["base_coat", "build_tree", 2],
    "BallastAfterGround" => ["spread_paste", "ballast_track", 3],
    "BaseCoatWhileReachable" => ["base_coat", "fit_frames", 2],
    "BushesDayBefore" => ["puff_bush", "plant_tree", 3],
    "CastingsBeforeCompound" => ["set_castings", "fill_compound", 0],
    "CladdingBeforePaint" => ["clad_sides", "base_coat", 2],
    "CleanBeforePrime" => ["clean_parts", "prime", 0],
    "DamageBeforePaint" => ["damage_road", "base_coat", 2],
    "FlowersLast" => ["static_grass", "set_flowers", 1],
    "GlueFacesBare" => ["dry_fit", "base_coat", 0],
    "GrassSprayed" => ["static_grass", "spray_grass", 1],
    "GroundAfterGroup" => ["glue_mount", "hide_disc", 1],
    "HullBeforeGap" => ["set_hull", "fill_gap", 1],
    "HullFinishedBeforeSet" => ["paint_subject", "set_hull", 2],
    "KerbBeforeSlab" => ["lay_kerb", "lay_slabs", 1],
    "MadeBeforeSet" => ["make_tufts", "set_tufts", 3],
    "MadeBeforeWorked" => ["lay_track", "clean_rails", 1],
    "MaskBeforeScatter" => ["mask_ground", "drop_in_binder", 0],
    "MossAfterGloss" => ["raise_waves", "grow_moss", 2],
    "OpeningsAfterPaint" => ["base_coat", "cut_openings", 2],
    "PaperFirst" => ["paper_plan", "spread_paste", 0],
    "RailTopsCleaned" => ["ballast_track", "clean_rails", 2],
    "RiggingLast" => ["static_grass", "rig_lines", 1],
    "TrackBeforeRoad" => ["lay_track", "lay_road", 2],
    "TurfBeforeOverspray" => ["lay_flock", "overspray_glue", 0],
    "WallWeatheredBeforeBedding" => ["zone_wash", "bed_feature", 1],
    "WashBeforeFrames" => ["zone_wash", "fit_frames", 2],
    "WholeBeforeCut" => ["lay_plates", "cut_plates", 0]
  }.each do |rule, (first, later, wait)|
    it "#{rule} puts #{first} before #{later}, never the other way" do
      found = between(rule, by(first, "first", stages), by(later, "later", stages))
      expect(found.map { |one| one.first(3) }).to eq([["first", "later", wait]])
      expect(between(rule, by(later, "first", stages), by(first, "later", stages)).map { |one| one.first(2) })
        .not_to include(%w[first later])
    end
  end

  it "presses into a bed only while it is soft" do
    found = between("PressWhileSoft", by("lay_clay", "bed", stages, material: "air_dry_clay"), by("press_tracks", "ruts", stages))
    expect(found).to eq([["bed", "ruts", 0, 40]])
    expect(between("PressWhileSoft", by("stack_cork", "bed", stages, material: "cork_sheet"),
      by("press_tracks", "ruts", stages))).to be_empty
  end

  it "takes a mask off while the last glue over it is wet" do
    first = by("drop_in_binder", "coarse", stages, stack: ["/zones/0", 1])
    last = by("drop_in_binder", "fine", stages, stack: ["/zones/0", 2])
    expect(between("UnmaskWet", first, last, by("unmask", "off", stages))).to eq([["fine", "off", 0, 12]])
  end

  it "sets rocks before soil, but no fences" do
    expect(between("RockBeforeSoil", by("bed_feature", "rock", stages, kind: "rock"), by("drop_in_binder", "soil", stages)).size).to eq(1)
    expect(between("RockBeforeSoil", by("bed_feature", "post", stages, kind: "fence"), by("drop_in_binder", "soil", stages))).to be_empty
  end

  it "primes pale filler under grain that stays as it is, not under grain that is painted" do
    pale = by("fill_compound", "fill", stages, material: "fibre_plaster")
    prime = by("prime", "prime", stages)
    soil = by("drop_in_binder", "soil", stages, stack: ["/zones/0", 1])
    paint = by("base_coat", "paint", stages, stack: ["/zones/0", 2])
    expect(between("PrimePaleGround", pale, prime, soil).map { |one| one.first(2) }).to eq([%w[prime soil]])
    expect(between("PrimePaleGround", pale, prime, soil, paint)).to be_empty
    expect(between("PrimePaleGround", prime, soil)).to be_empty
  end

  it "fills the gap before the last coat of water, after the others" do
    pours = [0, 1].map { |index| by("pour_acrylic", "pour-#{index}", stages, stack: ["/waters/0", index]) }
    expect(between("GapBeforeLastCoat", by("fill_gap", "gap", stages), *pours).map { |one| one.first(2) }).to eq([%w[gap pour-1]])
  end

  it "brushes the last clear coat after the white, the gel before it" do
    gel, white, clear = %w[raise_waves crest_foam brush_glaze].each_with_index.map do |key, index|
      by(key, key, stages, stack: ["/zones/0", index])
    end
    expect(between("FoamBeforeLastClear", gel, white, clear).map { |one| one.first(2) }).to eq([%w[crest_foam brush_glaze]])
    expect(between("GelBeforeWhite", gel, white, clear).map { |one| one.first(2) }).to eq([%w[raise_waves crest_foam]])
  end

  it "mounts a unit from one side across" do
    row = [20, -10, 5].map { |x| by("mount_unit", "at #{x}", stages, at: [x, 0]) }
    expect(between("RowOneWay", *row).map { |one| one.first(2) })
      .to contain_exactly(["at -10", "at 5"], ["at -10", "at 20"], ["at 5", "at 20"])
  end

  it "lays short grass before long, but long first where the pile says so" do
    short, long = [2, 6].map do |length|
      by("static_grass", "#{length} mm", stages, stack: ["/zones/0", length]).tap { |work| work.length_mm = length }
    end
    expect(between("GrassLengths", long, short)).to eq([["2 mm", "6 mm", 1, nil]])
    long.stack = ["/zones/0", 0]
    expect(between("GrassLengths", long, short)).to be_empty
  end

  it "has a reason, a strength and a code for every rule, no code twice" do
    all = GreenPlinth::Rules::Rule.all
    expect(all.map(&:code).uniq.size).to eq(all.size)
    expect(all.map(&:strength)).to all(be_in(GreenPlinth::Rules::Rule::STRENGTHS))
    expect(all.map(&:why)).to all(match(/\A[^.]{8,}\z/))
  end

  matcher(:be_in) { |list| match { |one| list.include?(one) } }
end
