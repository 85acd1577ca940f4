# frozen_string_literal: true

RSpec.describe GreenPlinth::Imports::BusyIcs do
  def event(*lines) = ["BEGIN:VEVENT", "UID:#{lines.hash}", "DTSTAMP:20270101T000000Z", *lines, "END:VEVENT"]
  def calendar(*events) = ["BEGIN:VCALENDAR", "VERSION:2.0", "PRODID:-//A maker//EN", *events.flatten, "END:VCALENDAR", ""].join("\r\n")
  def spans(*events, text: calendar(*events), from: "2027-03-01T00:00", to: "2027-12-31T00:00")
    described_class.new(text, from: minutes(from), to: minutes(to)).spans
      .map { |pair| pair.map { |at| GreenPlinth::Moment.format(at) }.join(" ") }
  end
  def refusal(...)
    spans(...)
    nil
  rescue GreenPlinth::InvalidFile => e
    e.problems.first.message
  end

  let(:choir) { ["DTSTART:20270301T180000", "DTEND:20270301T200000", "SUMMARY:choir"] }

  it "takes a floating time as the workshop's wall clock" do
    expect(spans(event(*choir))).to eq(["2027-03-01T18:00 2027-03-01T20:00"])
  end

  it "takes a zoned time as a wall clock, and a length for an end" do
    zoned = event("DTSTART;TZID=Europe/Berlin:20270312T190000", "DURATION:PT1H30M")
    expect(spans(zoned)).to eq(["2027-03-12T19:00 2027-03-12T20:30"])
  end

  it "takes a time in UTC as this computer's local time" do
    local = Time.utc(2027, 3, 13, 12).localtime.strftime("%Y-%m-%dT%H:%M")
    expect(spans(event("DTSTART:20270313T120000Z", "DURATION:PT1H")).first).to start_with(local)
  end

  it "takes a day for the whole of it" do
    expect(spans(event("DTSTART;VALUE=DATE:20270310"))).to eq(["2027-03-10T00:00 2027-03-11T00:00"])
    expect(spans(event("DTSTART;VALUE=DATE:20270310", "DTEND;VALUE=DATE:20270313")))
      .to eq(["2027-03-10T00:00 2027-03-13T00:00"])
  end

  # The example of RFC 5545, 3.8.5.3: every other week on Monday, Wednesday and Friday until a date; here four occurrences
  # counted by hand on the calendar of March 2027.
  it "writes repetitions out, without what is excepted" do
    rule = ["RRULE:FREQ=WEEKLY;INTERVAL=2;BYDAY=MO,WE;COUNT=4", "EXDATE:20270303T180000"]
    expect(spans(event(*choir, *rule)).map { |span| span[0, 10] }).to eq(%w[2027-03-01 2027-03-15 2027-03-17])
  end

  it "keeps to the hour over the change of the clocks" do
    daily = spans(event(*choir, "RRULE:FREQ=DAILY;COUNT=40"))
    expect(daily.map { |span| span[11, 5] }.uniq).to eq(["18:00"])
    expect(daily.size).to eq(40)
  end

  it "finds what repeats since long before" do
    old = event("DTSTART:20100104T180000", "DTEND:20100104T190000", "RRULE:FREQ=WEEKLY")
    found = spans(old, from: "2027-03-01T00:00", to: "2027-03-29T00:00")
    expect(found.map { |span| span[0, 10] }).to eq(%w[2027-03-01 2027-03-08 2027-03-15 2027-03-22])
  end

  it "leaves out what is free, cancelled, over, far off or of no length" do
    expect(spans(event(*choir, "TRANSP:TRANSPARENT"), event(*choir, "STATUS:CANCELLED"), event("DTSTART:20270302T180000"),
      event("DTSTART:20260301T180000", "DURATION:PT2H"), event("DTSTART:20290301T180000", "DURATION:PT2H"))).to be_empty
  end

  it "keeps what began before and still lasts" do
    expect(spans(event("DTSTART:20270228T230000", "DTEND:20270301T010000"))).to eq(["2027-02-28T23:00 2027-03-01T01:00"])
  end

  it "joins what overlaps or meets" do
    late = event("DTSTART:20270301T190000", "DTEND:20270301T210000")
    next_one = event("DTSTART:20270301T210000", "DTEND:20270301T220000")
    expect(spans(event(*choir), late, next_one)).to eq(["2027-03-01T18:00 2027-03-01T22:00"])
  end

  it "reads lines folded and ended as some programs do" do
    folded = calendar(event(*choir)).sub("SUMMARY:choir", "SUMMARY:a long\r\n  title").gsub("\r\n", "\n")
    expect(spans(text: folded)).to eq(["2027-03-01T18:00 2027-03-01T20:00"])
  end

  it "says what is wrong with a file that is none" do
    ["", "hello", "{}", "\xFF\xFE", calendar(event("DTSTART:yesterday"))].each do |junk|
      expect(refusal(text: junk)).to match(/is no calendar file/), junk.inspect
    end
  end

  it "says which repetition it cannot follow" do
    expect(refusal(event(*choir, "RRULE:FREQ=SOMETIMES"))).to match(/repetition cannot be read, choir/)
    expect(refusal(event(*choir, "RRULE:FREQ=MINUTELY"))).to match(/more often than daily, choir/)
    expect(refusal(event(*choir, "RRULE:FREQ=DAILY;BYHOUR=1,2,3"))).to match(/more often than daily/)
    expect(refusal(event("DTSTART:00010101T180000", "DURATION:PT1H", "RRULE:FREQ=DAILY"))).to match(/before 1970/)
  end

  it "refuses parts that have no name, or none that could be one" do
    ["BEGIN:", "BEGIN:VCALENDAR\nBEGIN:\nEND:VCALENDAR", "BEGIN:VCALENDAR\nBEGIN:a b\nEND:a b\nEND:VCALENDAR"].each do |text|
      reader = described_class.new(text, from: 0, to: 1_000_000)
      expect { reader.spans }.to raise_error(GreenPlinth::InvalidFile, %r{/text}), text
    end
  end

  it "refuses more than anybody's calendar holds" do
    many = Array.new(501) { event(*choir, "RRULE:FREQ=DAILY") }
    expect(refusal(*many)).to match(/more than 500 events/)
    expect(refusal(*many.first(20))).to match(/more than 5000 times/)
  end
end
