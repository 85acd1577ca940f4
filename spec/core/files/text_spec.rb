# frozen_string_literal: true

RSpec.describe GreenPlinth::Files::Text do
  def pointers(value) = described_class.problems(value).map(&:pointer)

  it "refuses control characters, but for ends of lines and tabs" do
    expect(pointers({ "a" => "bell\u0007", "b" => "esc\u001b", "c" => "del\u007f", "d" => "line\nand\ttab" })).to eq(%w[/a /b /c])
  end

  it "finds nothing in ordinary data" do
    expect(pointers({ "a" => [1, 2.5, "väg", nil, true] })).to be_empty
  end

  it "finds what is no text, wherever it stands, keys too" do
    expect(pointers({ "a" => ["ok", "\xFF"] })).to eq(["/a/1"])
    expect(pointers({ "b" => "zero\u0000" })).to eq(["/b"])
    expect(pointers({ "\xFE" => 1 })).to eq([""])
  end

  it "finds numbers without end and numbers beyond all use" do
    expect(pointers([Float::INFINITY, Float::NAN, 1e10, -1e10, 1e9])).to eq(%w[/0 /1 /2 /3])
  end

  it "escapes keys in its pointers as RFC 6901 says" do
    expect(pointers({ "a/b~c" => Float::NAN })).to eq(["/a~1b~0c"])
  end
end

RSpec.describe GreenPlinth::Files::Json do
  def refusal(text)
    described_class.parse(text)
    nil
  rescue GreenPlinth::InvalidFile => e
    e.problems.first.message
  end

  it "reads what JSON is, with or without a byte order mark" do
    expect(described_class.parse("\uFEFF{\"a\": [1]}")).to eq({ "a" => [1] })
  end

  it "refuses what JSON is not" do
    expect(refusal("NaN")).to match(/not JSON/)
    expect(refusal("{\"a\": 1,}")).to match(/not JSON/)
    expect(refusal("")).to match(/not JSON/)
  end

  it "refuses zero bytes, written out or escaped" do
    expect(refusal("\"a\u0000\"")).to match(/zero byte/)
    expect(refusal('"a\u0000"')).to match(/zero byte/)
  end

  it "goes as deep as it says and no deeper" do
    deep = ->(levels) { "#{"[" * levels}#{"]" * levels}" }
    expect(refusal(deep[described_class::MOST_DEEP])).to be_nil
    expect(refusal(deep[described_class::MOST_DEEP + 2])).to match(/nested deeper than 40/)
  end

  it "takes as much as it says and no more" do
    room = described_class::MOST_BYTES - 2
    expect(refusal("\"#{"x" * room}\"")).to be_nil
    expect(refusal("\"#{"x" * (room + 1)}\"")).to match(/2\.0 MB; a plinth file is 2 MB at the most/)
  end
end

RSpec.describe GreenPlinth::Colour::Tone do
  def tone(*courses, ground: "earth")
    made = design(plain_file(zones: [zone(*courses, ground: ground)]))
    described_class.of_zone(made.zones.first)
  end

  it "is the topmost course that hides what is below" do
    expect(tone(course("earth_paste", colour: "#111111"),
      course("gravel", colour: "#222222"))).to eq("#222222")
  end

  # One coat of paint hides 85 of 100; three leave nothing to be seen.
  it "is the paint's, and a little of what lies under a single coat" do
    under = course("earth_paste", colour: "#111111")
    lightness = lambda do |coats|
      GreenPlinth::Colour::Lab.of(tone(under, course("acrylic_paint", colour: "#8a7a5c", coats: coats))).l
    end
    own = GreenPlinth::Colour::Lab.of("#8a7a5c").l
    expect(own - lightness[1]).to be_between(1, 6)
    expect(own - lightness[3]).to be < 0.3
  end

  it "is darkened by a wash, once for each coat" do
    pale = course("earth_paste", colour: "#c8b898")
    washed = ->(coats) { tone(pale, course("acrylic_wash", colour: "#3d2c1f", coats: coats)) }
    expect([washed[1], washed[2]]).to eq([1, 2].map { |coats| GreenPlinth::Colour::Film.over("#3d2c1f", 0.3, "#c8b898", coats: coats) })
  end

  it "looks through clear coats, glues, tufts and thin cover" do
    base = course("earth_paste", colour: "#111111")
    over = [course("gloss_varnish"), course("white_glue"), course("tufts", count: 4),
      course("gravel", cover_pct: 30, colour: "#eeeeee")]
    over.each { |one| expect(tone(base, one)).to eq("#111111"), one["material"] }
  end

  it "is the ground's own where nothing is laid" do
    expect(tone(ground: "snow")).to eq(catalogue.kinds["grounds"]["snow"]["colour"])
  end
end
