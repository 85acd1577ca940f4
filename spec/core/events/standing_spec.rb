# frozen_string_literal: true

require "securerandom"

RSpec.describe GreenPlinth::Events::Standing do
  def event(kind, clock, step: "moor", **more)
    { "id" => SecureRandom.uuid, "kind" => kind, "at" => "2027-03-01T#{clock}+01:00", "step" => step }
      .merge(more.transform_keys(&:to_s)).then { |row| GreenPlinth::Events::Event.of(row) }
  end

  def standing(*events, copies: 1) = described_class.new(GreenPlinth::Events::Log.new(events), copies)

  it "counts the hands' time as differences of instants, to the second" do
    one = standing(event("started", "19:00:10"), event("paused", "19:05:40"), event("resumed", "19:20:00")).works["moor"]
    expect(one.spent_s).to eq(330)
    expect(one).to be_running.and be_in_hand
    expect(one.spent_s(one.running_since + 12.5)).to eq(342.5)
  end

  it "counts no time twice where two devices begin the same" do
    one = standing(event("started", "19:00:00"), event("started", "19:01:00"), event("paused", "19:04:00"), event("paused", "19:05:00"))
    expect(one.works["moor"].spent_s).to eq(240)
  end

  it "is done when it is laid, with the minutes that the hands were on it; what was said of them stands before the timer" do
    laid = [event("started", "19:00:00"), event("laid", "19:30:00")]
    expect(standing(*laid).progress["done"]).to eq([{ "step" => "moor", "finished" => "2027-03-01T19:30", "hands_on_min" => 30.0 }])
    said = standing(event("started", "19:00:00"), event("laid", "19:30:00", data: { "hands_on_min" => 12 }))
    expect(said.progress["done"].first["hands_on_min"]).to eq(12)
    expect(standing(event("laid", "19:30:00")).progress["done"].first).not_to have_key("hands_on_min")
  end

  it "plans nothing before what happened last, but lets marks made afterwards say nothing of that" do
    expect(standing(event("laid", "19:30:00"), event("seen_dry", "21:00:00")).as_of).to eq(minutes("2027-03-01T21:00"))
    expect(standing(event("laid", "19:30:00", data: { "marked" => true })).as_of).to be_nil
    expect(standing(event("noted", "22:00:00", data: { "text" => "cold" })).as_of).to be_nil
  end

  it "comes back as if never done when it went wrong, and what stood on it with it" do
    one = standing(event("laid", "19:00:00"), event("laid", "19:20:00", step: "grit"), event("laid", "19:40:00", step: "other"),
      event("redone", "20:00:00", data: { "off" => ["grit"], "what" => "came off", "why" => "dust beneath" }))
    expect(one.progress["done"].map { |row| row["step"] }).to eq(["other"])
    expect(one.works["moor"].redone.map(&:why)).to eq(["dust beneath"])
  end

  describe "bases" do
    it "are done one by one; the timer runs on until the last" do
      some = standing(event("started", "19:00:00"), event("laid", "19:10:00", copies: [1, 2]), event("laid", "19:20:00", copies: [4]),
        copies: 4)
      expect(some.progress["done"].map { |row| row["step"] }).to eq(%w[moor/bases-1-2 moor/bases-4-4])
      expect(some.works["moor"]).to be_running
      all = standing(event("started", "19:00:00"), event("laid", "19:10:00", copies: [1, 2]),
        event("laid", "19:20:00", step: "moor/bases-3-4"), copies: 4)
      expect(all.progress["done"]).to eq([{ "step" => "moor", "finished" => "2027-03-01T19:20", "hands_on_min" => 20.0 }])
      expect(all.progress).not_to have_key("begun")
    end

    it "go wrong one by one" do
      left = standing(event("laid", "19:00:00"), event("redone", "20:00:00", copies: [2]), copies: 3)
      expect(left.progress["done"].map { |row| row["step"] }).to eq(%w[moor/bases-1-1 moor/bases-3-3])
    end

    it "laid at another time of day are told apart" do
      rows = standing(event("laid", "10:00:00", copies: [1]), event("laid", "20:00:00", copies: [2]), copies: 3).progress["done"]
      expect(rows.map { |row| row.values_at("step", "finished") })
        .to eq([["moor/bases-1-1", "2027-03-01T10:00"], ["moor/bases-2-2", "2027-03-01T20:00"]])
    end
  end

  describe GreenPlinth::Events::Written do
    it "reads what an older file marks so that it means the same" do
      old = { "as_of" => "2027-03-05T18:00", "done" => [{ "step" => "moor", "finished" => "2027-03-01T20:00", "hands_on_min" => 9.0 }],
              "pinned" => [{ "step" => "rim", "at" => "2027-03-09T20:00" }] }
      log = GreenPlinth::Events::Log.new(described_class.events(old))
      expect(described_class.progress(log, 1).except("events")).to eq(old)
      expect(described_class.events(old)).to eq(described_class.events(old))
    end

    it "works everything else out of a file's events anew" do
      rows = [event("laid", "19:30:00").to_h]
      lying = plain_file("progress" => { "events" => rows, "done" => [{ "step" => "rim", "finished" => "2020-01-01T00:00" }] })
      read = design(lying)
      expect(read.progress.done).to eq("moor" => minutes("2027-03-01T19:30"))
      expect(read.to_h["progress"]["events"]).to eq(rows)
    end
  end
end
