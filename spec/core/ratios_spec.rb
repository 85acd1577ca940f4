# frozen_string_literal: true

RSpec.describe "What was learnt" do
  describe GreenPlinth::Ratios do
    it "shrinks by n ÷ (n + 3)" do
      # ln 2 · 1/4 and ln 2 · 2/5, by hand
      expect(described_class.new("a" => [2.0]).factor("a")).to be_within(1e-4).of(1.1892)
      expect(described_class.new("a" => [2.0, 2.0]).factor("a")).to be_within(1e-4).of(1.3195)
      expect(described_class.new.factor("a")).to eq(1.0)
      # √(1 − 3/6) of the spread
      expect(described_class.new("a" => [1.0, 1.0, 1.0]).spread("a", 0.4)).to be_within(1e-4).of(0.2828)
      expect(described_class.new("a" => [1.0] * 1000).spread("a", 0.4)).to eq(0.05)
    end
  end

  describe GreenPlinth::Risks do
    it "is a Beta mean: (0.3 + again) ÷ (10 + done)" do
      expect(described_class.new.share("wall")).to eq(0.03)
      expect(described_class.new("wall" => [1, 3]).share("wall")).to be_within(1e-9).of(0.1)
      expect(described_class.new("wall" => [0, 90]).share("wall")).to be_within(1e-9).of(0.003)
    end
  end

  it "makes a way of working take as long as the maker is at it, and the chance of the date surer" do
    file = plain_file(zones: [zone(course("earth_paste", thickness_mm: 2, id: "paste"))])
    slow = GreenPlinth::Ratios.new("spread_paste" => [3.0] * 9)
    learnt = catalogue.with({}, {}, pace: slow)
    step = ->(with) { GreenPlinth.evaluate(design(file, with)).steps.find { |one| one.id == "paste" } }
    # 3^(9/12) = 2.2795
    expect(step[learnt].hands_on_min).to be_within(1).of(step[catalogue].hands_on_min * 2.2795)
    expect(learnt.technique("prime")).to equal(catalogue.technique("prime"))
  end

  it "keeps to its intervals: as often within them as they say" do
    random = Random.new(3)
    normal = -> { Math.sqrt(-2 * Math.log(1 - random.rand)) * Math.cos(2 * Math::PI * random.rand) }
    sigma = 0.25
    # Makers whose own factor is drawn as the shrinkage takes it: with variance σ² ÷ 3 beside σ² from time to time.
    inside = Array.new(4000) do
      own = normal.call * sigma / Math.sqrt(3)
      ratios = GreenPlinth::Ratios.new("a" => Array.new(6) { Math.exp(own + (normal.call * sigma)) })
      wide = Math.sqrt((sigma**2) + ((sigma**2) / 9)) # what is left unknown of the maker after six: σ² ÷ (6 + 3)
      (own + (normal.call * sigma) - Math.log(ratios.factor("a"))).abs <= 1.2816 * wide
    end
    # 80 % by the quantile 1.2816 of the normal distribution (tables).
    expect(inside.count(true) / 4000.0).to be_within(0.03).of(0.8)
  end
end
