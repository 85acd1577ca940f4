# frozen_string_literal: true

RSpec.describe GreenPlinth::Batching::Portions do
  include Works

  def portions(work, longest:, copies: 1, least: 1)
    described_class.new(longest, copies).of(work, least: least)
  end

  it "leaves whole what a sitting holds" do
    made = portions(work("a", minutes: 50), longest: 60)
    expect(made.map { |one| [one.id, one.hands_on_min] }).to eq([["a", 50]])
  end

  it "leaves everything whole on an always open bench" do
    expect(portions(work("a", minutes: 50), longest: nil, copies: 100).size).to eq(1)
  end

  it "batches copies evenly, none longer than a sitting" do
    made = portions(work("a", minutes: 7), longest: 30, copies: 10)
    expect(made.map { |one| one.copies.to_a }).to eq([[1, 2, 3, 4], [5, 6, 7, 8], [9, 10]])
    expect(made.map(&:hands_on_min).max).to be <= 30
  end

  it "cuts what may be left into even parts, with the set-up each time" do
    long = work("a", minutes: nil, amount: 100, splittable: true)
    made = portions(long, longest: 40)
    # 2 minutes of set-up and 100 of work: three parts of 2 + 33⅓.
    expect(made.map(&:hands_on_min)).to eq([35, 35, 35])
    expect(made.map(&:title).last).to match(/part 3 of 3/)
  end

  it "shares the material among the parts" do
    use = GreenPlinth::Quantities::Use.new(material: "acrylic_paint", amount: 9.0, unit: "ml")
    made = portions(work("a", minutes: nil, amount: 100, splittable: true, uses: [use]), longest: 40)
    expect(made.map { |one| one.uses.first.amount }).to all(be_within(1e-9).of(3))
  end

  it "takes material for every copy" do
    use = GreenPlinth::Quantities::Use.new(material: "acrylic_paint", amount: 2.0, unit: "ml")
    made = portions(work("a", minutes: 10, uses: [use]), longest: 30, copies: 6)
    expect(made.sum { |one| one.uses.first.amount }).to be_within(1e-9).of(12)
  end

  it "makes as many as it is asked to, to keep in step with other work" do
    expect(portions(work("a", minutes: 5), longest: 60, copies: 6, least: 3).size).to eq(3)
  end

  it "covers every copy once, in order, whatever the numbers" do
    PropCheck.forall(PropCheck::Generators.tuple(PropCheck::Generators.choose(1..60), PropCheck::Generators.choose(1..25),
      PropCheck::Generators.choose(25..200))) do |copies, each, longest|
      made = portions(work("a", minutes: each), longest: longest, copies: copies)
      expect(made.flat_map { |one| one.copies.to_a }).to eq((1..copies).to_a)
      expect(made.map(&:hands_on_min)).to all(be <= longest)
    end
  end
end
