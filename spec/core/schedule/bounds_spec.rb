# frozen_string_literal: true

RSpec.describe GreenPlinth::Schedule::Bounds do
  def bound(...) = network(...).then { |made| described_class.new(made).ready - made.start }

  it "is the longest chain with its drying" do
    expect(bound({ a: [10], b: [10, 300, { a: [60] }], c: [5] })).to eq(380)
  end

  it "is the hands' own time where the chains are short" do
    expect(bound({ a: [30], b: [40], c: [50] })).to eq(120)
  end

  it "is shared by more pairs of hands" do
    expect(bound({ a: [30], b: [30], c: [30], d: [30] }, hands: 2)).to eq(60)
  end

  it "knows when the bench is open" do
    # Two steps of 90 minutes do not go into one evening of two hours: the second is done on the next, at 20:30.
    made = network({ a: [90], b: [90, 0, { a: [0] }] }, sittings: evenings(3))
    expect(described_class.new(made).ready).to eq(minutes("2027-03-02T20:30"))
  end

  it "lets a window push what comes before it" do
    heads = described_class.new(network({ a: [10], b: [10], c: [10, 0, { a: [0, 20], b: [500] }] })).heads
    expect(heads["a"] - minutes("2027-03-01T00:00")).to be >= 480
  end

  it "is never beaten by any schedule found" do
    rows = PropCheck::Generators.array(
      PropCheck::Generators.tuple(PropCheck::Generators.choose(1..60), PropCheck::Generators.choose(0..200),
        PropCheck::Generators.choose(0..3)), min: 1, max: 10)
    PropCheck.forall(rows) do |list|
      steps = list.each_with_index.to_h do |(hands, tail, back), i|
        ["s#{i}", [hands, tail, i > back ? { "s#{i - back - 1}": [tail] } : {}]]
      end
      made = network(steps, sittings: evenings(60))
      expect(described_class.new(made).ready).to be <= GreenPlinth.schedule(made).ready_at
    end
  end
end
