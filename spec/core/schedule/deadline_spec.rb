# frozen_string_literal: true

# What can be proven of when nothing can be ready, beyond each step by itself. Expected values by hand.
RSpec.describe GreenPlinth::Schedule::Deadline do
  # @return [String] the moment before which nothing can be ready
  def bound(net)
    bounds = GreenPlinth::Schedule::Bounds.new(net)
    ready = GreenPlinth::Schedule::Scheduler.new(net, effort: :quick).call.ready_at
    GreenPlinth::Moment.format(described_class.bound(net, bounds.heads, bounds.ready, ready))
  end

  it "gives each step an evening where no two fit into one" do
    # 5 × 70 minutes would fit into three evenings of 120 by their sum.
    net = network(Array.new(5) { |i| ["s#{i}", [70]] }.to_h, sittings: evenings(9))
    expect(GreenPlinth::Moment.format(GreenPlinth::Schedule::Bounds.new(net).ready)).to eq("2027-03-03T20:50")
    expect(bound(net)).to eq("2027-03-05T20:10")
  end

  it "lets small work share the evening with large work" do
    # 100 + 20 fills each of three evenings.
    net = network({ a: [100], b: [100], c: [100], d: [20], e: [20], f: [20] }, sittings: evenings(9))
    expect(bound(net)).to eq("2027-03-03T21:00")
  end

  it "lets a step wait for all that it needs, not for the last of them alone" do
    net = network({ a: [70], b: [70], c: [70], d: [10, 0, { a: [5], b: [5], c: [5] }] }, sittings: evenings(9))
    # Three evenings for a, b and c; five minutes later the 10 of d: 19:00 + 70 + 5 + 10.
    expect(bound(net)).to eq("2027-03-03T20:25")
  end

  it "sees what must lie between two moments" do
    days = 3 * 1440
    between = Array.new(4) { |i| ["s#{i}", [70, 0, { a: [0] }]] }.to_h
    last = [10, days, between.keys.to_h { |id| [id, [0]] }]
    net = network({ a: [10], **between.transform_keys(&:to_sym), z: last }, sittings: evenings(12))
    # a and one of the four on the first evening, the others on three more; z right after the last, and then three days.
    expect(bound(net)).to eq("2027-03-07T20:20")
  end

  it "is shared by more pairs of hands" do
    net = network(Array.new(4) { |i| ["s#{i}", [70]] }.to_h, sittings: evenings(9), hands: 2)
    expect(bound(net)).to eq("2027-03-02T20:10")
  end

  it "knows when there is no way at all" do
    net = network({ a: [70], b: [70], c: [70] }, sittings: evenings(2))
    heads = GreenPlinth::Schedule::Bounds.new(net).heads
    expect(described_class.new(net, heads).impossible?(minutes("2027-03-02T21:00"))).to be(true)
  end

  it "proves no more than is so: no plan is ready before it, by a solver" do
    12.times do |seed|
      random = Random.new(seed)
      steps = Array.new(6) do |i|
        after = (0...i).to_a.sample(random.rand(3), random: random).to_h { |first| ["s#{first}", [random.rand(400)]] }
        ["s#{i}", [10 + random.rand(60), random.rand(300), after]]
      end
      net = network(steps.to_h, sittings: evenings(9, 60 + random.rand(60)))
      begin
        optimum = Oracle.new(net).makespan or next
        proven = minutes(bound(net)) - net.start
      rescue GreenPlinth::Infeasible
        next
      end
      expect(proven).to be <= optimum, "seed #{seed}: #{proven} and #{optimum}"
    end
  end

  it "is looked for where the search alone proves nothing, and ends it" do
    net = network(Array.new(5) { |i| ["s#{i}", [70]] }.to_h, sittings: evenings(9))
    expect(GreenPlinth::Schedule::Scheduler.new(net, effort: :thorough).call.proven_optimal?).to be(true)
  end
end
