# frozen_string_literal: true

# A sea as a whole: what is laid on it, in which order, how much, and how it is drawn. Areas by hand.
RSpec.describe "A sea that is built up" do
  let(:courses) do
    [{ "id" => "deep", "material" => "acrylic_paint", "colour" => "#16303b", "coats" => 2, "after_pour" => 0 },
      { "id" => "between", "material" => "acrylic_ink", "colour" => "#204a55", "after_pour" => 1 },
      { "id" => "swell", "material" => "water_gel" }, { "id" => "white", "material" => "foam_paste", "on" => "crests" },
      { "id" => "clear", "material" => "gloss_glaze", "on" => "flats" }]
  end
  let(:water) do
    { "id" => "sea", "medium" => "acrylic_water", "level_mm" => 24, "max_layer_mm" => 2, "sea_state" => 3, "courses" => courses,
      "outline" => rectangle(100, 60) }
  end
  let(:hull) do
    { "id" => "smack", "kind" => "hull", "footprint" => rectangle(40, 12), "draught_mm" => 3, "height_mm" => 30, "speed_knots" => 6 }
  end
  let(:file) do
    plain_file(scale: 200, plinth: { outline: rectangle(100, 60), thickness_mm: 10, material: "mdf", lip_mm: 30 },
      forms: [lift(20, rectangle(100, 60), id: "block")], zones: [zone(course("acrylic_primer", id: "primer"))], subjects: [hull],
      waters: [water])
  end
  let(:made) { evaluation(file) }
  let(:starts) { made.schedule.starts }

  def order(*ids) = ids.sort_by { |id| starts.fetch(id) }

  it "has the lines of its wake on the paper plan, to be marked" do
    plan = made.templates.first
    expect(plan.scores.size).to be > 20
    expect(plan.note).to include("wakes")
  end

  it "is done as a maker would: ground, colours, hull, gap, pours with what lies between, gel, white, the last clear" do
    ids = %w[primer deep/coat-1 deep/coat-2 smack/hull smack/gap sea/pour-1 between sea/pour-2 swell white clear]
    expect(order(*ids)).to eq(ids)
  end

  it "raises nothing by itself where the maker has laid what raises it" do
    waves = evaluation(file.merge("waters" => [water.merge("surface" => "waves")])).steps.map(&:id)
    expect(waves.grep(%r{\Asea/(surface|foam)\z})).to be_empty
    bare = evaluation(file.merge("waters" => [water.merge("surface" => "waves", "courses" => [])])).steps.map(&:id)
    expect(bare).to include("sea/surface", "sea/foam")
  end

  # 100 × 60 without the hull's 40 × 12: 5,520 mm². State 3 is 0.5 to 1.25 m: 0.875 m are 4.375 mm at 1:200, its half is 2.1875 mm thick
  # in the mean; gel shrinks by 30 % and a tenth is wasted.
  it "takes as much gel as its waves need, and white for the crests only" do
    uses = made.steps.to_h { |step| [step.id, step.uses.to_h { |use| [use.material, use.amount] }] }
    expect(uses["swell"]["water_gel"]).to be_within(0.1).of(5520 * 2.1875 / 1000 / 0.7 * 1.1)
    pool = made.pools.first
    crests, flats = %w[crests flats].map do |spot|
      made.spots.area_mm2(GreenPlinth::Design::WaterCourse.new({ "on" => spot }, "/x", made.design.waters.first), pool)
    end
    expect(crests + flats).to be_within(1).of(5520)
    expect(crests / 5520).to be_within(0.05).of(GreenPlinth::Seas::Crests::SHARE)
  end

  # 42 × 14 round corners are taken by the hull and its gap: 40·12 + 2·(40 + 12) + π.
  it "pours nothing where the hull lies, nor in the gap that is filled by itself" do
    expect(made.pools.first.volume_mm3).to be_within(40).of((6000 - 480 - 104 - Math::PI) * 4)
    without = evaluation(file.merge("subjects" => [])).pools.first
    expect(without.volume_mm3).to be_within(1).of(24_000)
  end

  it "has bands along the shore and the hull as wide as they are said to be" do
    area = lambda do |**data|
      course = GreenPlinth::Design::WaterCourse.new(data.transform_keys(&:to_s), "/x", made.design.waters.first)
      made.spots.area_mm2(course, made.pools.first)
    end
    # 44 × 16 with round corners, without the hull.
    expect(area[on: "hulls", width_mm: 2]).to be_within(1).of((2 * 2 * (40 + 12)) + (Math::PI * 4))
    expect(area[on: "gap"]).to be_within(1).of((2 * (40 + 12)) + Math::PI)
    # It stands against the plinth all round: it has no shore.
    expect(area[on: "shore"]).to be_within(1).of(0)
    strip = { "kind" => "strip", "points_mm" => [[-45, 20], [45, 20]], "width_mm" => 4 }
    expect(area[on: "strip", outline: strip]).to be_within(1).of(90 * 4)
  end

  # The sea of 5,520 mm² without its hull; a hole of 20 × 10 beside it is left open in the ice, and none is where none is drawn.
  it "leaves a hole where one is drawn: in the area, in a section, and in what is bought for it" do
    ice = { "id" => "ice", "material" => "water_gel", "on" => "besides", "thickness_mm" => 1 }
    frozen = lambda do |**more|
      evaluation(file.merge("waters" => [file["waters"].first.merge("courses" => [ice.merge(more.transform_keys(&:to_s))])]))
    end
    whole = frozen.call
    holed = frozen.call(outline: rectangle(20, 10, at: [0, -20]))
    area = ->(one) { one.spots.area_mm2(one.design.waters.first.courses.first, one.pools.first) }
    expect(area[whole] - area[holed]).to be_within(0.01).of(200)
    runs = holed.section([-50, -20], [50, -20])["waters"].first["courses"].first["runs"].flatten(1).map(&:first)
    expect(runs.select { |s| s.between?(40.6, 59.4) }).to be_empty
    expect(runs.select { |s| s.between?(30, 39.9) }).not_to be_empty
    much = ->(one) { one.steps.find { |step| step.id == "ice" }.uses.first.amount }
    expect(much[holed] / much[whole]).to be_within(0.001).of(area[holed] / area[whole])
  end

  # A pond of 40 × 20 in flat ground: its beach of 3 mm goes all round it, with round corners.
  it "runs up the beach, on the ground beside it, and shows there in a section" do
    pond = { "id" => "pond", "medium" => "acrylic_water", "level_mm" => 19, "outline" => rectangle(40, 20),
             "courses" => [{ "id" => "film", "material" => "gloss_glaze", "on" => "beach", "width_mm" => 3 }] }
    shore = evaluation(file.merge("subjects" => [], "waters" => [pond],
      "forms" => [lift(20, rectangle(100, 60), id: "block"), cut(4, rectangle(40, 20), id: "hole")]))
    course = shore.design.waters.first.courses.first
    expect(shore.spots.area_mm2(course, shore.pools.first)).to be_within(6).of((2 * 3 * (40 + 20)) + (Math::PI * 9))
    expect(shore.steps.map(&:id)).to include("film")
    film = shore.section([-50, 0], [50, 0])["waters"].first["courses"].first["runs"]
    # Three millimetres on either side of what is wet from 30 to 70, on the ground at 20.
    expect(film.flatten(1)).to all(satisfy { |s, low, _| (s.between?(26.7, 30.3) || s.between?(69.7, 73.3)) && (low - 20).abs < 0.01 })
    expect(film.size).to eq(2)
    expect(shore.drawing["waters"].first["courses"].first["rings"]).not_to be_empty
  end

  it "is drawn: what is white on the plan, what lies on the surface in a section, the hull below its waterline, the waves" do
    drawn = made.drawing["waters"].first["courses"].to_h { |course| [course["name"], course] }
    expect(drawn["foam paste"]["colour"]).to eq("#f4f6f7")
    expect(drawn["gloss glaze"]["colour"]).to be_nil
    expect(drawn["acrylic paint"]["under"]).to be(true)
    section = made.section([-50, 25], [50, 25])
    tops = section["waters"].first["runs"].flatten(1).map(&:last)
    crests = made.spots.sea(made.design.waters.first).crests
    expect(tops.minmax).to match((-500..500).map { |x| 24 + crests.height_at(x / 10.0, 25) }.minmax.map { |z| be_within(0.05).of(z) })
    through = made.section([-50, 0], [50, 0])
    expect(through["standing"].first).to include("low" => 21.0)
    expect(through["waters"].first["runs"].flatten(1).map(&:first)).to all(satisfy { |s| !s.between?(31, 69) })
    surface = made.turntable["waters"].first["surface"]
    expect(surface["vertices"].each_slice(3).map(&:last).minmax).to match([be < 23, be > 25])
    expect(surface["owners"].uniq.size).to eq(2)
  end

  it "says how high its waves are in life, and where the wake leaves the base" do
    said = made.judgements.to_h { |verdict| [verdict.key, verdict.to_h] }
    expect(said["sea_state"]["sentence"]).to include("4.4 mm high and 87.5 mm long stand for 0.88 m, sea state 3 (slight)")
    expect(said["wake_room"]["sentence"]).to match(/arms 35\.4 mm out on 100 mm aft, with transverse crests 30\.5 mm apart/)
    # From the bow at 20 aside 30 to the edge: 30 ÷ tan 19.47° is 84.9 aft, beyond the rear edge at 70: there it leaves.
    expect(said["wake_room"]["sentence"]).to include("port 70 mm aft of the bow and to starboard 70 mm aft of the bow")
    wished = evaluation(file.merge("limits" => { "sea_room" => { "ahead" => 0.7, "astern" => 1 } })).judgements
    sentence = wished.find { |verdict| verdict.key == "wake_room" }.to_h
    # 30 mm ahead and astern are 0.75 lengths.
    expect(sentence["sentence"]).to end_with("Smack has 0.8 of its lengths astern, you wished for 1.")
    expect(sentence["verdict"]).to eq("look")
  end

  it "writes the wake on the plan at its own size" do
    svg = GreenPlinth::Exports::PlanSvg.new(made).write
    arms = svg.scan(/<polyline points="([^"]+)"[^>]*stroke-width="0.4"/).flatten
    expect(arms.size).to eq(4)
  end

  it "gives its courses names when they are worked on, and takes them out with their own pointers" do
    unnamed = design(file.merge("waters" => [water.merge("courses" => courses.map { |one| one.except("id") })]))
    patch = GreenPlinth::Steps::Names.new(unnamed).patch(["sea/3-water_gel"])
    expect(patch).to eq([{ "op" => "add", "path" => "/waters/0/courses/2/id", "value" => "course-1" }])
  end
end
