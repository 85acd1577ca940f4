# frozen_string_literal: true

RSpec.describe GreenPlinth::Schedule::Circle do
  def circle(waits)
    made = network(waits.to_h { |id, firsts| [id, [1, 0, firsts.to_h { |first| [first, [0]] }]] })
    described_class.new(made.by_id, made.by_id.keys).shortest
  end

  it "is found, each step before the next" do
    expect(circle({ a: %i[c], b: %i[a], c: %i[b] })).to eq(%w[a b c]).or eq(%w[b c a]).or eq(%w[c a b])
  end

  it "is the shortest of several" do
    expect(circle({ a: %i[b d], b: %i[c], c: %i[a], d: %i[a] })).to contain_exactly("a", "d")
  end

  it "may be a step that waits for itself" do
    expect(circle({ a: %i[a], b: %i[a] })).to eq(%w[a])
  end
end
