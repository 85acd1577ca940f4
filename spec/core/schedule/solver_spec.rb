# frozen_string_literal: true

# The solver behind small schedules: its programs, and what it is asked of a network. Expected values by hand.
RSpec.describe "The solver" do
  include Keeps

  describe GreenPlinth::Schedule::Program do
    subject(:program) { described_class.new }

    it "finds the least cost within its rows" do
      x = program.column(0, 10, cost: 3)
      y = program.column(0, 10, cost: 2, whole: true)
      program.row(7, nil, x => 1, y => 2)
      solved = program.solve(2.0)
      # Four y cost 8; three y and one x cost 9.
      expect(solved).to have_attributes(proven: true, infeasible: false)
      expect(solved.values.map(&:round)).to eq([0, 4])
      expect(solved.cost).to be_within(1e-6).of(8)
      expect(solved.bound).to be <= 8.0 + 1e-6
    end

    it "says when nothing fits, and finds nothing then" do
      x = program.column(0, 1, cost: 1, whole: true)
      program.row(2, nil, x => 1)
      expect(program.solve(2.0)).to have_attributes(infeasible: true, values: nil)
    end

    it "tells the bounds of a column" do
      expect(program.bounds(program.column(-3, 5))).to eq([-3, 5])
    end
  end

  describe GreenPlinth::Schedule::Optimum do
    def optimum(net, known: nil)
      described_class.new(net, GreenPlinth::Schedule::Bounds.new(net), known)
    end

    def ready(net, starts) = net.ready(starts) - net.start

    it "packs two evenings where the order by urgency would take three" do
      # 60 + 60 and 70 + 50 fill two evenings of 120 minutes to the minute.
      net = network({ a: [60], b: [60], c: [70], d: [50] }, sittings: evenings(4))
      found = optimum(net)
      expect(broken(net, found.starts)).to eq([])
      expect(GreenPlinth::Moment.format(net.ready(found.starts))).to eq("2027-03-02T21:00")
      expect(found.bound).to eq(net.ready(found.starts))
    end

    it "lets one step dry while another is in hand" do
      net = network({ a: [20], b: [40], c: [10, 0, { a: [60] }] })
      found = optimum(net)
      expect(broken(net, found.starts)).to eq([])
      expect(ready(net, found.starts)).to eq(90)
    end

    it "looks only for what is better than what is known, and proves it where there is nothing" do
      net = network({ a: [20], b: [30], c: [10] })
      found = optimum(net, known: net.start + 60)
      expect(found.starts).to be_nil
      expect(found.bound).to eq(net.start + 60)
      expect(found).not_to be_impossible
    end

    it "proves that windows leave no schedule at all" do
      net = network({ a: [5], b: [40, 0, { a: [0, 10] }], c: [40, 0, { a: [0, 10] }] })
      expect(optimum(net)).to be_impossible
    end

    it "leaves room to watch, before the sitting ends" do
      net = network({ a: [50], b: [60] }, sittings: evenings(3))
      net.by_id["b"].stay_min = 30
      found = optimum(net)
      expect(broken(net, found.starts)).to eq([])
      expect(found.starts["b"] + 90).to be <= net.sittings.first.last
    end

    it "is asked only of small networks of one pair of hands, without pins and changes of the clock" do
      steps = (1..61).to_h { |i| [:"s#{i}", [10]] }
      expect(described_class.fits?(network({ a: [10] }))).to be(true)
      expect(described_class.fits?(network(steps))).to be(false)
      expect(described_class.fits?(network({ a: [10] }, hands: 2))).to be(false)
      pinned = network({ a: [10] }).tap { |net| net.by_id["a"].at = net.start + 60 }
      expect(described_class.fits?(pinned)).to be(false)
      zoned = network({ a: [10] }).tap { |net| net.clock = GreenPlinth::Clock.new("Europe/Berlin", net.start) }
      expect(described_class.fits?(zoned)).to be(false)
    end

    it "answers within its time, with a bound that is honest" do
      random = Random.new(3)
      steps = (1..20).to_h { |i| [:"s#{i}", [random.rand(20..70)]] }
      net = network(steps, sittings: evenings(30, 90))
      known = GreenPlinth::Schedule::Scheduler.new(net, effort: :quick).call
      found = described_class.new(net, GreenPlinth::Schedule::Bounds.new(net), known.ready_at, seconds: 0.5)
      expect(found.bound).to be <= known.ready_at if found.bound
      expect(broken(net, found.starts)).to eq([]) if found.starts
    end
  end
end
