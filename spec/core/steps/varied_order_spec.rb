# frozen_string_literal: true

RSpec.describe "Copies that differ" do
  # Ten alike, but for what a spec is about.
  def unit(copies: 10, **members)
    man = figure(round(9), id: "man", height_mm: 30, paint_min: 30)
    ground = zone(course("earth_paste", thickness_mm: 1), course("acrylic_primer"))
    plain_file(copies: copies, purpose: "unit_base", plinth: { "outline" => round(25), "thickness_mm" => 3, "material" => "plastic_base" },
      subjects: [man], zones: [ground], **members)
  end

  def leader(**more) = { "id" => "leader", "count" => 1 }.merge(JSON.parse(JSON.generate(more)))
  def steps(file) = evaluation(file).steps
  def total(file, material) = evaluation(file).quantities.select { |line| line.material == material }.sum(&:amount)

  let(:rock) { { "forms" => [lift(4, round(14), id: "rock")] } }

  it "are numbered first, the others after them" do
    file = unit(variants: [leader, { "id" => "pair", "count" => 2 }])
    expect(evaluation(file).bases.map { |range, variant| [range, variant&.id] }).to eq([[1..1, "leader"], [2..3, "pair"], [4..10, nil]])
  end

  it "are done together with the others where what is done is alike" do
    found = steps(unit(variants: [leader(with: rock)]))
    expect(found.find { |step| step.id == "ground/1-earth_paste" }.copies).to eq(1..10)
    expect(found.find { |step| step.id == "rock/stack@leader" }.copies).to eq(1..1)
    expect(found.find { |step| step.id == "rock/stack@leader" }.title).to include("(leader)")
  end

  it "wait for their own work before they go on with the others" do
    times = evaluation(unit(variants: [leader(with: rock)])).schedule
    expect(times.start("ground/1-earth_paste")).to be >= times.finish("rock/stack@leader")
  end

  # By hand: nine times 30 minutes and once 90 are 360.
  it "take the time that each of them takes" do
    file = unit(variants: [leader(changed: { "man" => { "paint_min" => 90 } })])
    expect(steps(file).select { |step| step.id.start_with?("man/paint") }.sum(&:hands_on_min)).to be_within(10).of(360)
  end

  it "take what each of them takes" do
    plain, more = unit, unit(variants: [leader(changed: { "ground" => { "courses" => [course("earth_paste", thickness_mm: 2),
      course("acrylic_primer")] } })])
    one = total(plain, "earth_paste") / 10
    # Twice as thick on one of ten: eleven tenths; it is laid apart, since it dries longer.
    expect(total(more, "earth_paste")).to be_within(0.01).of(one * 11)
    expect(total(more, "acrylic_primer")).to be_within(0.01).of(total(plain, "acrylic_primer"))
  end

  it "are bought for in whole sheets once, however their work is divided" do
    sheet = { forms: [lift(4, round(20), id: "board")] }
    expect(total(unit(**sheet), "cork_sheet")).to eq(total(unit(**sheet, variants: [leader(with: rock)]), "cork_sheet"))
  end

  it "leave everything as it was where none of them is other (property)" do
    random = Random.new(5)
    8.times do
      copies = random.rand(2..12)
      counts = [random.rand(1..copies - 1)]
      variants = counts.each_with_index.map { |count, at| { "id" => "v#{at}", "count" => count } }
      same = ->(file) { steps(file).map { |step| [step.id, step.hands_on_min, step.copies, step.after.map(&:first).sort] } }
      expect(same[unit(copies: copies, variants: variants)]).to eq(same[unit(copies: copies)])
    end
  end

  it "do each work once on each base that has it (property)" do
    random = Random.new(9)
    10.times do
      copies = random.rand(4..14)
      variants = [leader(count: random.rand(1..2), with: rock), { "id" => "bare", "count" => random.rand(1..2), "without" => ["man"] }]
      file = unit(copies: copies, variants: variants, calendar: { "start" => "2027-03-01T19:00", "sittings" => nil }.compact)
      by_work = steps(file).group_by { |step| step.id.sub(%r{/bases-.*|@.*}, "") }
      done = ->(id) { by_work.fetch(id, []).flat_map { |step| step.copies.to_a }.sort }
      bare = (variants[0]["count"] + 1)..(variants[0]["count"] + variants[1]["count"])
      expect(done["man/mount"]).to eq((1..copies).to_a - bare.to_a)
      expect(done["ground/2-acrylic_primer"]).to eq((1..copies).to_a)
      expect(done["rock/stack"]).to eq((1..variants[0]["count"]).to_a)
    end
  end

  it "may be done one by one, and stand as done" do
    file = unit(variants: [leader(with: rock)])
    file["progress"] = { "as_of" => "2027-03-01T12:00", "done" => [{ "step" => "rock/stack@leader", "finished" => "2027-03-01T10:00" }] }
    expect(told(file)["schedule"]["steps"].find { |step| step["id"] == "rock/stack@leader" }["done"]).to be(true)
  end

  describe "in the file" do
    it "are refused where they are more than there are, or of parts that there are not" do
      wrong = unit(copies: 2, variants: [leader(count: 3, without: ["nobody"], changed: { "noone" => { "height_mm" => 3 } })])
      expect(problems(wrong).map(&:pointer)).to contain_exactly("/variants", "/variants/0/without/0", "/variants/0/changed/noone")
    end

    it "are refused where one of them is no right build" do
      wrong = unit(variants: [leader(changed: { "man" => { "height_mm" => "tall" } })])
      expect(problems(wrong).first.pointer).to eq("/variants/0")
      expect(problems(wrong).first.message).to include("/subjects/0/height_mm")
    end

    it "stand on places that there are, each on its own" do
      wrong = unit(formation: { "rows" => 2, "columns" => 2 },
        variants: [leader(places: [5]), leader(id: "pair", count: 2, places: [1, 2]), leader(id: "more", places: [2])])
      expect(problems(wrong).map(&:message)).to contain_exactly("place 2 is taken", "there is no place 5: the formation has 4")
    end

    it "lose a member where it is null, and a part or a course that they do without" do
      file = unit(variants: [leader(changed: { "man" => { "height_mm" => nil } }, without: ["skin"])])
      file["zones"][0]["courses"] << { "id" => "skin", "material" => "matt_varnish" }
      own = design(file).variants.first.file_of(file)
      expect(own["subjects"].first).not_to have_key("height_mm")
      expect(own["zones"].first["courses"].map { |one| one["material"] }).to eq(%w[earth_paste acrylic_primer])
    end
  end

  describe "what is wrong with one of them" do
    let(:file) { unit(variants: [leader(changed: { "man" => { "at_mm" => [14, 0] } })]) }

    it "is told of it by its name, and not of the others" do
      found = evaluation(file).snags.select { |snag| snag.code == "fit/off_plinth" }
      expect(found.map(&:message)).to all(start_with("Leader: "))
      expect(found.size).to eq(1)
    end

    it "is mended on it alone" do
      snag = evaluation(file).snags.find { |one| one.code == "fit/off_plinth" }
      mended = GreenPlinth::Patch.apply(file, snag.fixes.first.patch)
      expect(evaluation(mended).snags.map(&:code)).not_to include("fit/off_plinth")
      expect(mended["subjects"]).to eq(file["subjects"])
    end
  end
end
