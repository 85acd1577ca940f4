# frozen_string_literal: true

RSpec.describe GreenPlinth::Steps::Precedence do
  include Works

  let(:works) { %w[a b c d].map { |id| work(id) } }
  let(:precedence) { described_class.new(works) }
  let(:a) { works[0] }
  let(:b) { works[1] }
  let(:c) { works[2] }
  let(:d) { works[3] }

  def add(*pairs) = pairs.each { |first, later| precedence.add(waiting(first, later)) }

  it "knows what precedes what, by however many steps between" do
    add([a, b], [b, c])
    add([c, a])
    expect(precedence.conflicts.map do |conflict|
      conflict.path.map do |one|
        [one.first.id, one.later.id]
      end
    end).to eq([[%w[a b], %w[b c]]])
  end

  it "joins chains that were laid apart" do
    add([a, b], [c, d], [b, c])
    add([d, a])
    expect(precedence.conflicts.first.path.size).to eq(3)
  end

  it "takes in what has nothing to do with the rest" do
    add([a, b], [d, c])
    expect(precedence.conflicts).to be_empty
  end

  it "keeps out what would close a circle, with the shortest way it runs against" do
    add([a, b], [b, c], [a, c])
    precedence.add(waiting(c, a, code: "order/late"))
    conflict = precedence.conflicts.first
    expect(conflict.wait.code).to eq("order/late")
    expect(conflict.path.map { |one| [one.first.id, one.later.id] }).to eq([%w[a c]])
    expect(precedence.waits.size).to eq(3)
  end

  it "takes the same pair for more than one reason" do
    precedence.add(waiting(a, b, code: "order/one"))
    precedence.add(waiting(a, b, code: "order/two"))
    expect(precedence.waits.map(&:code)).to eq(%w[order/one order/two])
    expect(precedence.conflicts).to be_empty
  end

  it "never ends with a circle, whatever is put in" do
    pairs = PropCheck::Generators.array(
      PropCheck::Generators.tuple(PropCheck::Generators.choose(0..7), PropCheck::Generators.choose(0..7)), max: 40)
    PropCheck.forall(pairs) do |list|
      eight = Array.new(8) { |i| work("w#{i}") }
      made = described_class.new(eight)
      list.reject { |one, other| one == other }.each { |one, other| made.add(waiting(eight[one], eight[other])) }
      edges = made.waits.map { |one| [eight.index(one.first), eight.index(one.later)] }
      expect(Topological.sortable?(8, edges)).to be(true)
      expect(made.waits.size + made.conflicts.size).to eq(list.count { |one, other| one != other })
    end
  end
end
