# frozen_string_literal: true

RSpec.describe GreenPlinth::Questions::Chance do
  # What a step of a file is made of decides how its times vary; bare networks here, with steps of one material.
  def chance(steps, material: "earth_paste", finish_by: nil, seed: 1, **more)
    answer = GreenPlinth.schedule(network(steps, **more))
    works = steps.keys.map { |id| GreenPlinth::Steps::Step.new(id: id.to_s, material: material) }
    described_class.new(answer, works, catalogue, finish_by: finish_by && minutes(finish_by), seed: seed).call
  end

  let(:chain) { { a: [20, 300], b: [15, 200, { a: [300] }], c: [10, 60, { b: [200] }] } }

  it "gives the same answer for the same build" do
    expect(chance(chain).dates).to eq(chance(chain).dates)
    expect(chance(chain, seed: 2).dates).not_to eq(chance(chain).dates)
  end

  it "tells dates in order: half of all tries come before nineteen of twenty" do
    odds = chance(chain)
    expect(odds.dates).to eq(odds.dates.sort)
    expect(odds.by(0.5)).to be < odds.by(0.8)
    expect(odds.by(0.8)).to be < odds.by(0.95)
    expect(odds.samples).to eq(160)
  end

  it "varies about the date that was planned" do
    # Three waits of 560 min and 45 min of work: half of all tries within a quarter of that.
    planned = minutes("2027-03-01T00:00") + 605
    expect(chance(chain).by(0.5)).to be_within(150).of(planned)
  end

  it "counts the tries that make a date" do
    expect(chance(chain, finish_by: "2027-03-08T00:00").in_time_pct).to eq(100)
    expect(chance(chain, finish_by: "2027-03-01T01:00").in_time_pct).to eq(0)
    middle = chance(chain)
    share = chance(chain, finish_by: GreenPlinth::Moment.format(middle.by(0.5))).in_time_pct
    expect(share).to be_between(50, 55)
  end

  it "does not say a share where no date is wanted" do
    expect(chance(chain).in_time_pct).to be_nil
    expect(chance(chain).to_h).to include("in_time_pct" => nil, "samples" => 160, "failed" => 0)
  end

  it "says how it comes about: how many tries, between which dates" do
    odds = chance(chain)
    how = odds.to_h["how"]
    soonest, latest = [odds.dates.first, odds.dates.last].map { |at| GreenPlinth::Moment.format(at) }
    expect(how["value"]).to eq(odds.to_h["ready_80"])
    expect(how["inputs"].map { |one| one["value"] }).to eq([160, 0, soonest, latest])
    expect(soonest).to be < latest
  end

  it "varies what hardens by itself less than what dries into the air" do
    # Reaction 0.12, solvent film 0.35 of the logarithm: the gap between half and nineteen of twenty shows it.
    long = { a: [1, 10_000], b: [1, 0, { a: [10_000] }] }
    wide = ->(material) { chance(long, material: material).then { |odds| odds.by(0.95) - odds.by(0.5) } }
    expect(wide.call("two_part_resin")).to be < wide.call("oil_paint")
    expect(wide.call("two_part_resin")).to be_between(500, 4000)
  end

  it "keeps waits that do not dry as they are" do
    # A photo set that stands for 1000 minutes is not dried by anything.
    odds = chance({ a: [1, 1000], b: [1, 0, { a: [1000] }] }, material: nil)
    expect(odds.by(0.95) - odds.by(0.05)).to be <= 6
  end

  it "keeps to the sittings" do
    odds = chance({ a: [60, 1200], b: [60, 0, { a: [1200] }] }, sittings: evenings(30))
    open = evenings(30).map { |pair| pair.map { |at| minutes(at) } }
    expect(odds.dates).to all(satisfy { |at| open.any? { |from, to| at.between?(from, to) } })
  end

  it "counts tries in which a window closed as not ready, and says no date for a share it does not reach" do
    # The second coat within 5 min of the wait, on a bench open two evenings only: many tries run past them.
    steps = { a: [30, 1440], b: [30, 0, { a: [1440, 1445] }] }
    odds = chance(steps, sittings: evenings(2), finish_by: "2027-04-01T00:00")
    failed = odds.samples - odds.dates.size
    expect(failed).to be_between(20, 150)
    expect(odds.in_time_pct).to be_within(0.01).of(100.0 * (160 - failed) / 160)
    expect(odds.to_h).to include("failed" => failed, "ready_95" => nil)
  end

  it "is the date itself where there is nothing to do" do
    odds = chance({}, finish_by: "2027-03-02T00:00")
    expect(odds.to_h).to include("samples" => 1, "in_time_pct" => 100.0, "ready_50" => "2027-03-01T00:00",
      "ready_95" => "2027-03-01T00:00")
  end

  it "brings every sample an answer" do
    sample_names.each do |name|
      odds = evaluation(sample(name)).chance
      expect(odds.dates).not_to be_empty, name
      expect(odds.by(0.95)).to be >= odds.by(0.5), name if odds.by(0.95)
    rescue GreenPlinth::Infeasible
      expect(evaluation(sample(name)).snags.map(&:severity)).to include(:stops), name
    end
  end
end
