# frozen_string_literal: true

# Several builds, and several copies of one, at one bench.
RSpec.describe "Shared hands" do
  let(:weekly) { %w[mon wed fri].map { |day| { day: day, from: "19:00", to: "21:00" } } }

  def build(title, by: nil, hands_on: 100, **more)
    evaluation(plain_file(title: title,
      tasks: [{ id: "one", title: "First", hands_on_min: hands_on }, { id: "two", title: "Second", hands_on_min: hands_on }],
      calendar: { start: "2027-03-01T09:00", weekly: weekly, finish_by: by }.compact, **more))
  end

  describe GreenPlinth::Questions::Shared do
    # As it is kept with each build: as JSON.
    def shared(builds)
      described_class.new(builds.transform_values { |build|
 GreenPlinth::Questions::DatedPlan.new(JSON.parse(JSON.generate(build.plan.to_h))) })
    end

    it "does no two things at once, and each in a sitting" do
      made = shared({ a: build("A"), b: build("B"), c: build("C") })
      spans = made.work.map { |one| [one.start, one[:finish]] }.sort
      expect(spans.each_cons(2)).to all(satisfy { |(_, to), (from, _)| to <= from })
      sittings = build("A").design.calendar.sittings
      expect(spans).to all(satisfy { |from, to| sittings.any? { |a, b| a <= from && to <= b } })
    end

    it "says how each date comes about: alone, and how long the hands are on it and on the others until then" do
      made = shared({ a: build("A"), b: build("B") })
      first, last = made.turns
      how = made.dates_of(last)["how"]
      expect(how["value"]).to eq(made.dates_of(last)["shared"])
      alone, own, others = how["inputs"].map { |one| one["value"] }
      expect(alone).to eq(made.dates_of(last)["alone"])
      minutes = made.work.group_by(&:key).transform_values { |stints| stints.sum { |one| one[:finish] - one.start } }
      expect(own).to be_within(0.01).of(minutes[last] / 60.0)
      expect(others).to be_within(0.01).of(minutes[first] / 60.0)
    end

    it "lets the build that is wanted first go first" do
      made = shared({ later: build("Later", by: "2027-03-20T12:00"), sooner: build("Sooner", by: "2027-03-04T12:00") })
      expect(made.turns).to eq(%i[sooner later])
      expect(made.answers[:sooner].ready_at).to be < made.answers[:later].ready_at
    end

    it "changes places where all are less late for it" do
      # The long one is late whichever goes first; the short one is in time only when it does.
      long = build("Long", by: "2027-03-02T12:00", hands_on: 118)
      short = build("Short", by: "2027-03-03T23:00", hands_on: 50)
      expect(shared({ long: long, short: short }).turns).to eq(%i[short long])
    end

    it "lets a build with little choice go before one that has more" do
      expect(shared({ free: build("Free", by: "2027-03-02T00:00", hands_on: 60), tied: tied("Tied") }).answers.keys)
        .to match_array(%i[free tied])
    end

    it "leaves a build out for which no sittings are left" do
      expect(shared({ one: tied("One"), other: tied("Other") }).answers.size).to eq(1)
    end

    it "lays builds with hours of their own in what the others have left" do
      weekend = [{ day: "sat", from: "10:00", to: "14:00" }, { day: "mon", from: "18:00", to: "20:00" }]
      made = shared({ a: build("A"), b: build("B", calendar: { start: "2027-03-01T09:00", weekly: weekend }), c: build("C") })
      expect(made.answers.keys).to match_array(%i[a b c])
      spans = made.work.map { |one| [one.start, one.finish] }.sort
      expect(spans.each_cons(2)).to all(satisfy { |(_, to), (from, _)| to <= from })
    end

    it "has one build under the hands while another dries, and says what that gains" do
      # Two coats, a day apart by their drying, in sittings that hold one coat of each: 1, 2 and 1, 2 together; 1, 2 and 3, 4 in turn.
      zones = [zone(course("earth_paste", thickness_mm: 3), course("acrylic_paint"))]
      made = shared(%i[a b c].to_h { |key| [key, evaluation(plain_file(title: key.to_s, zones: zones,
        calendar: { start: "2027-03-01T09:00", weekly: weekly, finish_by: "2027-03-03T20:00" }))] })
      made.improve until made.finished?
      expect(made.gain_min).to be >= 0
      orders = made.work.map(&:key)
      expect(orders.each_cons(2).count { |one, other| one != other }).to be > 2
    end

    it "keeps what it has come to, and never makes it worse" do
      made = shared((1..6).to_h { |n| [n, build(n.to_s, by: "2027-03-0#{n}T12:00", hands_on: 20 * n)] })
      late = -> { made.answers.sum { |key, share| [share.ready_at - minutes("2027-03-0#{key}T12:00"), 0].max } }
      before = late.call
      until made.finished?
        made.improve
        expect(late.call).to be <= before
        before = late.call
      end
    end

    # One evening of four hours, and never again.
    def tied(title)
      build(title, hands_on: 90, schools: { rim: "bare" }, calendar: { start: "2027-03-01T09:00", weekly: weekly.first(1),
                                                                       extra: [{ from: "2027-03-01T19:00", to: "2027-03-01T23:00" }],
                                                                       away: [{ from: "2027-03-02T00:00", to: "2031-01-01T00:00" }] })
    end
  end

  describe "a batch" do
    def batch(copies, **more)
      evaluation(plain_file(copies: copies, subjects: [figure(round(8), paint_min: 20)],
        zones: [zone(course("earth_paste", thickness_mm: 2), course("acrylic_paint"))],
        calendar: { start: "2027-03-01T09:00", weekly: weekly }, **more))
    end

    it "takes less of each base's time than one at a time, and is ready sooner" do
      told = batch(8).batch
      together, single = told.values_at("together", "one_by_one")
      expect(together["hands_on_min"]).to be < single["hands_on_min"]
      expect(together["ready_at"]).to be < single["ready_at"]
      expect(together["buy_minor"]).to be < single["buy_minor"]
    end

    it "shows each kind of work with every base once" do
      told = batch(8).batch
      told["lines"].reject { |line| line["id"].start_with?("plinth/rim") }.each do |line|
        expect(line["batches"].flat_map { |part| Range.new(*part["copies"]).to_a }.sort).to eq((1..8).to_a), line["title"]
      end
      expect(told["sittings"].size).to eq(told["together"]["sittings"])
    end

    it "splits long work over the room that sittings leave, in turn" do
      steps = batch(12).steps.select { |step| step.id.start_with?("figure/paint") }
      expect(steps.map(&:hands_on_min)).to all(be <= 120)
      expect(steps.flat_map { |step| step.copies.to_a }).to eq((1..12).to_a)
    end

    it "keeps the batches a maker has done" do
      first = batch(12)
      done = first.steps.find { |step| step.id.start_with?("figure/paint/bases-") }
      again = batch(12, progress: { done: [{ step: done.id, finished: "2027-03-01T20:30" }] })
      expect(again.steps.map(&:id)).to include(done.id)
      painted = again.steps.select { |step| step.id.start_with?("figure/paint") }
      expect(painted.flat_map { |step| step.copies.to_a }.sort).to eq((1..12).to_a)
    end
  end

  describe GreenPlinth::Questions::OneByOne do
    it "begins each when the one before is ready, by hand" do
      # Two hours of work, then ten of drying: 12 h each on an always open bench.
      net = network({ a: [120, 600] })
      expect(described_class.new(net, 3).ready_at).to eq(net.start + (3 * 720))
    end

    it "reckons long rows from the first of them" do
      line = described_class.new(network({ a: [120, 600] }), 100)
      expect(line).to be_about
      expect(line.ready_at).to eq(minutes("2027-03-01T00:00") + (100 * 720))
    end
  end

  describe GreenPlinth::Batching::Flow do
    def some(copies, each, set_up: 0)
      GreenPlinth::Steps::Step.new(copies: copies, each_min: each, hands_on_min: set_up + (copies.size * each))
    end

    it "lets the first base dry while the last is in hand" do
      # Ten bases, 3 minutes each in both rounds: the first has waited 27 minutes when the last is done, and so has the last by its turn.
      flow = described_class.new(some(1..10, 3), some(1..10, 3))
      expect(flow.at_least(60)).to eq(33)
      expect(flow.at_least(20)).to eq(0)
    end

    it "waits for the worse of first and last where the rounds go at other speeds" do
      expect(described_class.new(some(1..10, 1), some(1..10, 5)).at_least(60)).to eq(51)
      expect(described_class.new(some(1..10, 5), some(1..10, 1)).at_least(60)).to eq(51)
    end

    it "closes a window for all that it would close for one" do
      expect(described_class.new(some(1..5, 4), some(1..5, 10, set_up: 2)).at_most(90)).to eq(90 - 2 - 40)
    end

    it "is the plain wait for one base" do
      expect(described_class.new(some(1..1, 4), some(1..1, 9)).at_least(60)).to eq(60)
    end
  end

  describe GreenPlinth::Batching::Mixing do
    def times(key, pot, laying) = described_class.times(catalogue[key], pot, laying)

    it "mixes as often as the pot life asks" do
      expect(times("plaster", 8, 20)).to eq(3)
      expect(times("two_part_resin", 30, 25)).to eq(1)
    end

    it "mixes nothing that waits in its pot" do
      expect(times("plaster_cloth", 5, 60)).to eq(1)
      expect([times("earth_paste", 30, 100), times("superglue_gel", 0.3, 40), times(nil, nil, 40)]).to all(eq(1))
    end
  end
end
