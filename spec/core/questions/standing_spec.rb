# frozen_string_literal: true

RSpec.describe GreenPlinth::Questions::SoFar do
  let(:made) { evaluation(sample("peat-bank")) }
  let(:standing) { described_class.new(made.design, made.timeline) }

  def parts(file)
    described_class::LISTS.sum { |name| (file[name] || []).size } + (file["zones"] || []).sum { |zone| (zone["courses"] || []).size }
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
