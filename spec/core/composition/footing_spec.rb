# frozen_string_literal: true

RSpec.describe GreenPlinth::Composition::Footing do
  def footing(at: [0, 0], outline: round(10), **members)
    told = evaluation(plain_file(subjects: [figure(outline, at_mm: at, height_mm: 30)], **members))
    [told.footing, told.design.subjects.first, told]
  end

  let(:bank) { lift(6, rectangle(50, 60, at: [-25, 0]), id: "bank") }

  it "is even on the flat, and on top of a bank" do
    [[20, 0], [-25, 0]].each do |at|
      found, subject, = footing(at: at, forms: [bank])
      expect(found.uneven_mm(subject)).to be_within(0.01).of(0)
    end
  end

  it "tells the step under a foot that stands on an edge" do
    found, subject, = footing(forms: [bank])
    expect(found.uneven_mm(subject)).to be_within(0.05).of(6)
  end

  it "knows nothing of a foot off the base" do
    found, subject, = footing(at: [300, 0])
    expect(found.uneven_mm(subject)).to be_nil
  end

  it "finds the nearest level spot, on the top and beside the others" do
    found, subject, told = footing(forms: [bank])
    there = found.level_spot(subject)
    expect(told.ground.top.contains?(there.footprint_area)).to be(true)
    expect(Math.hypot(*there.at_mm)).to be_between(5, 9)
    expect(found.uneven_mm(there)).to be <= described_class::LEVEL_MM
  end

  it "finds none where all the ground is a slope" do
    steep = form("ramp", "r", rectangle(100, 60), from_mm: [-50, 0], to_mm: [50, 0], from_z_mm: 0, to_z_mm: 60,
      material: "xps_foam")
    found, subject, = footing(forms: [steep])
    expect(found.level_spot(subject)).to be_nil
  end
end
