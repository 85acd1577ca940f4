# frozen_string_literal: true

RSpec.describe GreenPlinth::Plan::Geos do
  def area(*points) = described_class.polygon(points)

  describe ".widest_spot" do
    it "is the middle of what is as wide as high" do
      expect(described_class.widest_spot(area([0, 0], [20, 0], [20, 20], [0, 20]))).to all(be_within(1).of(10))
    end

    # A lane of 4 mm that opens into a yard of 30 by 30: the circle in the yard is the widest, its middle 15 mm from three sides.
    it "is in the yard, not in the lane that leads to it" do
      yard = area([0, 0], [100, 0], [100, 4], [30, 4], [30, 30], [0, 30])
      expect(described_class.widest_spot(yard)).to all(be_within(1.5).of(15))
    end

    it "is in the larger of two, and never in a hole" do
      two = area([0, 0], [5, 0], [5, 5], [0, 5]).union(area([50, 0], [80, 0], [80, 30], [50, 30]))
      expect(described_class.widest_spot(two).first).to be_within(1.5).of(65)
      holed = area([0, 0], [40, 0], [40, 20], [0, 20]).difference(area([15, 5], [25, 5], [25, 15], [15, 15]))
      spot = described_class.point(described_class.widest_spot(holed))
      expect(holed.contains?(spot)).to be(true)
    end
  end
end
