# frozen_string_literal: true

RSpec.describe GreenPlinth::Drying::Trace do
  let(:paste) { catalogue["earth_paste"] }
  let(:usual) { climate(20, 50) }

  def climate(celsius, percent) = GreenPlinth::Design::Climate.of({ "temperature_c" => celsius, "humidity_pct" => percent })
  def trace(*readings) = described_class.new(readings, usual)

  it "comes to what the formula says where the air does not change, to a tenth of a percent" do
    air = PropCheck::Generators.tuple(PropCheck::Generators.choose(8..32), PropCheck::Generators.choose(30..80))
    PropCheck.forall(air) do |celsius, percent|
      readings = (0..40).map { |hour| [hour * 300, celsius, percent] }
      formula = GreenPlinth::Drying::Forecast.new(climate(celsius, percent)).call(paste, thickness_mm: 2).dry_min
      foretold = GreenPlinth::Drying::Forecast.new(usual).call(paste, thickness_mm: 2).dry_min
      expect(trace(*readings).minutes(0, foretold, paste)).to be_within([formula * 0.001, 1].max).of(formula)
    end
  end

  it "lets a cold damp night count for less, by the hand's own integral" do
    # Half of 600 min in the usual air, then 8 °C at 88 %: vapour pressure deficit by the Magnus form (WMO-No. 8),
    # 6.112 e^(17.62·8/251.12) · 0.12 = 1.2858 hPa against 6.112 e^(17.62·20/263.12) · 0.5 = 11.6623 hPa; longer by 9.07, no more than 5.
    night = trace([300, 8.0, 88.0], [300 + 600, 20.0, 50.0])
    # 600 min of night are 600 ÷ 3000 = 0.2 of the whole; what is left, 0.3, takes 180 min by day.
    expect(night.minutes(0, 600, paste)).to be_within(0.01).of(300 + 600 + 180)
  end

  it "goes by the usual air before the first reading and half a day after the last" do
    cold = trace([-10_000, 8.0, 88.0])
    expect(cold.minutes(0, 600, paste)).to eq(600)
    expect(trace([0, 8.0, 88.0]).minutes(0, 600, paste)).to be_within(0.01).of(720 + ((1 - (720 / 3000.0)) * 600))
  end

  it "takes what was not read as it was read last, and what reacts by warmth alone" do
    warm = trace([0, 30.0, nil])
    resin = catalogue["two_part_resin"]
    # Twice as quick for every 10 °C.
    expect(warm.minutes(0, 600, resin)).to be_within(0.01).of(300)
    expect(trace([0, nil, 90.0]).minutes(0, 600, resin)).to eq(600)
  end
end
