# frozen_string_literal: true

RSpec.describe GreenPlinth::Drying::History do
  def history(*ratios) = described_class.new({ "earth_paste" => ratios })

  it "is the catalogue's own figure where nothing was seen" do
    expect(history.factor("earth_paste")).to eq(1.0)
    expect(history(2.0).factor("mud_paste")).to eq(1.0)
    expect(history.told("earth_paste")).to be_nil
    expect(history.spread("earth_paste", 0.35)).to eq(0.35)
  end

  it "weighs n observations n to 3, by hand" do
    # Seen once, twice as long: a quarter of the way in logarithms, 2^(1/4) = 1.189.
    expect(history(2.0).factor("earth_paste")).to be_within(1e-3).of(1.189)
    # Three times: half the way, √2.
    expect(history(2.0, 2.0, 2.0).factor("earth_paste")).to be_within(1e-3).of(1.414)
    # Once twice as long and once half as long: as foretold.
    expect(history(2.0, 0.5).factor("earth_paste")).to be_within(1e-9).of(1.0)
  end

  it "goes all the way in the end, and varies less, but never not at all" do
    often = history(*[1.5] * 300)
    expect(often.factor("earth_paste")).to be_within(0.01).of(1.5)
    spreads = [0, 1, 3, 10, 300].map { |n| history(*[1.5] * n).spread("earth_paste", 0.35) }
    expect(spreads).to eq(spreads.sort.reverse)
    expect(spreads.last).to eq(described_class::LEAST_SPREAD)
    expect(often.spread("earth_paste", 0.0)).to eq(0.0)
  end

  it "makes the forecast longer, and says so, but leaves the time to work it" do
    climate = design(plain_file).climate
    plain = GreenPlinth::Drying::Forecast.new(climate).call(catalogue["earth_paste"])
    own = GreenPlinth::Drying::Forecast.new(climate, history(2.0, 2.0, 2.0)).call(catalogue["earth_paste"])
    expect(own.dry_min).to be_within(1).of(plain.dry_min * Math.sqrt(2))
    expect(own.open_min).to eq(plain.open_min)
    expect(own.factors.last).to have_attributes(name: "own history", why: /seen 3 times/, source: "your own notes")
  end
end
