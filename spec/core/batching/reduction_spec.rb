# frozen_string_literal: true

RSpec.describe GreenPlinth::Batching::Reduction do
  include Works

  def waits(*steps)
    described_class.new(steps).call.to_h { |one| [one.id, one.after.map { |wait| [wait.first, wait.at_least_min] }] }
  end

  it "tells the longest of several reasons to wait for the same step" do
    result = waits(step("a"), step("b", after: [after("a", 30), after("a", 90), after("a", 60)]))
    expect(result["b"]).to eq([["a", 90]])
  end

  it "keeps the tightest window of them all" do
    later = step("b", after: [after("a", 30, 200), after("a", 10, 100)])
    described_class.new([step("a"), later]).call
    expect(later.after.map { |wait| [wait.at_least_min, wait.at_most_min] }).to eq([[30, 100]])
  end

  it "leaves out what follows from a detour that is as long" do
    # a → b → c asks for 10 + 20 + 10 minutes at the least: waiting 30 for a adds nothing.
    result = waits(step("a"), step("b", after: [after("a", 10)]), step("c", after: [after("b", 20), after("a", 30)]))
    expect(result["c"]).to eq([["b", 20]])
  end

  it "keeps what asks for more than the detour" do
    result = waits(step("a"), step("b", after: [after("a", 10)]), step("c", after: [after("b", 20), after("a", 41)]))
    expect(result["c"]).to contain_exactly(["b", 20], ["a", 41])
  end

  it "keeps every window and every wish, implied or not" do
    result = waits(step("a"), step("b", after: [after("a")]), step("c", after: [after("b"), after("a", 0, 500)]),
      step("d", after: [after("b"), after("a", strength: :wish)]))
    expect(result["c"].map(&:first)).to contain_exactly("a", "b")
    expect(result["d"].map(&:first)).to contain_exactly("a", "b")
  end

  it "prefers the reason that says more, where two ask for the same" do
    later = step("b", after: [after("a", 60, code: "order/laid_on"), after("a", 60, code: "order/bed_sealed")])
    described_class.new([step("a"), later]).call
    expect(later.after.map(&:code)).to eq(["order/bed_sealed"])
  end

  it "never shortens what any step waits for any other" do
    rows = PropCheck::Generators.array(
      PropCheck::Generators.tuple(PropCheck::Generators.choose(0..5),
        PropCheck::Generators.choose(0..90)), min: 3, max: 14)
    PropCheck.forall(rows) do |list|
      make = lambda do
        list.each_with_index.map do |(_, _), i|
          firsts = list.each_with_index.select { |(back, _), j| j < i && (i - j) == back + 1 }
          step("s#{i}", 5, after: firsts.map { |(_, least), j| after("s#{j}", least) })
        end
      end
      expect(longest(described_class.new(make.call).call)).to eq(longest(make.call))
    end
  end

  # The longest way from the start to each step, by the waits it is told.
  def longest(steps)
    at = {}
    steps.sort_by { |one| one.id.delete("s").to_i }.each do |one|
      at[one.id] = one.after.map { |wait| at.fetch(wait.first) + 5 + wait.at_least_min }.max || 0
    end
    at
  end
end
