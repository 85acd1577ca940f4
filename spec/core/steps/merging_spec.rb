# frozen_string_literal: true

RSpec.describe GreenPlinth::Steps::Merging do
  include Works

  # @return [Array(Array<Work>, Array<Wait>)] what they become, and the waits between that
  def merged(works, waits = [])
    one = GreenPlinth::Steps::Merged.new(works, described_class.new(works, precedence(works, waits)).home)
    [one.works, one.waits(waits.map { |wait| wait.between(works.index(wait.first), works.index(wait.later)) })]
  end

  def alike(id, **more) = work(id, material: "acrylic_paint", **more)

  it "makes one of like works, with the sum of their amounts and all their places" do
    works, = merged([alike("west", amount: 2), alike("east", amount: 3)])
    expect(works.size).to eq(1)
    expect(works.first).to have_attributes(amount: 5, where: %w[/west /east])
    expect(works.first.title).to eq("Do west and east")
  end

  it "lists more than two as people do" do
    works, = merged(%w[a b c].map { |id| alike(id) })
    expect(works.first.title).to eq("Do a, b and c")
  end

  it "keeps apart what differs in material, coat or thickness" do
    works, = merged([alike("a"), work("b", material: "acrylic_ink"), alike("c", coat: 2, coats: 2)])
    expect(works.size).to eq(3)
  end

  it "keeps apart what one must precede the other" do
    one, other = alike("a"), alike("b")
    expect(merged([one, other], [waiting(one, other)]).first.size).to eq(2)
  end

  it "keeps apart what a third stands between" do
    one, other, between = alike("a"), alike("b"), work("x", phase: :wash)
    works, waits = merged([one, other, between], [waiting(one, between), waiting(between, other)])
    expect(works.size).to eq(3)
    expect(waits.map { |pair| [pair.first.id, pair.later.id] }).to eq([%w[a x], %w[x b]])
  end

  it "hands the waits of the merged on to what they became" do
    one, other, last = alike("a"), alike("b"), work("x", phase: :wash)
    works, waits = merged([one, other, last], [waiting(other, last)])
    expect(waits.first.first).to equal(works.first)
  end

  it "leaves bulk and greenery in their own place" do
    works, = merged([work("a", phase: :grass), work("b", phase: :grass)])
    expect(works.size).to eq(2)
  end

  it "never makes a circle" do
    pairs = PropCheck::Generators.array(
      PropCheck::Generators.tuple(PropCheck::Generators.choose(0..6), PropCheck::Generators.choose(1..6)), max: 15)
    PropCheck.forall(pairs) do |list|
      works = Array.new(7) { |i| alike("w#{i}") }
      # Always from the smaller to the larger: no circle goes in.
      ordered = list.map { |from, by| [from, from + by] }.select { |_, to| to < 7 }
      made, waits = merged(works, ordered.map { |from, to| waiting(works[from], works[to]) })
      edges = waits.map { |one| [one.first, one.later].map { |work| made.index { |other| other.equal?(work) } } }
      expect(edges.flatten).not_to include(nil)
      expect(Topological.sortable?(made.size, edges)).to be(true)
    end
  end
end
