# frozen_string_literal: true

RSpec.describe GreenPlinth::Moment do
  it "counts local minutes and gives them back" do
    expect(described_class.format(described_class.parse("2027-03-01T19:30"))).to eq("2027-03-01T19:30")
  end

  it "rounds seconds up, so that nothing begins before it was ready" do
    expect(described_class.format(described_class.parse("2027-03-01T19:30:01"))).to eq("2027-03-01T19:31")
  end

  it "knows no 30th of February" do
    expect { described_class.parse("2027-02-30T10:00") }.to raise_error(ArgumentError, /not a day of the calendar/)
  end

  it "names days as the calendar does" do
    # 1 March 2027 is a Monday (Gregorian calendar; the 1st of January 2027 is a Friday, 59 days before).
    expect(described_class.day_name(described_class.parse("2027-03-01T00:00"))).to eq("mon")
    expect(described_class.day_name(described_class.parse("2027-02-28T23:59"))).to eq("sun")
  end

  { 0.5 => "30 s", 45 => "45 min", 60 => "1 h", 95 => "1 h 35 min", 2880 => "2 days",
    3600 => "2.5 days" }.each do |span, words|
    it("says #{span} minutes as #{words}") { expect(described_class.span(span)).to eq(words) }
  end

  it "keeps every minute through words and back" do
    PropCheck.forall(PropCheck::Generators.choose(0..60_000_000)) do |minute|
      expect(described_class.parse(described_class.format(minute))).to eq(minute)
    end
  end
end
