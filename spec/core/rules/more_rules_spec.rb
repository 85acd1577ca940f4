# frozen_string_literal: true

# Rules between works made by hand: which they bind, and for how long. One line for each rule.
RSpec.describe "Rules between two works" do
  include Works

  # Everything touches, and the stages tell the waits apart.
  let(:places) { GreenPlinth::Steps::Places.new({}, GreenPlinth::Plan::Survey.new) }
  stages = { handle: 1, next: 2, dry: 3 }.freeze

  def between(rule, first, later, schools: {})
    made = design(plain_file(schools: schools))
    GreenPlinth::Rules.const_get(rule).new([first, later], places, made).waits.map { |one| [one.first.id, one.later.id, one.at_least_min] }
  end

  def two(first, later, stages)
    [work("first", phase: first, stages: stages), work("later", phase: later, stages: stages)]
  end

  # rule => phases of the first and the later work, minutes waited, schools that call for it
  {
    "BulkBeforeTexture" => [:bulk, :texture, 2],
    "DamageBeforePaint" => [:impress, :paint, 2],
    "GelBeforeWhite" => [:surface, :foam, 2],
    "GlueCuredBeforePrime" => [:hard, :prime, 2],
    "GrainGlueDry" => [:grain, :paint, 2],
    "GreeneryBeforePrime" => [:grass, :prime, 2, { greenery: "before_priming" }],
    "GreeneryBeforeWater" => [:tufts, :pour, nil],
    "GroundDryBeforeGrass" => [:texture, :grass, 3],
    "MountOnBulk" => [:bulk, :mount, 2],
    "PrimeBeforeTexture" => [:prime, :texture, 2, { texture: "after_priming" }],
    "TextureBeforePrime" => [:texture, :prime, 2],
    "WallBeforeGrass" => [:hard, :grass, 1],
    "WetMudLast" => [:grass, :wet_mud, 1],
    "ColourBeforeGreenery" => [:paint, :grass, nil],
    "PaintDryBeforeWash" => [:paint, :wash, nil],
    "DryBeforeBrush" => [:wash, :dry_brush, nil],
    "BedDry" => [:texture, :pour, 3],
  }.each do |rule, (first, later, wait, schools)|
    describe rule do
      it "puts #{first} before #{later}#{" and waits" if wait}" do
        found = between(rule, *two(first, later, stages), schools: schools || {})
        expect(found.map { |one| one.first(2) }).to eq([%w[first later]])
        expect(found.first.last).to eq(wait) if wait
      end

      it "does not turn them round" do
        found = between(rule, *two(later, first, stages), schools: schools || {})
        expect(found.map { |one| one.first(2) }).not_to include(%w[first later])
      end
    end
  end

  it "asks for a school where good makers disagree, and keeps quiet under the other" do
    expect(between("GreeneryBeforePrime", *two(:grass, :prime, stages))).to be_empty
    expect(between("PrimeBeforeTexture", *two(:prime, :texture, stages))).to be_empty
    expect(between("TextureBeforePrime", *two(:texture, :prime, stages),
      schools: { texture: "after_priming" })).to be_empty
    expect(between("ColourBeforeGreenery", *two(:paint, :grass, stages),
      schools: { greenery: "before_priming" })).to be_empty
  end

  it "mounts before painting by that school: the figure, then its paint" do
    mount = work("a", phase: :mount, stages: stages)
    paint = work("b", phase: :paint_subject, stages: stages).tap { |one| one.where = mount.where }
    expect(between("MountBeforePaint", mount, paint, schools: { mounting: "before_painting" })).to eq([["a", "b", 2]])
    expect(between("MountBeforePaint", mount, paint)).to be_empty
  end

  # Works of one place, or each of its own.
  def together(*works) = works.each { |one| one.where = ["/one"] }

  it "tries a subject on the base before it is mounted, each for itself" do
    works = [work("try", phase: :dry_fit), work("mount", phase: :mount)]
    expect(between("DryFitBeforeMount", *works)).to be_empty
    expect(between("DryFitBeforeMount", *together(*works)).map { |one| one.first(2) }).to eq([%w[try mount]])
  end

  it "dams the edge before its own water is poured, and no other" do
    works = [work("dam", phase: :dam), work("pour", phase: :pour)]
    expect(between("LipBeforeFill", *works)).to be_empty
    expect(between("LipBeforeFill", *together(*works)).map { |one| one.first(2) }).to eq([%w[dam pour]])
  end

  it "lays nothing matt over what is poured to shine; gloss may follow" do
    matt, gloss = %w[matt_varnish gloss_varnish].map { |key| work("coat", phase: :varnish, material: key, stages: stages) }
    water = work("pour", phase: :pour, stages: stages)
    expect(between("NoMattOverGlossWater", matt, water)).to eq([["coat", "pour", 2]])
    expect(between("NoMattOverGlossWater", gloss, water)).to be_empty
  end

  it "varnishes after whatever floods with alcohol, and waits until that is off" do
    flood = work("flood", phase: :grain, traits: %w[alcohol], stages: stages)
    water = work("mist", phase: :grain, stages: stages)
    varnish = work("coat", phase: :varnish, stages: stages)
    expect(between("NoSolventVarnishBeforeFlood", flood, varnish)).to eq([["flood", "coat", 2]])
    expect(between("NoSolventVarnishBeforeFlood", water, varnish)).to be_empty
  end

  it "plants into ground that is laid and coloured; what is only set there does not wait" do
    tree = work("tree", phase: :hard, traits: %w[plants], stages: stages)
    post = work("post", phase: :hard, stages: stages)
    %i[texture paint].each do |phase|
      expect(between("TreeAfterGround", work("first", phase: phase, stages: stages), tree)).to eq([["first", "tree", 2]])
      expect(between("TreeAfterGround", work("first", phase: phase, stages: stages), post)).to be_empty
    end
  end

  it "clads edges that have dried through; what never was wet holds nothing up" do
    clad = work("clad", phase: :clad, stages: stages)
    wet = work("bank", phase: :bulk, dries: "earth_paste", stages: stages)
    expect(between("TrimWhenDry", wet, clad)).to eq([["bank", "clad", 3]])
    expect(between("TrimWhenDry", work("bank", phase: :bulk, stages: stages), clad)).to be_empty
  end

  it "waits for a bed's seal to be dry, of the same water only" do
    seal = work("seal", phase: :seal_bed, stages: stages).tap { |one| one.where = ["/waters/0"] }
    pours = [0, 1].map do |i|
      work("pour-#{i}", phase: :pour, stages: stages).tap do |one|
        one.where = ["/waters/#{i}"]
      end
    end
    rule = GreenPlinth::Rules::BedSealed.new([seal, *pours], places, design(plain_file))
    expect(rule.waits.map { |one| [one.later.id, one.at_least_min] }).to eq([["pour-0", 3]])
  end

  it "binds nothing that does not touch" do
    one, other = two(:hard, :grass, stages).each_with_index.map { |work, at| work.tap { work.places = ["/zones/#{at}"] } }
    expect(between("WallBeforeGrass", one, other)).to be_empty
    other.places = one.places
    expect(between("WallBeforeGrass", one, other).size).to eq(1)
  end

  it "follows the pile where it only says how long to wait" do
    grain = work("grain", phase: :grain, stages: stages, stack: ["/zones/0", 1])
    paint = work("paint", phase: :paint, stages: stages, stack: ["/zones/0", 0])
    expect(between("GrainGlueDry", grain, paint)).to be_empty
    paint.stack = ["/zones/0", 2]
    expect(between("GrainGlueDry", grain, paint)).to eq([["grain", "paint", 2]])
  end

  it "gives every constraint the rule's own words" do
    made = GreenPlinth::Rules::WallBeforeGrass.new(two(:hard, :grass, stages), places, design(plain_file)).waits.first
    expect(made.to_h.slice(:code, :strength, :why))
      .to eq({ code: "order/wall_before_grass", strength: :must, why: GreenPlinth::Rules::WallBeforeGrass.why })
  end
end

RSpec.describe "Rules and another catalogue" do
  def sealed_before(catalogue)
    foam = { "id" => "foam", "kind" => "lift", "sheet_mm" => 20, "material" => "xps_foam", "outline" => rectangle(100, 60),
             "seal" => ["matte_medium"] }
    file = plain_file(forms: [foam], zones: [zone(course("aerosol_primer", id: "spray", rig: "spray_can"))])
    GreenPlinth.evaluate(design(file, catalogue)).order.waits.count { |wait| wait.code == "order/foam_sealed" }
  end

  it "ask the catalogue handed in, not the one that ships" do
    mild = catalogue.with({ "aerosol_primer" => catalogue["aerosol_primer"].to_h.merge("traits" => []) }, {})
    expect([sealed_before(catalogue), sealed_before(mild)]).to eq([1, 0])
  end
end
