# frozen_string_literal: true

require "icalendar"

# The calendar file read back by another program's reader. Source: RFC 5545, by the icalendar gem.
RSpec.describe GreenPlinth::Exports::CalendarIcs do
  let(:made) { evaluation(sample("peat-bank")) }
  let(:text) { described_class.new(made, key: "build-7", at: minutes("2027-01-01T00:00")).write }
  let(:calendar) { Icalendar::Calendar.parse(text).first }
  let(:sittings) { GreenPlinth::Schedule::Sittings.of(made.schedule) }

  it "has an event for each sitting and one for the ready date" do
    expect(calendar.events.reject { |event| event.summary.to_s.end_with?(" dry") }.size).to eq(sittings.size + 1)
    expect(calendar.events.last.summary.to_s).to match(/is ready/)
  end

  it "says when something has become dry, by build and part" do
    answer = made.schedule
    ends = answer.network.steps.select { |step| step.tail_min.positive? }.map { |step| answer.ready(step.id) }.uniq
    dry = calendar.events.select { |event| event.summary.to_s.end_with?(" dry") }
    expect(dry.map { |event| minutes(event.dtstart.strftime("%Y-%m-%dT%H:%M")) }).to match_array(ends)
    expect(dry.map { |event| event.summary.to_s }).to include(/bog pool/)
    expect(dry.map { |event| event.transp.to_s }).to all(eq("TRANSPARENT"))
    expect(text).not_to match(/^TRIGGER:P\r/)
  end

  # By hand: a paste that its paint waits for rings where the paint begins a sitting; the last coat rings for nobody; at night nothing does.
  it "rings only where somebody waits, and never at night" do
    ringing, silent = calendar.events.select { |event| event.summary.to_s.end_with?(" dry") }.partition { |event| event.alarms.any? }
    expect([ringing, silent]).to all(be_any)
    expect(ringing.map { |event| event.dtstart.hour }).to all(be_between(7, 21))
    first = sittings.map { |sitting| sitting.steps.first }
    waited = made.steps.select { |step| made.steps.any? { |one| one.after.any? { |wait|
 wait.first == step.id && (wait.at_most_min || first.include?(one.id)) } } }
    expect(ringing.map { |event| event.description.to_s }).to all(satisfy { |text| waited.any? { |step| text.include?(step.title) } })
    last = made.schedule.network.steps.max_by { |step| made.schedule.ready(step.id) }
    expect(silent.map { |event| event.description.to_s }).to include(include(made.steps.find { |step| step.id == last.id }.title))
  end

  it "keeps local time, without a zone" do
    first = calendar.events.first
    expect(first.dtstart.strftime("%Y-%m-%dT%H:%M")).to eq(GreenPlinth::Moment.format(made.schedule.start(sittings.first.steps.first)))
    expect(text).to match(/^DTSTART:\d{8}T\d{6}\r$/)
  end

  it "lists the steps inside" do
    expect(calendar.events.first.description.to_s).to include("Prepare the plinth")
  end

  it "has stable identities: the same build updates its events" do
    again = described_class.new(made, key: "build-7", at: minutes("2027-02-02T00:00")).write
    uids = ->(ics) { Icalendar::Calendar.parse(ics).first.events.map { |event| event.uid.to_s } }
    expect(uids[again]).to eq(uids[text])
    expect(uids[text].uniq.size).to eq(uids[text].size)
    expect(uids[described_class.new(made, key: "build-8", at: 0).write] & uids[text]).to be_empty
  end

  it "ends every line as the standard wants, none longer than 75 octets" do
    expect(text.lines).to all(end_with("\r\n"))
    expect(text.lines.map { |line| line.chomp.bytesize }.max).to be <= 75
  end
end
