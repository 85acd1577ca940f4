# frozen_string_literal: true

RSpec.describe "Further bodies" do
  def body(id: "isle", **more)
    { "id" => id, "plinth" => { "outline" => round(30), "thickness_mm" => 5, "material" => "mdf" } }.merge(JSON.parse(JSON.generate(more)))
  end

  def build(*bodies, **more) = plain_file(zones: [zone(course("earth_paste"))], bodies: bodies, **more)
  def placed(file) = evaluation(file).placed_bodies.first
  def snags(file, code) = evaluation(file).snags.select { |snag| snag.code == code }

  let(:grown) { [zone(course("sand_paste", thickness_mm: 2), id: "beach")] }

  it "are evaluated as builds of their own, with the build's scale and air" do
    own = evaluation(build(body(zones: grown), scale: 48)).bodies.first.last
    expect(own.design.scale).to eq(48)
    # By hand: a disc of 30 mm is 706.9 mm², with 2 mm of paste on it.
    expect(own.ground.top.area).to be_within(2).of(706.9)
    expect(own.terrain.highest_mm).to be_within(0.01).of(2)
  end

  it "share one order and one calendar, each work told by its body" do
    found = evaluation(build(body(name: "the isle", zones: grown))).steps
    expect(found.map(&:id)).to include("ground/1-earth_paste", "isle/beach/1-sand_paste")
    expect(found.find { |step| step.id == "isle/beach/1-sand_paste" }.title).to end_with("(the isle)")
    expect(found.find { |step| step.id == "isle/beach/1-sand_paste" }.where).to eq(["/bodies/0/zones/0/courses/0"])
  end

  it "have templates of their own, numbered on after the build's" do
    sheet = { "forms" => [lift(3, round(20), id: "knoll")] }
    pieces = evaluation(build(body(name: "isle", **sheet.transform_keys(&:to_sym)), forms: [lift(3, round(30), id: "board")])).templates
    expect(pieces.map { |piece| [piece.order, piece.pointer, piece.name] }).to eq([[0, "/plinth", "plan of Specimen"],
      [1, "/forms/0", "board"], [2, "/plinth", "edge skin"], [3, "/bodies/0/plinth", "isle: plan of Specimen"],
      [4, "/bodies/0/forms/0", "isle: knoll"], [5, "/bodies/0/plinth", "isle: edge skin"]])
  end

  it "are bought for with the rest" do
    lines = evaluation(build(body(zones: grown))).quantities
    expect(lines.map(&:material)).to include("sand_paste", "earth_paste")
    expect(lines.find { |line| line.material == "mdf" }.amount).to eq(2)
  end

  it "are set in their place when both are done" do
    made = evaluation(build(body(zones: grown, place: { "how" => "on" })))
    times = made.schedule
    set = times.start("isle/place")
    painted = made.steps.reject { |step| step.id == "isle/place" || step.id.start_with?("plinth/rim") }
    expect(painted.map { |step| times.finish(step.id) }).to all(be <= set)
    expect(made.steps.find { |step| step.id == "isle/place" }.after.map(&:code)).to include("order/body_done_first")
  end

  it "stand beside by themselves, with no joining" do
    expect(evaluation(build(body(place: { "at_mm" => [90, 0] }))).steps.map(&:id)).not_to include("isle/place")
  end

  describe "in height" do
    # Both on one table: the base's top face lies 20 mm over it, the body's 5 mm.
    it "stand on one table" do
      expect(placed(build(body(place: { "at_mm" => [90, 0] }))).lift_mm).to eq(-15)
    end

    # Ground of 1 mm of paste, a gap of 12 mm, a plinth of 5 mm.
    it "float by their gap over the ground beneath" do
      file = build(body(place: { "how" => "above", "gap_mm" => 12 }))
      ground = evaluation(file).terrain.highest_mm
      expect(placed(file).lift_mm).to be_within(0.01).of(ground + 12 + 5)
    end

    it "are cut by a section where they are" do
      cut = evaluation(build(body(zones: grown, place: { "at_mm" => [90, 0] }))).sections([[-50, 0, 110, 0]]).first
      beach = cut["strata"].find { |one| one["pointer"] == "/bodies/0/zones/0/courses/0" }["runs"].flatten(1)
      # From 75 to 105 mm across, the section beginning at -50; 2 mm thick on -15.
      expect(beach.map(&:first).minmax).to match([be_within(1.5).of(125), be_within(1.5).of(155)])
      expect(beach.map { |_, low, high| [low, high] }.uniq).to eq([[-15.0, -13.0]])
    end

    it "are turned with their place" do
      # A quarter turn brings the body's own right side to the back.
      file = build(body(place: { "at_mm" => [90, 10], "turn_deg" => 90 }))
      expect(placed(file).in_build([5, 0, 0])).to match([be_within(1e-6).of(90), be_within(1e-6).of(15), -15])
      expect(placed(file).body.own_point([90, 15])).to match([be_within(1e-6).of(5), be_within(1e-6).of(0)])
    end
  end

  # Mass in the middle of each: the whole hangs between them by their weights.
  it "weigh on the base that carries them" do
    file = build(body(place: { "how" => "on", "at_mm" => [20, 0] })).merge("zones" => [])
    whole = evaluation(file).together
    board, isle = evaluation(file).mass.total_g, evaluation(file).bodies.first.last.mass.total_g
    expect(whole.total_g).to be_within(1e-9).of(board + isle)
    expect(whole.centre[0]).to be_within(0.01).of(20 * isle / (board + isle))
  end

  describe "their snags" do
    # Half of it lies under the base: the body's left side at 45 mm, the base's right one at 50.
    it "are told where two stand in one place, and not where they touch" do
      expect(snags(build(body(place: { "at_mm" => [60, 0] })), "fit/bodies_meet").size).to eq(1)
      expect(snags(build(body(place: { "at_mm" => [65, 0] })), "fit/bodies_meet")).to be_empty
    end

    it "are mended by putting it beside" do
      file = build(body(place: { "at_mm" => [60, 0] }))
      mended = GreenPlinth::Patch.apply(file, snags(file, "fit/bodies_meet").first.fixes.first.patch)
      expect(snags(mended, "fit/bodies_meet")).to be_empty
    end

    it "are told where something reaches into what floats over it" do
      over = ->(gap) { build(body(place: { "how" => "above", "gap_mm" => gap }), subjects: [figure(round(8), height_mm: 30)]) }
      expect(snags(over[29], "fit/body_reached").size).to eq(1)
      expect(snags(over[30], "fit/body_reached")).to be_empty
      mended = GreenPlinth::Patch.apply(over[10], snags(over[10], "fit/body_reached").first.fixes.first.patch)
      expect(snags(mended, "fit/body_reached")).to be_empty
    end

    it "are told where its middle lies over nothing" do
      on = ->(x) { build(body(place: { "how" => "on", "at_mm" => [x, 0] })) }
      expect(snags(on[51], "balance/body_unheld").size).to eq(1)
      expect(snags(on[49], "balance/body_unheld")).to be_empty
      mended = GreenPlinth::Patch.apply(on[51], snags(on[51], "balance/body_unheld").first.fixes.first.patch)
      expect(snags(mended, "balance/body_unheld")).to be_empty
    end

    it "are its own where it has them, with fixes that change it alone" do
      file = build(body(waters: [water(-3, round(10))]))
      snag = snags(file, "water/dry").first
      expect([snag.where, snag.message]).to match(["/bodies/0/waters/0", start_with("Isle: ")])
      expect(snags(GreenPlinth::Patch.apply(file, snag.fixes.first.patch), "water/dry")).to be_empty
    end

    it "are told of a case that does not go over all of them" do
      places = { "fit_in" => [{ "name" => "case", "width_mm" => 190, "depth_mm" => 80 }] }
      expect(snags(build(body(place: { "at_mm" => [126, 0] }), limits: places), "fit/room").size).to eq(1)
      expect(snags(build(body(place: { "at_mm" => [124, 0] }), limits: places), "fit/room")).to be_empty
    end
  end

  describe "in the file" do
    it "are refused two parts of one id, and what no build could be" do
      twice = build(body(zones: [zone(id: "ground")]))
      expect(problems(twice).map(&:message).join).to include("ground is taken")
      crossed = build(body(zones: [zone(id: "beach", outline: polygon([0, 0], [10, 10], [10, 0], [0, 10]))]))
      expect(problems(crossed).map(&:pointer)).to eq(["/bodies/0/zones/0/outline"])
    end

    it "leave a build as it is where there are none" do
      sample_names.each { |name| expect(design(sample(name)).bodies.size).to eq((sample(name)["bodies"] || []).size) }
    end
  end
end
