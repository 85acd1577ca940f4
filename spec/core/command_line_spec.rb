# frozen_string_literal: true

require "tempfile"

RSpec.describe GreenPlinth::CommandLine do
  let(:out) { StringIO.new }
  let(:err) { StringIO.new }

  def run(*arguments, input: "")
    described_class.new(out: out, err: err, input: StringIO.new(input), now: Time.utc(2027, 1, 1)).run(arguments)
  end
  def path(name) = File.join(Specimens::ROOT, "samples", "#{name}.json")

  it "evaluates a file" do
    expect(run("evaluate", path("peat-bank"))).to eq(0)
    expect(JSON.parse(out.string)["waters"][0]["id"]).to eq("pool")
    expect(err.string).to be_empty
  end

  it "reads standard input" do
    expect(run("evaluate", "-", input: JSON.generate(plain_file))).to eq(0)
    expect(JSON.parse(out.string)["title"]).to eq("Specimen")
  end

  it "answers 2 for a file that is not valid, each problem on its own line" do
    expect(run("evaluate", "-", input: JSON.generate(plain_file.merge("scale" => -1, "copies" => 0)))).to eq(2)
    expect(err.string.lines.map(&:chomp)).to contain_exactly(%r{\A/scale: }, %r{\A/copies: })
    expect(out.string).to be_empty
  end

  it "answers 2 for a file that is not there" do
    expect(run("evaluate", "/no/such/file")).to eq(2)
    expect(err.string).to match(/cannot be read/)
  end

  it "answers 3 where no schedule can exist, with the evaluation all the same" do
    file = plain_file(tasks: [{ id: "mural", title: "Paint a mural", hands_on_min: 500 }],
      calendar: { weekly: [{ day: "mon", from: "19:00", to: "20:00" }] })
    expect(run("evaluate", "-", input: JSON.generate(file))).to eq(3)
    expect(JSON.parse(out.string)).to include("schedule" => nil, "infeasible" => /mural/)
    expect(err.string).to match(/mural takes 8 h 20 min/)
  end

  it "schedules a bare network" do
    text = JSON.generate("format" => "green-plinth-sequence/1", "start" => "2027-03-01T00:00", "sittings" => nil,
      "steps" => [{ "id" => "a", "hands_on_min" => 20, "tail_min" => 60 },
                  { "id" => "b", "hands_on_min" => 5, "after" => [{ "step" => "a", "at_least_min" => 90 }] }])
    expect(run("schedule", "-", input: text)).to eq(0)
    expect(JSON.parse(out.string)).to include("makespan_min" => 115, "proven_optimal" => true,
      "ready_at" => "2027-03-01T01:55")
  end

  it "answers 3 for a network that contradicts itself, saying so on both channels" do
    text = JSON.generate("format" => "green-plinth-sequence/1", "start" => "2027-03-01T00:00", "sittings" => nil,
      "steps" => [{ "id" => "a", "after" => [{ "step" => "b" }] }, { "id" => "b", "after" => [{ "step" => "a" }] }])
    expect(run("schedule", "-", input: text)).to eq(3)
    expect(JSON.parse(out.string)).to include("infeasible" => true, "why" => /circle: (a → b → a|b → a → b)/)
  end

  it "exports calendar, shopping list and plan" do
    { "ics" => /\ABEGIN:VCALENDAR/, "csv" => /\AMaterial,Colour/, "svg" => /\A<svg / }.each do |format, beginning|
      out.truncate(0)
      out.rewind
      expect(run("export", path("peat-bank"), "--to", format)).to eq(0)
      expect(out.string).to match(beginning)
    end
  end

  it "says what it can do when asked for something else" do
    expect(run("dance")).to eq(2)
    expect(err.string).to include("no command dance", "green-plinth evaluate FILE")
    expect(run("export", path("peat-bank"), "--to", "docx")).to eq(2)
    expect(run("evaluate")).to eq(2)
    expect(run("help")).to eq(0)
  end
end

RSpec.describe "Templates from a shell" do
  def exported(format)
    out = StringIO.new
    code = GreenPlinth::CommandLine.new(out: out, err: StringIO.new, input: StringIO.new(JSON.generate(sample("moor-riders"))))
      .run(["export", "-", "--to", format])
    [code, out.string]
  end

  { "pdf" => "%PDF-", "dxf" => "0\nSECTION", "cut-svg" => "<svg", "stl" => "Green Plinth, mm: Four moor riders" }.each do |format, start|
    it "writes #{format}" do
      code, text = exported(format)
      expect(code).to eq(0)
      expect(text.b).to start_with(start.b)
    end
  end

  it "writes a solid of as many triangles as it says" do
    bytes = exported("stl").last.b
    expect(bytes.bytesize).to eq(84 + (50 * bytes.byteslice(80, 4).unpack1("V")))
  end

  it "names the formats there are when another is asked for" do
    err = StringIO.new
    code = GreenPlinth::CommandLine.new(out: StringIO.new, err: err).run(["export", "-", "--to", "parchment"])
    expect(code).to eq(2)
    expect(err.string).to include("ics, csv, svg, pdf, dxf, cut-svg, stl")
  end
end
