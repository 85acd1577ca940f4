# frozen_string_literal: true

RSpec.describe GreenPlinth::Plan::Survey do
  def box(x, y, side = 10) = GreenPlinth::Plan::Geos.polygon([[x, y], [x + side, y], [x + side, y + side], [x, y + side]])

  it "tells what two areas share and how far they are apart, whichever is named first" do
    one, other, far = box(0, 0), box(6, 5), box(30, 0)
    found = described_class.new
    2.times { expect([found.shared_mm2(one, other), found.shared_mm2(other, one), found.distance_mm(one, far)]).to eq([20, 20, 20]) }
  end

  it "asks GEOS once for the same two" do
    one, other = box(0, 0), box(6, 5)
    found = described_class.new
    expect(GreenPlinth::Plan::Geos).to receive(:area).once.and_call_original
    3.times { found.shared_mm2(one, other) }
  end

  it "finds the boxes that meet a box, and all pairs that meet, as looking at each does" do
    random = Random.new(7)
    areas = Array.new(60) { box(random.rand * 200, random.rand * 200, 2 + (random.rand * 50)) }
    boxes = areas.map { |area| GreenPlinth::Plan::Geos.bounds(area) }
    meet = GreenPlinth::Plan::Geos.method(:boxes_meet?)
    pairs = (0...60).to_a.combination(2).select { |a, b| meet.call(boxes[a], boxes[b]) }
    expect(GreenPlinth::Plan::Geos.meeting(boxes)).to match_array(pairs)
    known = GreenPlinth::Plan::Boxes.new(areas)
    boxes.each { |at| expect(known.near(at)).to match_array(areas.select.with_index { |_, j| meet.call(at, boxes[j]) }) }
  end
end
