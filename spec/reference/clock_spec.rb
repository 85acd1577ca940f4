# frozen_string_literal: true

# Nights on which the clock is changed. Source of the dates: Directive 2000/84/EC (last Sundays of March and October, at 1:00
# UTC); of the zones: the IANA time zone database, by the tzinfo gem.
RSpec.describe GreenPlinth::Clock do
  subject(:clock) { described_class.new("Europe/Berlin", minutes("2027-03-01T00:00")) }

  def later(from, hours) = GreenPlinth::Moment.format(clock.later(minutes(from), hours * 60))
  def earlier(from, hours) = GreenPlinth::Moment.format(clock.earlier(minutes(from), hours * 60))

  it "leaves other nights alone" do
    expect(later("2027-03-20T22:00", 12)).to eq("2027-03-21T10:00")
    expect(earlier("2027-07-02T10:00", 12)).to eq("2027-07-01T22:00")
  end

  it "shows an hour more after a night in which it is put forward" do
    expect(later("2027-03-27T22:00", 12)).to eq("2027-03-28T11:00")
    expect(earlier("2027-03-28T11:00", 12)).to eq("2027-03-27T22:00")
  end

  it "shows an hour less after a night in which it is put back" do
    expect(later("2027-10-30T22:00", 12)).to eq("2027-10-31T09:00")
    expect(earlier("2027-10-31T09:00", 12)).to eq("2027-10-30T22:00")
  end

  it "comes back to where it was, whenever it is asked" do
    random = Random.new(5)
    200.times do
      from = minutes("2027-03-01T12:00") + (random.rand(0..700) * 1440)
      wait = random.rand(0..20_000)
      expect(clock.earlier(clock.later(from, wait), wait)).to eq(from)
      expect(clock.turned.later(-from, wait)).to eq(-clock.earlier(from, wait))
    end
  end

  it "runs as it is in a place that never changes it" do
    still = described_class.new("Asia/Tokyo", minutes("2027-03-01T00:00"))
    expect(still.later(minutes("2027-03-27T22:00"), 720)).to eq(minutes("2027-03-28T10:00"))
  end

  describe "a build that dries over such a night" do
    let(:file) do
      plain_file(zones: [zone(course("earth_paste", thickness_mm: 2), course("acrylic_paint"))],
        calendar: { start: "2027-03-27T20:00", time_zone: "Europe/Berlin" })
    end

    def schedule(data) = evaluation(data).schedule

    it "is ready an hour later by the clock, and takes as long" do
      plain = schedule(file.merge("calendar" => file["calendar"].except("time_zone")))
      there = schedule(file)
      paste = there.starts.keys.find { |id| id.include?("earth_paste") }
      expect(there.ready(paste) - plain.ready(paste)).to eq(60)
      paint = there.starts.keys.find { |id| id.include?("acrylic_paint") }
      expect(there.start(paint)).to eq(there.ready(paste)).or be > there.finish(paste)
      expect(there.slack.values).to all(be >= 0)
    end

    it "refuses a place that is none" do
      expect(problems(file.merge("calendar" => { "time_zone" => "Moon/Tycho" })).map(&:to_s))
        .to include(%r{/calendar/time_zone.*Moon/Tycho is no time zone})
    end
  end
end
