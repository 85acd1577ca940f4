# frozen_string_literal: true

# Source: Sharma, Wu and Dalal, "The CIEDE2000 Color-Difference Formula: Implementation Notes, Supplementary Test
# Data, and Mathematical Observations", Color Research and Application 30 (2005), table 1.
RSpec.describe GreenPlinth::Colour::Difference do
  [
    [[50.0000, 2.6772, -79.7751], [50.0000, 0.0000, -82.7485], 2.0425],
    [[50.0000, 3.1571, -77.2803], [50.0000, 0.0000, -82.7485], 2.8615],
    [[50.0000, 2.8361, -74.0200], [50.0000, 0.0000, -82.7485], 3.4412],
    [[50.0000, 0.0000, 0.0000], [50.0000, -1.0000, 2.0000], 2.3669],
    [[50.0000, 2.5000, 0.0000], [73.0000, 25.0000, -18.0000], 27.1492],
    [[60.2574, -34.0099, 36.2677], [60.4626, -34.1751, 39.4387], 1.2644],
    [[2.0776, 0.0795, -1.1350], [0.9033, -0.0636, -0.5514], 0.9082],
  ].each do |one, other, difference|
    it "#{one} and #{other}: #{difference}" do
      pair = [one, other].map { |lab| GreenPlinth::Colour::Lab.new(*lab) }
      expect(described_class.between(*pair)).to be_within(1e-4).of(difference)
      expect(described_class.between(*pair.reverse)).to be_within(1e-4).of(difference)
    end
  end

  # Source: IEC 61966-2-1 with CIE 15: white is L* 100, black 0, and grey has no hue.
  it "knows white, black and grey" do
    expect(GreenPlinth::Colour::Lab.of("#ffffff").l).to be_within(0.01).of(100)
    expect(GreenPlinth::Colour::Lab.of("#000000").l).to be_within(0.01).of(0)
    expect(Math.hypot(*GreenPlinth::Colour::Lab.of("#777777").to_a.last(2))).to be < 0.02
  end
end
