# frozen_string_literal: true

RSpec.describe GreenPlinth::Plan::Inside do
  geos = GreenPlinth::Plan::Geos

  # By hand: a square of 10 with a hole of 4 in its middle.
  it "tells a hole from what is about it" do
    shape = geos.polygon([[0, 0], [10, 0], [10, 10], [0, 10]]).difference(geos.polygon([[3, 3], [7, 3], [7, 7], [3, 7]]))
    xs = Numo::DFloat[[-1, 1, 5], [8, 5, 11]]
    ys = Numo::DFloat[[5, 5, 5], [8, 8, 5]]
    expect(described_class.of(shape, xs, ys).to_a).to eq([[0, 1, 0], [1, 1, 0]])
    expect(described_class.of(geos.empty, xs, ys).to_a.flatten.sum).to eq(0)
  end

  it "says of every place what the geometry says of it alone (property)" do
    random = Random.new(21)
    20.times do
      shape = geos.union([geos.polygon(star(random, 5.0..20.0)), geos.polygon([[12, 12], [25, 12], [25, 25]])])
      xs, ys = Array.new(2) { Numo::DFloat.cast(Array.new(60) { random.rand(-25.0..25.0) }) }
      told = described_class.of(shape, xs, ys).to_a
      expect(told).to eq(xs.to_a.zip(ys.to_a).map { |x, y| shape.contains?(geos.point([x, y])) ? 1 : 0 })
    end
  end
end
