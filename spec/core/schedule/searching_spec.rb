# frozen_string_literal: true

# What the search is made of: time turned round, latest starts, schedules pulled tight, and a solver for small ones.
RSpec.describe "Searching for a schedule" do
  include Keeps

  # Seeded networks with sittings, waits and, by turns, windows.
  def seeded(seed, steps: 14, windows: true)
    random = Random.new(seed)
    rows = Array.new(steps) do |i|
      after = (0...i).to_a.sample(random.rand(0..2), random: random).to_h do |first|
        least = [0, 0, 60, 240, 1440].sample(random: random)
        [:"s#{first}", [least, windows && random.rand < 0.2 ? least + 1500 : nil]]
      end
      [:"s#{i}", [random.rand(5..60), [0, 240, 900].sample(random: random), after]]
    end
    network(rows.to_h, sittings: evenings(60, 150), hands: random.rand(1..2))
  end

  def placed(net)
    heads = GreenPlinth::Schedule::Bounds.new(net).heads
    urgency = net.steps.to_h { |step| [step.id, -heads[step.id]] }
    [heads, GreenPlinth::Schedule::Placement.new(net, heads, urgency).call]
  end

  # Windows of a random network may contradict each other.
  def possible?(net)
    placed(net)
  rescue GreenPlinth::Infeasible
    false
  end

  def ready(net, starts) = net.steps.map { |step| starts[step.id] + step.hands_on_min + step.tail_min }.max

  describe GreenPlinth::Schedule::Network do
    it "turned round twice is itself, as far as steps, waits and sittings go" do
      net = seeded(3)
      by = net.sittings.last.last
      again = net.mirrored(by).mirrored(-net.start)
      expect(again.sittings).to eq(net.sittings)
      figures = ->(step) { step.after.map { |wait| [wait.first, step.id, wait.at_least_min, wait.at_most_min] } }
      waits = ->(one) { one.steps.flat_map(&figures).sort_by(&:inspect) }
      expect(waits[again]).to eq(waits[net])
    end

    it "turned round, a schedule still keeps its promises" do
      (1..8).each do |seed|
        net = seeded(seed)
        _, starts = placed(net)
        by = ready(net, starts)
        turned = starts.to_h { |id, start| [id, -(start + net.by_id[id].hands_on_min)] }
        expect(broken(net.mirrored(by), turned)).to eq([])
      end
    end
  end

  describe GreenPlinth::Schedule::Latest do
    it "goes back from the end through waits and sittings" do
      net = network({ a: [30, 0], b: [60, 600, { a: [1440] }] }, sittings: evenings(4))
      latest = described_class.new(net, minutes("2027-03-04T12:00")).call
      # b dries 10 h: it may end at 2:00 on the 4th, so in the sitting of the 3rd, 20:00; a a day before, in that of the 2nd.
      expect(latest.transform_values { |at| GreenPlinth::Moment.format(at) }).to eq("a" => "2027-03-02T19:30", "b" => "2027-03-03T20:00")
    end

    it "says when no room is left" do
      expect(described_class.new(network({ a: [30] }, sittings: evenings(1)), minutes("2027-03-01T18:00")).call).to be_nil
    end

    it "is never earlier than what a schedule that is ready by then does" do
      (1..12).each do |seed|
        net = seeded(seed)
        _, starts = placed(net)
        latest = described_class.new(net, ready(net, starts)).call
        expect(starts.select { |id, start| start > latest[id] }).to be_empty
      end
    end
  end

  describe GreenPlinth::Schedule::Justification do
    it "keeps every promise and is never later" do
      (1..20).each do |seed|
        net = seeded(seed)
        heads, starts = placed(net)
        better = described_class.new(net, heads).call(starts)
        expect(broken(net, better)).to eq([])
        expect(ready(net, better)).to be <= ready(net, starts)
      end
    end

    it "works backwards from a date, and keeps it" do
      (1..12).each do |seed|
        net = seeded(seed, windows: false)
        heads, starts = placed(net)
        by = ready(net, starts) + 2880
        late = described_class.new(net, heads).backward(starts, by) or next
        expect(ready(net, late)).to be <= by
        expect(broken(net, late)).to eq([])
        expect(late.values.min).to be >= starts.values.min
      end
    end
  end

  describe GreenPlinth::Schedule::Scheduler do
    it "keeps every promise at every effort" do
      (21..30).each do |seed|
        net = seeded(seed, windows: seed.even?)
        next if seed.even? && !possible?(net)

        expect(broken(net, described_class.new(net, effort: :quick).call.starts)).to eq([])
      end
    end

    it "tries a plan that is known to be good" do
      net = seeded(5, steps: 20)
      good = described_class.new(net, effort: :thorough).call
      told = net.dup.tap { |one| one.known = good.starts }
      expect(described_class.new(told, effort: :quick).call.ready_at).to be <= good.ready_at
    end

    it "says that no order keeps the windows only when a solver has proven it" do
      net = network({ a: [5], b: [40, 0, { a: [0, 10] }], c: [40, 0, { a: [0, 10] }] })
      expect { described_class.new(net).call }.to raise_error(GreenPlinth::Infeasible, /proven/)
      expect { described_class.new(net, effort: :quick).call }.to raise_error(GreenPlinth::Infeasible, /were found/)
    end
  end

  describe "pinned, held back and watched over" do
    def net_of(**members)
      step = network({ a: [20], b: [30, 0, { a: [60] }], c: [25] }, sittings: evenings(5))
      members.each { |id, more| more.each { |name, value| step.by_id[id.to_s].public_send(:"#{name}=", value) } }
      step
    end

    def starts(net) = GreenPlinth::Schedule::Scheduler.new(net).call.starts.transform_values { |at| GreenPlinth::Moment.format(at) }

    it "begins a pinned step when the maker said, in a sitting or not, and nothing else then" do
      net = net_of(b: { at: minutes("2027-03-02T08:00") })
      expect(starts(net)["b"]).to eq("2027-03-02T08:00")
      clash = net_of(a: { at: minutes("2027-03-01T19:10") })
      made = GreenPlinth::Schedule::Scheduler.new(clash).call
      expect(broken(clash, made.starts)).to eq([])
    end

    it "says what a pin does not leave time for" do
      net = net_of(b: { at: minutes("2027-03-01T19:30") })
      expect { starts(net) }.to raise_error(GreenPlinth::Infeasible, /b is pinned to .*19:30, but what it waits for/)
    end

    it "holds back what must not begin before" do
      expect(starts(net_of(a: { not_before: minutes("2027-03-03T00:00") }))["a"]).to eq("2027-03-03T19:00")
    end

    it "does not begin so late in a sitting that nobody is left to watch" do
      # 120 minutes a sitting: a takes 20, b 30 and 80 minutes of watching need another evening.
      expect(starts(net_of(b: { stay_min: 80 }))["b"]).to eq("2027-03-02T19:00")
    end

    it "counts the drying of what is done, and no hands" do
      net = net_of(a: { at: minutes("2027-02-28T20:00"), hands_on_min: 0, after: [] })
      expect(starts(net)).to include("b" => "2027-03-01T19:00")
    end
  end

  describe GreenPlinth::Schedule::Objective do
    let(:net) { network({ a: [30], b: [30, 0, { a: [1500] }], c: [30], d: [30] }, sittings: evenings(8)) }
    let(:soonest) { GreenPlinth::Schedule::Scheduler.new(net).call }

    def objective(name, by = nil) = described_class.new(soonest, by && minutes(by)).call(name)
    def sittings(answer) = GreenPlinth::Schedule::Sittings.of(answer).size

    it "gives up sittings, never the date" do
      spread = network({ a: [30], b: [30, 0, { a: [1500] }], c: [100], d: [30, 0, { c: [1300] }] }, sittings: evenings(8))
      first = GreenPlinth::Schedule::Scheduler.new(spread).call
      fewest = described_class.new(first, minutes("2027-03-06T00:00")).call(:fewest_sittings)
      expect(broken(spread, fewest.starts)).to eq([])
      expect(GreenPlinth::Schedule::Sittings.of(fewest).size).to be <= GreenPlinth::Schedule::Sittings.of(first).size
      expect(fewest.ready_at).to be <= minutes("2027-03-06T00:00")
    end

    it "begins as late as the date allows, and no later" do
      late = objective(:latest_start, "2027-03-07T00:00")
      expect(broken(net, late.starts)).to eq([])
      expect(late.ready_at).to be <= minutes("2027-03-07T00:00")
      expect(late.starts.values.min).to be > soonest.starts.values.min
    end

    it "stays with the soonest where there is no date, or none that can be met" do
      expect(objective(:latest_start)).to be(soonest)
      expect(objective(:latest_start, "2027-03-01T20:00")).to be(soonest)
    end
  end
end
