# frozen_string_literal: true

RSpec.describe GreenPlinth::Questions::SoFar do
  let(:made) { evaluation(sample("peat-bank")) }
  let(:standing) { described_class.new(made.design, made.timeline) }

  def parts(file)
    (GreenPlinth::Questions::BaseSoFar::LISTS + ["waters"]).sum { |name| (file[name] || []).size } + (file["zones"] || []).sum { |zone| (zone["courses"] || []).size }
  end

  it "grows from what no step makes to the whole base" do
    sizes = GreenPlinth::Schedule::Sittings.of(made.schedule).map { |sitting| parts(standing.file(sitting.to)) }
    expect(sizes).to eq(sizes.sort)
    expect(parts(standing.file(made.schedule.network.start - 1))).to be < sizes.first
    expect(sizes.last).to eq(parts(made.design.to_h))
  end

  it "shows bare forms where nothing is laid yet, and names the rest by where it is in the whole" do
    at = ->(moment) { standing.file(moment)["zones"].map { |zone| zone["id"] } }
    whole = made.design.to_h["zones"].map { |zone| zone["id"] }
    firsts = whole.each_index.to_h do |index|
      courses = made.timeline.spans.select { |where, _| where.start_with?("/zones/#{index}/courses") }
      [whole[index], courses.map { |_, span| span.begun }.min]
    end
    moment = firsts.values.min
    expect(at[moment - 1]).to eq([])
    there = whole.select { |id| firsts[id] <= moment }
    expect(at[moment]).to eq(there)
    expect(standing.pointers(moment)["/zones/0"]).to eq("/zones/#{whole.index(there.first)}")
  end

  it "shows of a water only what is laid on it by then, and names it as in the whole" do
    cutter = evaluation(sample("pilot-cutter"))
    so_far = described_class.new(cutter.design, cutter.timeline)
    begun = cutter.timeline.spans.select { |where, _| where.start_with?("/waters/0") }.transform_values(&:begun)
    # Between the gel and the first white.
    moment = begun["/waters/0/courses/2"] - 1
    there = so_far.file(moment)["waters"].first["courses"].map { |course| course["id"] }
    expect(there).to eq(%w[deep swell])
    expect(so_far.pointers(moment)).to include("/waters/0" => "/waters/0", "/waters/0/courses/1" => "/waters/0/courses/1")
    expect(GreenPlinth.evaluate(GreenPlinth::Design.new(so_far.file(moment))).drawing["waters"].first["courses"].size).to eq(2)
  end

  describe "of a build of two bodies" do
    let(:brook) { evaluation(sample("charcoal-brook")) }
    let(:so_far) { described_class.new(brook.design, brook.timeline) }
    let(:body) { brook.design.bodies.first }

    def laid(moment) = so_far.file(moment)["bodies"].first["zones"].sum { |zone| (zone["courses"] || []).size }

    it "has each body as far as it has come, told as in a build of its own" do
      spans = brook.timeline.spans.select { |where, _| where.start_with?("/bodies/0/zones") }
      first, last = spans.values.map(&:begun).minmax
      whole = body.data["zones"].sum { |zone| (zone["courses"] || []).size }
      expect([laid(first - 1), laid(last)]).to eq([0, whole])
      expect(laid(first)).to be_between(1, whole - 1)
      expect(so_far.pointers(last, body)).to include("/zones/0" => "/zones/0")
      expect(GreenPlinth.evaluate(GreenPlinth::Design.new(so_far.file(first))).placed_bodies.size).to eq(1)
    end

    it "says whether a body has come to its place: what stands beside the base always has" do
      expect(so_far.placed?(body, brook.schedule.network.start)).to be(true)
      file = plain_file(bodies: [{ "id" => "top", "name" => "top", "plinth" => plain_file["plinth"], "place" => { "how" => "on" } }])
      stacked = evaluation(file)
      hung = described_class.new(stacked.design, stacked.timeline)
      set = stacked.timeline.spans["/bodies/0"].begun
      expect([set - 1, set].map { |moment| hung.placed?(stacked.design.bodies.first, moment) }).to eq([false, true])
    end
  end

  it "has a rim that is painted bare until then, and sides without the courses that are to come" do
    plain = evaluation(plain_file(zones: [zone(course("earth_paste"))]))
    painted = plain.schedule.start(plain.steps.find { |step| step.technique == "paint_rim" }.id)
    colours = [painted - 1, painted].map do |moment|
      so_far = described_class.new(plain.design, plain.timeline).file(moment)
      GreenPlinth.evaluate(GreenPlinth::Design.new(so_far)).side_bands.map { |band| band["colour"] }.uniq.size
    end
    expect(colours.last).to eq(1)
    expect(colours.first).to be > 1
    sided = evaluation(plain_file(sides: [{ "id" => "all", "courses" => [course("acrylic_paint"), course("gloss_varnish")] }]))
    starts = sided.timeline.spans.select { |where, _| where.start_with?("/sides/0/courses") }.values.map(&:begun)
    expect(described_class.new(sided.design, sided.timeline).file(starts.min)["sides"].first["courses"].size).to eq(1)
    expect(described_class.new(sided.design, sided.timeline).file(starts.min - 1)["sides"]).to eq([])
  end

  it "leaves out exactly what is not begun" do
    moment = minutes("2027-03-09T00:00")
    begun = made.timeline.spans.select { |where, span| where.start_with?("/subjects/") && span.begun <= moment }
    expect(standing.file(moment)["subjects"].size).to eq(begun.size)
  end

  it "is a base that can be computed at every sitting, no higher than the finished one" do
    heights = GreenPlinth::Schedule::Sittings.of(made.schedule).map do |sitting|
      GreenPlinth.evaluate(GreenPlinth::Design.new(standing.file(sitting.to))).terrain.highest_mm
    end
    expect(heights).to all(be <= made.terrain.highest_mm + 1e-6)
  end
end
