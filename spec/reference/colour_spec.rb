# frozen_string_literal: true

# Source: Sharma, Wu and Dalal, "The CIEDE2000 Color-Difference Formula: Implementation Notes, Supplementary Test
# Data, and Mathematical Observations", Color Research and Application 30 (2005), table 1, all 34 pairs.
RSpec.describe GreenPlinth::Colour::Difference do
  pairs = <<~TABLE.lines.map { |line| line.split.map(&:to_f) }
    50 2.6772 -79.7751 50 0 -82.7485 2.0425
    50 3.1571 -77.2803 50 0 -82.7485 2.8615
    50 2.8361 -74.0200 50 0 -82.7485 3.4412
    50 -1.3802 -84.2814 50 0 -82.7485 1.0000
    50 -1.1848 -84.8006 50 0 -82.7485 1.0000
    50 -0.9009 -85.5211 50 0 -82.7485 1.0000
    50 0 0 50 -1 2 2.3669
    50 -1 2 50 0 0 2.3669
    50 2.4900 -0.0010 50 -2.4900 0.0009 7.1792
    50 2.4900 -0.0010 50 -2.4900 0.0010 7.1792
    50 2.4900 -0.0010 50 -2.4900 0.0011 7.2195
    50 2.4900 -0.0010 50 -2.4900 0.0012 7.2195
    50 -0.0010 2.4900 50 0.0009 -2.4900 4.8045
    50 -0.0010 2.4900 50 0.0010 -2.4900 4.8045
    50 -0.0010 2.4900 50 0.0011 -2.4900 4.7461
    50 2.5 0 50 0 -2.5 4.3065
    50 2.5 0 73 25 -18 27.1492
    50 2.5 0 61 -5 29 22.8977
    50 2.5 0 56 -27 -3 31.9030
    50 2.5 0 58 24 15 19.4535
    50 2.5 0 50 3.1736 0.5854 1.0000
    50 2.5 0 50 3.2972 0 1.0000
    50 2.5 0 50 1.8634 0.5757 1.0000
    50 2.5 0 50 3.2592 0.3350 1.0000
    60.2574 -34.0099 36.2677 60.4626 -34.1751 39.4387 1.2644
    63.0109 -31.0961 -5.8663 62.8187 -29.7946 -4.0864 1.2630
    61.2901 3.7196 -5.3901 61.4292 2.2480 -4.9620 1.8731
    35.0831 -44.1164 3.7933 35.0232 -40.0716 1.5901 1.8645
    22.7233 20.0904 -46.6940 23.0331 14.9730 -42.5619 2.0373
    36.4612 47.8580 18.3852 36.2715 50.5065 21.2231 1.4146
    90.8027 -2.0831 1.4410 91.1528 -1.6435 0.0447 1.4441
    90.9257 -0.5406 -0.9208 88.6381 -0.8985 -0.7239 1.5381
    6.7747 -0.2908 -2.4247 5.8714 -0.0985 -2.2286 0.6377
    2.0776 0.0795 -1.1350 0.9033 -0.0636 -0.5514 0.9082
  TABLE

  pairs.each do |*labs, difference|
    it "#{labs.first(3)} and #{labs.last(3)}: #{difference}" do
      one, other = labs.each_slice(3).map { |lab| GreenPlinth::Colour::Lab.new(*lab) }
      expect(described_class.between(one, other)).to be_within(1e-4).of(difference)
      expect(described_class.between(other, one)).to be_within(1e-4).of(difference)
    end
  end

  it "is the same for many at once" do
    pairs.each do |*labs, difference|
      one = GreenPlinth::Colour::Lab.new(*labs.first(3))
      columns = labs.last(3).map { |value| Numo::DFloat[value, value] }
      expect(GreenPlinth::Colour::Differences.from(one, columns).to_a).to all(be_within(1e-4).of(difference))
    end
  end
end

RSpec.describe GreenPlinth::Colour::Lab do
  # Source: IEC 61966-2-1 with CIE 15: white is L* 100, black 0, and grey has no hue.
  it "knows white, black and grey" do
    expect(described_class.of("#ffffff").l).to be_within(0.01).of(100)
    expect(described_class.of("#000000").l).to be_within(0.01).of(0)
    expect(Math.hypot(*described_class.of("#777777").to_a.last(2))).to be < 0.02
  end

  # Source: the primaries of IEC 61966-2-1 (x, y: red 0.64, 0.33; green 0.30, 0.60; blue 0.15, 0.06) with their luminances
  # 0.2126, 0.7152 and 0.0722; L* = 116 Y^(1/3) − 16, by hand.
  it "knows the primaries" do
    { "#ff0000" => [0.64, 0.33, 53.24], "#00ff00" => [0.30, 0.60, 87.74], "#0000ff" => [0.15, 0.06, 32.30] }.each do |hex, (x, y, l)|
      xyz = GreenPlinth::Colour::Light.xyz(hex)
      expect(xyz.first(2).map { |value| value / xyz.sum }).to match([be_within(5e-4).of(x), be_within(5e-4).of(y)])
      expect(described_class.of(hex).l).to be_within(0.02).of(l)
    end
  end
end

RSpec.describe GreenPlinth::Colour::Observer do
  # Source: ISO/CIE 11664-2: the white point of D65 for the 2° observer, X 95.047, Y 100, Z 108.883.
  it "sees daylight white before its sums are set to it" do
    table = described_class::TABLE
    x, y, z = %w[x y z].map { |name| table[name].zip(table["d65"]).sum { |eye, light| eye * light } }
    expect([x / y, z / y]).to match([be_within(1e-3).of(0.95047), be_within(1e-3).of(1.08883)])
  end
end

RSpec.describe GreenPlinth::Colour::KubelkaMunk do
  # Source: Kubelka and Munk 1931, K/S = (1 − R)² ÷ 2 R. By hand: 0.9² ÷ 0.2, 0.75² ÷ 0.5, 0.5² ÷ 1, 0.2² ÷ 1.6.
  { 0.1 => 4.05, 0.25 => 1.125, 0.5 => 0.25, 0.8 => 0.025 }.each do |reflectance, absorption|
    it "takes #{reflectance} for K/S #{absorption}, and back" do
      expect(described_class.absorption(reflectance)).to be_within(1e-12).of(absorption)
      expect(described_class.reflectance(absorption)).to be_within(1e-12).of(reflectance)
    end
  end

  # Source: Kubelka 1948: of one film over black (R0) and over a ground Rg (R), a = ½ (R + (R0 − R + Rg) ÷ (R0 Rg)).
  it "lets the film be known again from two grounds" do
    [[0.05, 0.3, 0.8], [1.2, 0.7, 0.6], [4.05, 0.1, 0.95]].each do |absorption, scatter, ground|
      black = described_class.over(absorption, scatter, 0.0)
      seen = described_class.over(absorption, scatter, ground)
      expect((seen + ((black - seen + ground) / (black * ground))) / 2).to be_within(1e-9).of(1 + absorption)
    end
  end

  it "is the ground where there is no film, and the paint where it is thick" do
    expect(described_class.over(0.25, 0, 0.37)).to eq(0.37)
    expect(described_class.over(0.25, 50, 0.0)).to be_within(1e-9).of(0.5)
    # What swallows nothing: R0 = S X ÷ (S X + 1), by hand 0.5 at S X = 1.
    expect(described_class.over(0.0, 1.0, 0.0)).to be_within(1e-9).of(0.5)
  end
end
