# frozen_string_literal: true

require "securerandom"

# How a build stands at the bench. Times are worked by hand from the evaluation's own waits.
RSpec.describe "At the bench" do
  let(:evenings) { %w[mon wed].map { |day| { day: day, from: "19:00", to: "22:00" } } }
  let(:file) do
    plain_file(forms: [lift(3, rectangle(60, 40), id: "shelf")], calendar: { start: "2027-03-01T09:00", weekly: evenings },
      zones: [zone(course("earth_paste", thickness_mm: 2, id: "paste"), course("acrylic_paint", id: "tone"))],
      subjects: [figure(round(8), id: "heron", paint_min: 30)])
  end

  def event(kind, clock, step: nil, **data)
    { "id" => SecureRandom.uuid, "kind" => kind, "at" => "2027-03-01T#{clock}:00Z", "step" => step, "data" => data.transform_keys(&:to_s) }
  end

  def log(*rows) = GreenPlinth::Events::Log.new(rows.map { |row| GreenPlinth::Events::Event.of(row) })
  def evaluate = ->(design) { GreenPlinth.evaluate(design) }
  def at(clock) = minutes("2027-03-01T#{clock}")

  def stood(*rows, of: file)
    GreenPlinth.evaluate(design(of).with("progress", GreenPlinth::Events::Standing.new(log(*rows), of["copies"] || 1).progress))
  end

  def laid(*steps, clock: "19:10") = steps.map { |step| event("laid", clock, step: step) }

  describe GreenPlinth::Bench::UsedHere do
    def to_use(*rows) = GreenPlinth::Bench::Stage.new(stood(*rows), log(*rows), at("19:30"), 0.0, evaluate).to_h["to_use"]

    it "asks how much was used of what was laid in this sitting, until somebody has said so" do
      done = laid("plinth/prepare", "shelf/stack", "paste")
      paste = to_use(*done).find { |one| one["step"] == "paste" }["takes"].find { |take| take["material"] == "earth_paste" }
      # 60 cm² under 2 mm of what shrinks by a fifth, and a tenth for waste: 16.5 ml, to two digits, and half and twice of it.
      expect(paste).to include("amount" => 17, "unit" => "ml")
      expect(paste["choices"].minmax).to eq([8.3, 33])
      used = event("used", "19:20", step: "paste", material: "earth_paste", amount: 17, unit: "ml")
      expect(to_use(*done, used).select { |one| one["step"] == "paste" }).to eq([])
      off = event("redone", "19:25", step: "paste", why: "cracked")
      again = event("laid", "19:28", step: "paste")
      expect(to_use(*done, used, off, again).map { |one| one["step"] }).to include("paste")
    end

    it "asks nothing of another evening, of sheets, and of what was not laid" do
      yesterday = laid("plinth/prepare", "shelf/stack").map { |row| row.merge("at" => row["at"].sub("03-01", "02-24")) }
      expect(to_use(*yesterday)).to eq([])
      today = to_use(*laid("shelf/stack"))
      expect(today.flat_map { |one| one["takes"] }.map { |take| take["unit"] }).not_to include("mm2")
    end
  end

  describe GreenPlinth::Bench::Beginnings do
    def beginnings(clock, *rows) = described_class.new(stood(*rows), at(clock))

    it "offers what nothing holds back, and only what waits for nothing undone" do
      expect(beginnings("19:00").now.map { |one| one.step.id }).to include("plinth/prepare", "heron/paint")
      expect(beginnings("19:00").now.map { |one| one.step.id }).not_to include("shelf/stack")
      expect(beginnings("19:20", *laid("plinth/prepare")).now.map { |one| one.step.id }).to include("shelf/stack")
    end

    it "says what does not fit into what is left of the sitting, to the minute" do
      late = ->(clock) { beginnings(clock).now.find { |one| one.step.id == "heron/paint" }.not_now }
      expect(late["21:30"]).to be_nil
      expect(late["21:31"]).to eq("it takes 30 min, and 29 min are left")
    end

    it "says what would have to follow when nobody is at the bench" do
      bound = file.merge("tasks" => %w[mix smooth].map { |id| { "id" => id, "title" => id, "hands_on_min" => 10 } },
        "order" => [{ "first" => "mix", "then" => "smooth", "at_least_min" => 30, "at_most_min" => 90 }])
      now = ->(clock) { described_class.new(stood(of: bound), at(clock)).now.find { |one| one.step.id == "mix" }.not_now }
      # Mixed by 21:20 it is smoothed by 22:00: 10 + 30 + 10 minutes; later it would have to be between 30 and 90 minutes after ten.
      expect(now["21:10"]).to be_nil
      expect(now["21:25"]).to match(/“Smooth” must follow between Mon 1 Mar, 22:05 and Mon 1 Mar, 23:05, when you are not at the bench/)
    end

    it "tells what comes when something has dried" do
      done = laid("plinth/prepare", "shelf/stack", "paste", "heron/paint", "subjects/dry-fit")
      coming = beginnings("20:00", *done).coming
      expect(coming.step.id).to eq("tone")
      wait = stood(*done).network.by_id["tone"].after.find { |one| one.first == "paste" }
      expect(coming.at).to eq(at("19:10") + wait.at_least_min)
    end
  end

  describe GreenPlinth::Bench::Windows do
    let(:bound) do
      file.merge("tasks" => %w[mix smooth].map { |id| { "id" => id, "title" => id, "hands_on_min" => 10 } },
        "order" => [{ "first" => "mix", "then" => "smooth", "at_least_min" => 30, "at_most_min" => 90 }])
    end

    def windows(clock, *rows)
      evaluation = stood(*rows, of: bound)
      described_class.new(evaluation.steps, evaluation.batches.stands, GreenPlinth::Events::Standing.new(log(*rows)), evaluation.catalogue)
        .at(at(clock)).select { |one| one.kind == "follow" }
    end

    it "run from when the first was really done, wait, are open, and are missed" do
      rows = laid("mix", clock: "19:40")
      one = windows("19:50", *rows).first
      expect(one).to have_attributes(title: "Smooth", opens: at("20:10"), closes: at("21:10"))
      expect(%w[20:09 20:10 21:10 21:11].map { |clock| one.state(at(clock)) }).to eq(%w[waits open open missed])
    end

    it "say how their end comes about: from when it was done, the most that may pass" do
      how = windows("19:50", *laid("mix", clock: "19:40")).first.how.to_h
      expect(how["value"]).to eq("2027-03-01T21:10")
      expect(how["inputs"].map { |one|
 one.values_at("value", "unit") }).to eq([["2027-03-01T19:40", "moment"], [30.0, "min"], [90.0, "min"]])
    end

    it "are met by beginning in time, and are told no more" do
      expect(windows("20:30", *laid("mix", clock: "19:40"), event("started", "20:30", step: "smooth"))).to be_empty
      expect(windows("19:10")).to be_empty
    end
  end

  describe GreenPlinth::Bench::Removal do
    def removal(part, *rows) = described_class.new(stood(*rows), part, evaluate, log(*rows))

    let(:done) { laid("plinth/prepare", "shelf/stack", "paste", "tone") }

    it "takes off with a course what was laid over it, and nothing beneath" do
      expect(removal("/zones/0/courses/0", *done).again.map(&:step)).to eq(%w[paste tone])
      expect(removal("/zones/0/courses/1", *done).again.map(&:step)).to eq(%w[tone])
    end

    it "takes off with a form all that lies on it, but not what was never done" do
      expect(removal("/forms/0", *done).again.map(&:step)).to eq(%w[shelf/stack paste tone])
      expect(removal("/forms/0", *laid("plinth/prepare")).again).to be_empty
    end

    it "takes off with a course on a water what was laid on it later, and not its pours" do
      sea = { "id" => "sea", "medium" => "acrylic_water", "level_mm" => 8, "outline" => rectangle(60, 40), "sealed" => true,
              "courses" => [{ "id" => "gel", "material" => "water_gel" }, { "id" => "white", "material" => "foam_paste" }] }
      wet = file.merge("waters" => [sea])
      rows = laid("plinth/prepare", "shelf/stack", "paste", "tone", "sea/pour", "gel", "white")
      off = ->(part) { described_class.new(stood(*rows, of: wet), part, evaluate, log(*rows)).again.map(&:step) }
      expect(off["/waters/0/courses/0"]).to eq(%w[gel white])
      expect(off["/waters/0/courses/1"]).to eq(%w[white])
    end

    it "foretells the date that the event then makes" do
      wrong = { "id" => SecureRandom.uuid, "kind" => "redone", "at" => "2027-03-01T21:55:00Z" }
      told = removal("/forms/0", *done).to_h(wrong)
      after = stood(*done, told["event"])
      expect(told["ready_after"]).to eq(GreenPlinth::Moment.format(after.schedule.ready_at))
      expect(told["hands_on_min"]).to eq(told["again"].sum { |one| one["hands_on_min"] })
      expect(after.design.progress.done.keys).to eq(["plinth/prepare"])
    end
  end

  describe GreenPlinth::Bench::AsOf do
    it "plans from now what was planned by now and not begun, and leaves a plan alone that nothing was missed of" do
      plain = stood
      as_of = described_class.new(plain, evaluate)
      expect(as_of.at(at("18:00"))).to equal(plain)
      expect(as_of.at(at("21:00")).schedule.starts.values.min).to be >= at("21:00")
    end
  end

  describe GreenPlinth::Bench::Stage do
    def stage(clock, *rows, of: file, **more)
      instant = Time.utc(2027, 3, 1, *clock.split(":").map(&:to_i)).to_f
      described_class.new(stood(*rows, of: of), log(*rows), at(clock), instant, evaluate, **more).to_h
    end

    it "tells how many bases took how long, and when the last is in hand" do
      four = file.merge("copies" => 4)
      rows = [event("started", "19:00", step: "plinth/prepare"), event("laid", "19:08", step: "plinth/prepare").merge("copies" => [1])]
      expect(stage("19:08", *rows, of: four)["in_hand"].first).to include("laid" => [1], "each_min" => 8.0, "last_at" => "2027-03-01T19:32")
      expect(stage("19:08", rows.first, of: four)["in_hand"].first).to include("each_min" => nil, "last_at" => nil)
    end

    # The plan begins at 9: whoever stands at the bench at 8 may begin, and go on.
    it "lets work begin before the day of the plan" do
      offered = ->(clock, *rows) { stage(clock, *rows)["beginnings"].map { |one| one["step"] } }
      expect(offered["08:00"]).to include("plinth/prepare", "heron/paint")
      done = laid("plinth/prepare", clock: "08:10")
      expect(offered["08:15", *done]).to include("shelf/stack")
      expect(offered["08:15", *done]).not_to include("paste")
      expect(stage("08:00")["ready_at"]).to eq(stage("09:00")["ready_at"])
    end

    it "keeps what was laid wet until it is dry, by its place" do
      wet = stage("20:00", *laid("plinth/prepare", "shelf/stack", clock: "19:40"))["wet"]
      tail = evaluation(file).steps.find { |step| step.id == "shelf/stack" }.tail_min
      expect(wet.map { |one| one.values_at("step", "names", "dry") })
        .to eq([["shelf/stack", ["shelf"], GreenPlinth::Moment.format(at("19:40") + tail)]])
    end

    it "tells what is left here, what was, and of troubles only those of ways of working that come up" do
      troubles = { "stack_cork" => [{ "why" => "dust" }], "varnish" => [{ "why" => "cold" }] }
      told = stage("19:30", *laid("plinth/prepare"), troubles: troubles)
      expect(told["left_here"]).to include("shelf/stack")
      expect(told["troubles"].map { |one| one["technique"] }).to eq(["stack_cork"])
      expect(told["recent"].map { |one| one.values_at("kind", "title") }).to eq([["laid", "Prepare the plinth"]])
    end

    it "goes on where no dates can be given" do
      stuck = file.merge("tasks" => [{ "id" => "mural", "title" => "Mural", "hands_on_min" => 900 }])
      told = stage("19:30", event("started", "19:20", step: "plinth/prepare"), of: stuck)
      expect(told).to include("ready_at" => nil, "trouble" => /takes 15 h/)
      expect(told["in_hand"].map { |one| one["step"] }).to eq(["plinth/prepare"])
    end
  end

  describe GreenPlinth::Bench::Moved do
    def moved(since, now, *rows)
      instant = Time.utc(2027, 3, 1, *since.split(":").map(&:to_i)).to_f
      described_class.new(design(file), log(*rows), instant, at(now), evaluate).to_h
    end

    it "finds nothing moved where all went as planned" do
      expect(moved("18:00", "18:30")).to include("moved_min" => 0, "why" => "The ready date stands where it stood.")
    end

    it "names what moved the date most, not what happened last" do
      done = laid("plinth/prepare", "shelf/stack", "paste", "heron/paint", clock: "19:30")
      wrong = event("redone", "21:50", step: "shelf/stack", off: %w[paste], why: "came loose")
      told = moved("21:00", "21:56", *done, wrong, event("still_wet", "21:55", step: "heron/paint"))
      expect(told["moved_min"]).to be_positive
      expect(told["why"]).to match(/later, mostly because “Stack cork sheet: shelf” has to be done again: came loose\./)
      expect(told["steps"].select { |one| one["moved"] }.map { |one| one["step"] }).to include("shelf/stack", "paste")
    end

    it "says that time passed where nothing was done, and what stopping costs" do
      told = moved("18:00", "21:59")
      expect(told["why"]).to match(/since what was planned by now was not begun/)
      expect(told.dig("stopped", "ready_at")).to be >= told.dig("now", "ready_at")
    end
  end

  describe "a plan that missed its window" do
    it "is kept with the build and searched on like any other" do
      bound = file.merge("tasks" => %w[mix smooth].map { |id| { "id" => id, "title" => id, "hands_on_min" => 10 } },
        "order" => [{ "first" => "mix", "then" => "smooth", "at_most_min" => 30 }])
      late = stood(*laid("mix", clock: "21:58"), of: bound)
      expect(late.infeasible).to be_nil
      plan = GreenPlinth::Questions::DatedPlan.new(late.plan.to_h)
      expect(GreenPlinth::Schedule::Scheduler.new(plan.network, effort: :quick).call.ready_at).to be <= late.schedule.ready_at
      expect(GreenPlinth::Questions::LongerSearch.new(late).call.ready_at).to be <= late.schedule.ready_at
    end
  end

  describe GreenPlinth::Bench::CleanUp do
    def lines(*ids) = described_class.new(catalogue, stood.steps.select { |step| ids.include?(step.id) }).lines.map { |one| one["line"] }

    it "tells of what was worked with, and of nothing else" do
      expect(lines("shelf/stack")).to include(/Blade covered/)
      expect(lines("tone")).to include(/Brushes into water/)
      expect(lines("tone")).not_to include(/Blade covered/)
      expect(lines).to be_empty
    end

    it "asks for nothing that is not there" do
      kinds = catalogue.kinds
      kinds["clean_ups"].each_value do |one|
        expect((one["mechanisms"] || []) - kinds["mechanisms"].keys).to be_empty
        expect((one["rigs"] || []) - kinds["rigs"].keys).to be_empty
        expect((one["phases"] || []) - kinds["phases"].keys).to be_empty
        expect((one["families"] || []) - kinds["families"].keys).to be_empty
        expect((one["ways"] || []) - catalogue.techniques.keys).to be_empty
      end
    end
  end

  describe GreenPlinth::Events::Troubles do
    it "are told by the way of working, without what was taken back" do
      of = { "technique" => "spread_paste", "title" => "Spread" }
      wrong = event("redone", "20:00", step: "paste", why: "cracked").merge("of" => of)
      back = event("took_back", "21:00", event: wrong["id"])
      expect(described_class.of([log(wrong)])["spread_paste"].map { |one| one["why"] }).to eq(["cracked"])
      expect(described_class.of([log(wrong, back)])).to be_empty
    end
  end
end
