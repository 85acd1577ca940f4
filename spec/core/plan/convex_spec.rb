# frozen_string_literal: true

RSpec.describe GreenPlinth::Plan::Convex do
  def polygon(points) = GreenPlinth::Plan::Geos.polygon(points)
  def box(x, y, side = 10) = polygon([[x, y], [x + side, y], [x + side, y + side], [x, y + side]])

  it "is nothing of what is hollow or in pieces" do
    expect(described_class.of(polygon([[0, 0], [10, 0], [10, 10], [5, 2], [0, 10]]))).to be_nil
    expect(described_class.of(GreenPlinth::Plan::Geos.union([box(0, 0), box(50, 0)]))).to be_nil
    expect(described_class.of(box(0, 0).difference(box(3, 3, 2)))).to be_nil
  end

  it "tells that a point lies in it, by so much" do
    found = described_class.of(box(0, 0))
    expect([found.holds?(5, 5, 4.9), found.holds?(1, 5, 0.9), found.holds?(1, 5, 1.1),
found.holds?(-1, 5, 0)]).to eq([true, true, false, false])
  end

  it "never says that two meet that GEOS says do not" do
    number = PropCheck::Generators.choose(-300..300)
    PropCheck.forall(PropCheck::Generators.array(PropCheck::Generators.tuple(number, number), min: 3, max: 8), number,
number) do |points, dx, dy|
      area = GreenPlinth::Plan::Geos::FACTORY.multi_point(points.map { |xy| GreenPlinth::Plan::Geos.point(xy) }).convex_hull
      own, other = described_class.of(area), box(-20, -20, 40)
      next unless own && described_class.of(other).meets?(own, dx, dy, 0.1)

      moved = polygon(GreenPlinth::Plan::Geos.rings(area).first.map { |x, y| [x + dx, y + dy] })
      expect(moved.intersects?(other)).to be(true)
    end
  end
end
