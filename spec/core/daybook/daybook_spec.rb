# frozen_string_literal: true

require "nokogiri"
require "securerandom"

RSpec.describe "The daybook" do
  let(:file) do
    plain_file(title: "Fen & <reed>", story: "Where the *reed* grows", calendar: { start: "2027-03-01T19:00" },
      zones: [zone(course("earth_paste", thickness_mm: 2, id: "paste", colour: "#5a4632"), course("acrylic_primer", id: "primer"))])
  end
  let(:money) { ->(minor) { "#{minor} ct" } }

  def event(kind, at, step: nil, **data)
    { "id" => SecureRandom.uuid, "kind" => kind, "at" => "2027-03-#{at}:00Z", "step" => step, "data" => data.transform_keys(&:to_s) }
  end

  def story(*rows)
    log = GreenPlinth::Events::Log.new(rows.map { |row| GreenPlinth::Events::Event.of(row) })
    first = evaluation(file)
    stands = GreenPlinth.evaluate(first.design.with("progress", GreenPlinth::Events::Standing.new(log).progress))
    GreenPlinth::Daybook::Story.new(stands, first, log)
  end

  def evening
    [event("started", "01T19:00", step: "plinth/prepare"), event("laid", "01T19:20", step: "plinth/prepare"),
      event("started", "03T19:00", step: "paste"), event("laid", "03T19:09", step: "paste")]
  end

  describe GreenPlinth::Daybook::Story do
    it "puts what was planned at first beside what was" do
      prepare, paste = story(*evening).went
      plan = evaluation(file).schedule
      expect(prepare).to have_attributes(spent_min: 20.0, planned_start: plan.start("plinth/prepare"), begun: minutes("2027-03-01T19:00"))
      expect(paste).to have_attributes(spent_min: 9.0, planned_start: plan.start("paste"), finished: minutes("2027-03-03T19:09"), redos: 0)
    end

    it "tells days in order, each with what was done and noted on it" do
      told = story(*evening, event("noted", "03T20:00", text: "cold"), event("seen_dry", "04T08:00", step: "paste")).days
      expect(told.keys).to eq(%w[2027-03-01 2027-03-03 2027-03-04].map { |day| minutes("#{day}T00:00") })
      expect(told.values[1].map(&:title)).to eq(["Spread earth texture paste on ground", nil])
      expect(told.values[2].map(&:kind)).to eq(["seen_dry"])
    end

    it "counts material that came off again a second time, and what was left out not at all" do
      once = story(*evening).spent_minor
      twice = story(*evening, event("redone", "03T20:00", step: "paste", why: "cracked"), event("laid", "03T21:00", step: "paste"))
      expect(twice.spent_minor).to eq(2 * once)
      expect(twice.went.last).to have_attributes(redos: 1)
      expect(story(event("skipped", "01T19:00", step: "paste")).spent_minor).to eq(0)
    end

    it "knows nothing of time that nobody took" do
      expect(story(event("laid", "01T19:20", step: "plinth/prepare")).went.first.spent_min).to be_nil
      expect(story.span).to be_nil
      expect(story.to_h).to include("days" => [], "from" => nil, "hands_on_min" => 0.0)
    end

    it "keeps the air as a trace of its own, and out of the days" do
      air = [event("measured", "01T19:00", what: "temperature", value: 8.5), event("measured", "01T19:00", what: "thickness", value: 2)]
      expect(story(*air).climate).to eq([[minutes("2027-03-01T19:00"), "temperature", 8.5]])
      expect(story(*air).told.map(&:text)).to eq(["thickness: 2 mm"])
    end
  end

  describe GreenPlinth::Daybook::Sentences do
    def line(*rows) = story(*rows).then { |told| described_class.new(told, money).line(told.days.values.last.first) }

    it "says how long it took and dried, beside what was planned and foretold" do
      foretold = evaluation(file).steps.find { |step| step.id == "paste" }.tail_min
      said = line(*evening, event("seen_dry", "03T21:09", step: "paste")).then do
        told = story(*evening, event("seen_dry", "03T21:09", step: "paste"))
        described_class.new(told, money).line(told.days.values[1].first)
      end
      expect(said).to match(/9 min of work, \d+ min planned/)
      expect(said).to include("dry after 2 h, #{GreenPlinth::Moment.span(foretold)} foretold")
      expect(said).to match(/later than first planned/)
    end

    it "says what went wrong and why, what was left out, and the whole in a few words" do
      expect(line(event("redone", "01T20:00", step: "paste", what: "it cracked", why: "too thick")))
        .to eq("Done again: Spread earth texture paste on ground: it cracked: too thick.")
      expect(line(event("skipped", "01T20:00", step: "paste"))).to eq("Spread earth texture paste on ground: left out.")
      told = story(*evening)
      expect(described_class.new(told, money).summary)
        .to match(/29 min at the bench, as far as it was timed; #{told.spent_minor} ct of material\.\z/)
      expect(described_class.new(story, money).summary).to eq("Nothing has been begun yet.")
    end
  end

  describe "as files" do
    let(:told) do
      story(*evening, event("pictured", "03T20:00", picture: 1, text: "from <above>"), event("pictured", "03T20:05", picture: 2))
    end
    let(:pictures) { { 1 => "\xFF\xD8one".b } }

    it "is one page that holds its pictures and lets no words be more than words" do
      page = Nokogiri::HTML5(GreenPlinth::Daybook::Html.new(told, pictures, money).to_s)
      expect(page.at("title").text).to eq("Fen & <reed>")
      expect(page.css("img").map { |one| [one["src"], one["alt"]] })
        .to eq([["data:image/jpeg;base64,#{["\xFF\xD8one".b].pack("m0")}", "from <above>"]])
      expect(page.css("script, reed, above")).to be_empty
      expect(page.css(".swatch").first["style"]).to eq("background:#5a4632")
    end

    it "is text with its pictures beside it, and signs of the text stay signs" do
      files = GreenPlinth::Daybook::Markdown.new(told, pictures, money).files
      expect(files.keys).to contain_exactly("daybook.md", "planned-and-actual.svg", "pictures/1.jpg")
      expect(files["daybook.md"]).to include("# Fen & \\<reed\\>", "Where the \\*reed\\* grows", "![from \\<above\\>](pictures/1.jpg)")
      expect(files["daybook.md"]).not_to include("pictures/2.jpg")
    end

    it "is drawn on dark paper for a dark page, each of its colours another" do
      light, dark = [false, true].map { |mode| GreenPlinth::Daybook::TimelineSvg.new(told, dark: mode).to_s.scan(/#\h{6}/).uniq }
      expect(light & dark).to be_empty
      expect(light.size).to eq(dark.size)
    end

    it "is a drawing whose bars are as long as the work took" do
      drawn = Nokogiri::XML(GreenPlinth::Daybook::TimelineSvg.new(told).to_s, &:strict)
      bars = ->(colour) { drawn.css("rect[fill='#{colour}']").map { |one| one["width"].to_f } }
      hands = bars[GreenPlinth::Daybook::TimelineSvg::HANDS]
      # Two steps and the key's own.
      expect(hands.size).to eq(3)
      wet = bars[GreenPlinth::Daybook::TimelineSvg::WET].max
      from, to = told.span
      paste = told.went.last
      drawn_min = wet / (GreenPlinth::Daybook::TimelineSvg::WIDTH - GreenPlinth::Daybook::TimelineSvg::LEFT - 24) * (to - from)
      expect(drawn_min).to be_within(3).of(paste.ready - paste.finished)
    end
  end
end
