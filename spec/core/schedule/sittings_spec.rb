# frozen_string_literal: true

RSpec.describe GreenPlinth::Schedule::Sittings do
  def sittings(...) = described_class.of(GreenPlinth.schedule(network(...)))

  it "leaves out evenings on which nothing is done" do
    used = sittings({ a: [30], b: [30, 0, { a: [50 * 60] }] }, sittings: evenings(5))
    expect(used.map do |one|
      GreenPlinth::Moment.format(one.from)
    end).to eq(%w[2027-03-01T19:00
      2027-03-03T19:00]).or eq(%w[2027-03-01T19:00 2027-03-04T19:00])
  end

  it "runs together what follows on without a long break, where the bench is always open" do
    used = sittings({ a: [30], b: [30, 0, { a: [20] }], c: [10, 0, { b: [300] }] })
    expect(used.map(&:steps)).to eq([%w[a b], %w[c]])
    expect(used.first.to - used.first.from).to eq(80)
  end

  it "lists steps in the order in which they are done" do
    used = sittings({ late: [10, 0, { early: [5] }], early: [10, 500], other: [10] }, sittings: evenings(2))
    expect(used.first.steps.index("early")).to be < used.first.steps.index("late")
  end

  it "is empty for nothing" do
    expect(sittings({})).to be_empty
  end
end
