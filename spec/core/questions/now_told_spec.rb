# frozen_string_literal: true

# What now, of builds that are told what is done and of builds that never were.
RSpec.describe GreenPlinth::Questions::Now do
  let(:file) do
    plain_file(zones: [zone(course("earth_paste", thickness_mm: 2, id: "paste"), course("acrylic_primer", id: "primer"))],
      calendar: { start: "2027-03-01T19:00", weekly: %w[mon tue].map { |day| { day: day, from: "19:00", to: "22:00" } } })
  end

  def now(at, **progress)
    told = progress.empty? ? file : file.merge("progress" => JSON.parse(JSON.generate(progress)))
    plan = GreenPlinth::Questions::DatedPlan.new(JSON.parse(JSON.generate(evaluation(told).plan.to_h)))
    described_class.new({ 1 => plan }, minutes(at))
  end

  def ids(list) = list.map { |one| one.step.id }
  def prepared = { step: "plinth/prepare", finished: "2027-03-01T19:15" }

  it "takes a build that never was told as gone on as planned" do
    expect(ids(now("2027-03-01T19:05").doable)).to eq(["plinth/prepare"])
    expect(ids(now("2027-03-02T19:30").doable)).not_to include("plinth/prepare")
  end

  it "takes nothing of a build that is told as done because it was planned" do
    late = now("2027-03-02T21:00", done: [prepared])
    expect(ids(late.doable)).to eq(["paste"])
    expect(late.wet).to be_empty
  end

  it "tells what is under hand, and offers it no more" do
    held = now("2027-03-01T19:30", done: [prepared], as_of: "2027-03-01T19:20", begun: [{ step: "paste", at: "2027-03-01T19:20" }])
    expect(held.in_hand.map { |one| [one.step.id, one.step.begun] }).to eq([["paste", minutes("2027-03-01T19:20")]])
    expect(ids(held.doable)).to be_empty
  end

  it "keeps off what was laid until it is dry as it really was" do
    laid = { step: "paste", finished: "2027-03-01T19:30" }
    expect(now("2027-03-01T20:00", done: [prepared, laid]).wet.map(&:name)).to eq(["ground"])
    expect(now("2027-03-01T23:30", done: [prepared, laid.merge(dry: "2027-03-01T23:00")]).wet).to be_empty
    expect(ids(now("2027-03-01T23:30", done: [prepared, laid.merge(dry: "2027-03-01T23:00")]).doable)).to eq(["primer"])
  end
end
