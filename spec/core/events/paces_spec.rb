# frozen_string_literal: true

require "securerandom"

RSpec.describe GreenPlinth::Events::Paces do
  def event(kind, clock, **more)
    of = { "technique" => "prime", "planned_min" => 12, "catalogue_min" => 10 }
    GreenPlinth::Events::Event.of({ "id" => SecureRandom.uuid, "kind" => kind, "at" => "2027-03-01T#{clock}Z", "step" => "tone", "of" => of }
      .merge(more.transform_keys(&:to_s)))
  end

  def paces(*events) = described_class.new(GreenPlinth::Events::Log.new(events))

  it "holds what was timed against the catalogue alone, without what was learnt before" do
    told = paces(event("started", "19:00:00"), event("paused", "19:05:00"), event("resumed", "19:10:00"), event("laid", "19:20:00")).paces
    expect(told.map { |one| [one.technique, one.planned_min, one.spent_min] }).to eq([["prime", 10, 15.0]])
  end

  it "learns nothing of what was not timed, of a forgotten timer, nor of bases one by one" do
    expect(paces(event("laid", "19:20:00")).paces).to be_empty
    expect(paces(event("started", "10:00:00"), event("laid", "19:20:00")).paces).to be_empty
    expect(paces(event("started", "19:00:00"), event("laid", "19:20:00", copies: [1])).paces).to be_empty
  end

  it "counts what was done again, and times it anew" do
    told = paces(event("started", "19:00:00"), event("laid", "19:10:00"), event("redone", "19:30:00"), event("started", "20:00:00"),
      event("laid", "20:08:00"))
    expect(told.paces.map(&:spent_min)).to eq([10.0, 8.0])
    expect(told.redos).to eq("prime" => [1, 2])
  end

  it "times what came off with something else as another go, and no second tap" do
    other = ->(kind, clock, **more) { event(kind, clock, step: "wash", **more) }
    told = paces(event("started", "19:00:00"), event("laid", "19:10:00"), event("laid", "19:11:00"),
      other["redone", "19:30:00", data: { "off" => %w[wash tone] }], event("started", "20:00:00"), event("laid", "20:06:00"))
    expect(told.paces.map(&:spent_min)).to eq([10.0, 6.0])
  end
end
