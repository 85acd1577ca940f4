# frozen_string_literal: true

RSpec.describe GreenPlinth::Plan::Skeleton do
  def plan(corners) = GreenPlinth::Plan::Geos.polygon(corners.map { |corner| corner.first(2) })

  # By hand: the ridge of 60 × 40 lies 20 mm from all sides, and is as much shorter as the plan is deep.
  it "meets over a rectangle in a ridge" do
    faces = described_class.new([[0, 0], [60, 0], [60, 40], [0, 40]]).faces
    expect(faces.map(&:size)).to eq([4, 3, 4, 3])
    expect(faces.flatten(1).uniq.select { |corner| corner.last.positive? }).to contain_exactly([20, 20, 20], [40, 20, 20])
  end

  # By hand: the middle of the inscribed circle; r is twice the area over the way round, 3·4 ÷ 12.
  it "meets over a triangle in one point" do
    faces = described_class.new([[0, 0], [4, 0], [0, 3]]).faces
    expect(faces.map { |corners| corners.last.map { |value| value.round(6) } }.uniq).to eq([[1, 1, 1]])
  end

  # A side that is parted: the corner at (30, 20) goes down until it reaches the long side.
  it "is parted where a corner points inward" do
    faces = described_class.new([[0, 0], [60, 0], [60, 40], [30, 12], [0, 40]]).faces
    expect(faces.sum { |corners| plan(corners).area }).to be_within(1e-6).of(plan([[0, 0], [60, 0], [60, 40], [30, 12], [0, 40]]).area)
    expect(faces.first.size).to be > 4
  end

  # Whatever the plan: its faces cover it once, and a place of a face lies as far from its side as it says.
  it "covers any plan once, each corner as far from its side as it says (property)" do
    random = Random.new(5)
    60.times do
      ring = star(random, 10.0..50.0)
      faces = described_class.new(ring).faces
      shapes = faces.map { |corners| plan(corners) }
      expect(GreenPlinth::Plan::Geos.union(shapes).area).to be_within(0.01).of(plan(ring).area)
      expect(shapes.sum(&:area)).to be_within(0.01).of(plan(ring).area)
      faces.each do |(a, b, *others)|
        long = Math.hypot(b[0] - a[0], b[1] - a[1])
        from_side = ->(x, y) { (((b[0] - a[0]) * (y - a[1])) - ((b[1] - a[1]) * (x - a[0]))) / long }
        expect(others).to all(satisfy { |x, y, inward| (from_side[x, y] - inward).abs < 1e-4 })
      end
    end
  end
end
