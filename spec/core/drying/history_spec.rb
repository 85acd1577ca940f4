# frozen_string_literal: true

RSpec.describe GreenPlinth::Drying::History do
  def history(*ratios) = described_class.new({ "earth_paste" => ratios })

  it "is the catalogue's own figure where nothing was seen" do
    expect(history.factor("earth_paste")).to eq(1.0)
    expect(history(2.0).factor("mud_paste")).to eq(1.0)
    expect(history.noted_factor("earth_paste")).to be_nil
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

  it "narrows how sure a date is" do
    file = plain_file(zones: [zone(course("earth_paste", thickness_mm: 3))], schools: { rim: "bare" })
    width = lambda do |seen|
      own = catalogue.with({}, {}, described_class.new({ "earth_paste" => [1.0] * seen }))
      told = GreenPlinth.evaluate(design(file, own)).chance
      told.by(0.95) - told.by(0.5)
    end
    expect(width[100]).to be < width[0]
  end

  it "moves with the material, not with its neighbours" do
    own = catalogue.with({}, {}, history(3.0, 3.0, 3.0))
    file = plain_file(zones: [zone(course("earth_paste", thickness_mm: 2)),
                              zone(course("sand_paste", thickness_mm: 2), id: "shore", outline: round(20))])
    tails = ->(with) { GreenPlinth.evaluate(design(file, with)).steps.to_h { |step| [step.material, step.tail_min] } }
    before, after = tails[catalogue], tails[own]
    expect(after["earth_paste"]).to be > before["earth_paste"]
    expect(after["sand_paste"]).to eq(before["sand_paste"])
  end
end
