# frozen_string_literal: true

require "securerandom"

RSpec.describe GreenPlinth::Events::Log do
  def event(kind, at, step: "moor", data: {}, copies: nil, id: SecureRandom.uuid)
    GreenPlinth::Events::Event.of({ "id" => id, "kind" => kind, "at" => at, "step" => step, "copies" => copies, "data" => data }.compact)
  end

  def took_back(event, at = "2027-03-01T23:00:00Z") = event("took_back", at, data: { "event" => event.id })
  def standing(events, copies = 6) = GreenPlinth::Events::Standing.new(described_class.new(events), copies).progress

  # Sittings of a few hours with whatever may happen in them, taken back at times.
  let(:sittings) do
    choose = PropCheck::Generators.method(:choose)
    one = PropCheck::Generators.tuple(choose.call(0..8), choose.call(0..20_000), choose.call(0..3), choose.call(1..6))
    PropCheck::Generators.array(one, min: 1, max: 25)
  end

  def story(rows)
    kinds = %w[started paused resumed laid seen_dry still_wet redone skipped pinned]
    rows.each_with_object([]) do |(kind, second, step, copy), events|
      at = Time.utc(2027, 3, 1, 18, 0, 0).+(second).strftime("%Y-%m-%dT%H:%M:%SZ")
      if second % 5 == 4 && events.any?
        events << took_back(events[second % events.size], at)
      else
        data = kinds[kind] == "pinned" ? { "to" => "2027-03-02T10:00" } : {}
        events << event(kinds[kind], at, step: "step-#{step}", data: data, copies: copy.even? ? [copy] : nil)
      end
    end
  end

  it "comes to the same in any order, however often each is told, over however many devices" do
    PropCheck.forall(sittings) do |rows|
      events = story(rows)
      told = standing(events)
      shuffled = events.shuffle(random: Random.new(events.size))
      devices = events.partition.with_index { |_, index| index.even? }
      expect([standing(shuffled), standing(shuffled + events), standing(devices.last + devices.first)]).to all(eq(told))
    end
  end

  it "takes an event back to the last trace, and brings it back when that is taken back" do
    PropCheck.forall(sittings) do |rows|
      events = story(rows)
      wrong = event("laid", "2027-03-01T20:00:00Z", step: "step-1")
      back = took_back(wrong)
      expect(standing([*events, wrong, back])).to eq(standing(events))
      expect(standing([*events, wrong, back, took_back(back)])).to eq(standing([*events, wrong]))
    end
  end

  it "goes by the instant, not by what the clock of a device showed" do
    paused = event("paused", "2027-03-01T19:10:00+00:00")
    started = event("started", "2027-03-01T20:00:00+01:00")
    expect(described_class.new([paused, started]).events.map(&:kind)).to eq(%w[started paused])
    expect(standing([paused, started])["begun"]).to eq([{ "step" => "moor", "at" => "2027-03-01T20:00", "spent_min" => 10.0 }])
  end

  it "knows the log as it was before a moment, with what was taken back later still in it" do
    laid = event("laid", "2027-03-01T19:00:00Z")
    log = described_class.new([laid, took_back(laid, "2027-03-01T21:00:00Z")])
    expect(log.events).to be_empty
    expect(log.before(laid.instant + 60).events).to eq([laid])
  end

  it "lets two that take each other back both count for nothing but themselves" do
    laid = event("laid", "2027-03-01T19:00:00Z")
    one, other = Array.new(2) { SecureRandom.uuid }
    circle = [event("took_back", "2027-03-01T20:00:00Z", id: one, data: { "event" => other }),
              event("took_back", "2027-03-01T20:00:00Z", id: other, data: { "event" => one })]
    expect(described_class.new([laid, *circle]).events).to eq([laid])
  end
end
