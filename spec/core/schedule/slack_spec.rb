# frozen_string_literal: true

RSpec.describe GreenPlinth::Schedule::Slack do
  def slack(...) = GreenPlinth.schedule(network(...)).slack

  it "is nothing on the critical chain" do
    expect(slack({ a: [10], b: [10, 0, { a: [100] }],
c: [10, 50, { b: [0] }] })).to eq({ "a" => 0, "b" => 0, "c" => 0 })
  end

  it "is what a short branch may wait" do
    expect(slack({ a: [10, 500], b: [10] })["b"]).to eq(490)
  end

  it "keeps within the sittings" do
    # b may be done on any evening but must end in one: the last that is early enough.
    made = GreenPlinth.schedule(network({ a: [60, 4 * 1440], b: [30] }, sittings: evenings(9)))
    latest = made.start("b") + made.slack["b"]
    expect(made.network.sittings).to include(satisfy { |from, to| from <= latest && latest + 30 <= to })
    expect(latest + 30).to be <= made.ready_at
  end

  it "is never below nothing, and a step moved by all of its slack leaves the date" do
    rows = PropCheck::Generators.array(
      PropCheck::Generators.tuple(PropCheck::Generators.choose(1..40), PropCheck::Generators.choose(0..300),
        PropCheck::Generators.choose(0..2)), min: 2, max: 9)
    PropCheck.forall(rows) do |list|
      steps = list.each_with_index.to_h do |(hands, tail, back), i|
        ["s#{i}", [hands, tail, i > back ? { "s#{i - back - 1}": [0] } : {}]]
      end
      made = GreenPlinth.schedule(network(steps))
      made.slack.each do |id, minutes|
        expect(minutes).to be >= 0
        expect(made.ready(id) + minutes).to be <= made.ready_at
      end
    end
  end
end
