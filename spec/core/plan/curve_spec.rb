# frozen_string_literal: true

# Smooth lines through given points.
RSpec.describe GreenPlinth::Plan::Curve do
  let(:square) { [[0.0, 0.0], [0.0, 10.0], [10.0, 10.0], [10.0, 0.0]] }

  def outline(**more) = { "kind" => "polygon", "points_mm" => square, **more.transform_keys(&:to_s) }
  def area(outline) = GreenPlinth::Plan::Outline.polygon(outline).area

  # Catmull and Rom's spline at half a span, of points in even distances: (-P0 + 9 P1 + 9 P2 - P3) / 16.
  it "goes through every corner, and between them as the published form of it" do
    ring = described_class.through(square, closed: true)
    square.each { |corner| expect(ring).to include(corner) }
    expect(ring[12]).to match([be_within(1e-9).of(5), be_within(1e-9).of(11.25)])
  end

  it "is straight where its points are, and ends where they end" do
    line = described_class.through([[0, 0], [5, 0], [30, 0]], closed: false)
    expect(line.map(&:last)).to all(be_within(1e-9).of(0))
    expect(line.map(&:first)).to eq(line.map(&:first).sort)
    expect([line.first, line.last]).to eq([[0, 0], [30, 0]])
  end

  it "takes points that lie on each other for one" do
    twice = square.flat_map { |point| [point, point] }
    expect(described_class.through([*twice, square.first], closed: true)).to eq(described_class.through(square, closed: true))
  end

  it "makes no loop between two of its points, however unevenly they lie (property)" do
    points = PropCheck::Generators.array(PropCheck::Generators.tuple(PropCheck::Generators.choose(0..100),
      PropCheck::Generators.choose(0..300)), min: 3, max: 9)
    PropCheck.forall(points) do |drawn|
      line = drawn.each_with_index.map { |(x, y), i| [(i * 12) + (x / 10.0), y / 10.0] }
      curve = described_class.through(line, closed: false)
      spans = (line.size - 1).times.map { |i| GreenPlinth::Plan::Geos.line(curve[i * 8..(i + 1) * 8]) }
      raise "a loop in #{line}" unless spans.all?(&:simple?)
    end
  end

  it "is what an outline that is curved encloses, and a strip that is curved runs along" do
    expect(area(outline)).to eq(100)
    expect(area(outline(curved: true))).to be > 100
    bend = { "kind" => "strip", "points_mm" => [[0, 0], [20, 10], [40, 0]], "width_mm" => 2 }
    expect(GreenPlinth::Plan::Outline.line(bend)).to eq(bend["points_mm"])
    expect(area(bend.merge("curved" => true))).to be > area(bend)
  end
end
