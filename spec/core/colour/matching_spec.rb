# frozen_string_literal: true

require "prop_check"

# The search against every mix there is, looked at one by one.
RSpec.describe GreenPlinth::Colour::Matching do
  def part(colour, share = 1, strength = nil) = GreenPlinth::Colour::PaintMix::Paint.new(colour, share, strength)
  def lab(hex_or_xyz) = GreenPlinth::Colour::Lab.of_xyz(hex_or_xyz)

  def every(paints, most)
    shares = ->(count, left) { count.zero? ? [[]] : (0..left).flat_map { |n| shares[count - 1, left - n].map { |more| [n, *more] } } }
    shares[paints.size, most].select { |parts| parts.count(&:positive?).between?(1, 3) && parts.reduce(:gcd) == 1 }
  end

  def distance(wanted, paints, parts)
    used = paints.zip(parts).select { |_, share| share.positive? }.map { |paint, share| part(paint.colour, share, paint.strength) }
    GreenPlinth::Colour::Difference.between(GreenPlinth::Colour::Lab.of(wanted), lab(GreenPlinth::Colour::PaintMix.xyz(used)))
  end

  colours = PropCheck::Generators.tuple(*([PropCheck::Generators.choose(10..245)] * 3)).map { |rgb| format("#%02x%02x%02x", *rgb) }
  paints = PropCheck::Generators.array(PropCheck::Generators.tuple(colours, PropCheck::Generators.one_of(*[nil, 0.5, 2.0]
    .map { |strength| PropCheck::Generators.constant(strength) })), min: 2, max: 5)

  it "finds what looking at every mix finds, no better and no worse" do
    PropCheck.forall(colours, paints).with_config(n_runs: 25) do |wanted, offered|
      offered = offered.map { |colour, strength| part(colour, 1, strength) }
      found = described_class.new(wanted, offered, most_parts: 6).nearest(3)
      all = every(offered, 6).map { |parts| distance(wanted, offered, parts) }.sort
      expect(found.map(&:difference)).to match(all.first(3).map { |one| be_within(1e-6).of(one) })
      found.each do |one|
        parts = Array.new(offered.size, 0).tap { |list| one.parts.each { |paint, share| list[paint] = share } }
        expect(distance(wanted, offered, parts)).to be_within(1e-6).of(one.difference)
      end
    end
  end

  it "finds again the mix that a tone was made by" do
    offered = %w[#f2efe6 #1e1b18 #8c4a25 #c79a3c #3f5a3a #34507a #a82f2a].map { |colour| part(colour) }
    made = [[0, 4], [2, 3], [4, 1]]
    wanted = GreenPlinth::Colour::PaintMix.colour(made.map { |index, share| part(offered[index].colour, share) })
    best = described_class.new(wanted, offered).nearest.first
    expect(best.difference).to be < 0.5
    expect(best.colour).to eq(wanted) if best.parts == made
  end

  it "says the paint itself where it is the tone, and needs no second one" do
    expect(described_class.new("#8c4a25", [part("#8c4a25"), part("#f2efe6")]).nearest(1).first.parts).to eq([[0, 1]])
    expect(described_class.new("#8c4a25", [part("#ffffff")]).nearest.map(&:parts)).to eq([[[0, 1]]])
  end
end
