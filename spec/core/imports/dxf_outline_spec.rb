# frozen_string_literal: true

RSpec.describe GreenPlinth::Imports::DxfOutline do
  def dxf(*entities, units: 4)
    "0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n#{units}\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n#{entities.join}0\nENDSEC\n0\nEOF\n"
  end
  def light(points, closed: 1)
    "0\nLWPOLYLINE\n8\n0\n70\n#{closed}\n#{points.map do |x, y, bulge|
      "10\n#{x}\n20\n#{y}\n#{"42\n#{bulge}\n" if bulge}"
    end.join}"
  end
  def area(points) = GreenPlinth::Plan::Geos.polygon(points).area

  it "reads the largest closed polyline, its middle at the origin" do
    points = described_class.points(dxf(light([[0, 0], [5, 0], [5, 5]]),
      light([[10, 10], [90, 10], [90, 40], [10, 40]])))
    expect(points).to contain_exactly([-40, -15], [40, -15], [40, 15], [-40, 15])
  end

  # Two bulges of 1 make a full circle of diameter 20.
  it "reads bulges as arcs" do
    expect(area(described_class.points(dxf(light([[0, 0, 1], [20, 0, 1]]))))).to be_within(1).of(Math::PI * 100)
  end

  it "reads old polylines, circles, ellipses and inches" do
    old = "0\nPOLYLINE\n70\n1\n10\n0\n20\n0\n#{[[0, 0], [30, 0], [30, 20]].map do |x, y|
      "0\nVERTEX\n10\n#{x}\n20\n#{y}\n"
    end.join}0\nSEQEND\n"
    expect(area(described_class.points(dxf(old)))).to be_within(0.1).of(300)
    expect(area(described_class.points(dxf("0\nCIRCLE\n10\n3\n20\n4\n40\n10\n")))).to be_within(0.5).of(Math::PI * 100)
    expect(area(described_class.points(dxf("0\nELLIPSE\n10\n0\n20\n0\n11\n20\n21\n0\n40\n0.5\n")))).to be_within(1).of(Math::PI * 200)
    expect(area(described_class.points(dxf(light([[0, 0], [1, 0], [1, 1], [0, 1]]),
      units: 1)))).to be_within(0.1).of(25.4**2)
  end

  { "nothing drawn" => "0\nSECTION\n2\nENTITIES\n0\nENDSEC\n0\nEOF\n", "no DXF" => "hello", "bytes" => "\xFF\x00AC1015".b,
    "an open line" => nil }.each do |what, text|
    it "says what is wrong with #{what}" do
      text ||= dxf(light([[0, 0], [5, 0], [9, 9]], closed: 0))
      expect { described_class.points(text) }.to raise_error(GreenPlinth::InvalidFile, /dxf/)
    end
  end
end
