# frozen_string_literal: true

RSpec.describe GreenPlinth::Imports::SvgOutline do
  def svg(inner, attributes = 'width="100mm" height="50mm" viewBox="0 0 200 100"')
    "<svg xmlns=\"http://www.w3.org/2000/svg\" #{attributes}>#{inner}</svg>"
  end
  def points(text) = described_class.points(text)
  def area(ring) = (ring + [ring.first]).each_cons(2).sum { |(a, b), (c, d)| (a * d) - (b * c) }.abs / 2

  it "reads a polygon in millimetres, middle at the origin, y up" do
    expect(points(svg('<polygon points="0,0 200,0 200,100"/>'))).to eq([[-50.0, 25.0], [50.0, 25.0], [50.0, -25.0]])
  end

  it "takes the largest shape" do
    ring = points(svg('<rect x="1" y="1" width="4" height="4"/><rect x="0" y="0" width="200" height="100"/>'))
    expect(area(ring)).to be_within(0.01).of(5000)
  end

  it "counts bare units as CSS pixels: 96 to the inch" do
    expect(area(points(svg('<rect width="96" height="96"/>', "")))).to be_within(0.5).of(25.4 * 25.4)
  end

  {
    "lines, relative and absolute" => ["M0 0H200V100h-200z", 5000],
    "a circle of two arcs" => ["M0 50A50 50 0 1 1 100 50A50 50 0 1 1 0 50Z", Math::PI * 25 * 25],
    "a quadratic bow (Archimedes: two thirds of its box)" => ["M0 0Q100 200 200 0Z", 100 * 50 * 2 / 3.0],
    "a smooth cubic pair" => ["M0 0C0 40 100 40 100 0S200 -40 200 0L200 100L0 100Z", 5000],
    "numbers run together" => ["M0,0L200-0 200,100 0 100z", 5000],
  }.each do |what, (path, expected)|
    it "reads #{what}" do
      expect(area(points(svg("<path d=\"#{path}\"/>")))).to be_within(expected * 0.01).of(expected)
    end
  end

  {
    "text that is no XML" => ["nonsense", /well-formed|not an SVG/],
    "another kind of XML" => ["<html/>", /not an SVG/],
    "a drawing without a closed shape" => ['<svg xmlns="http://www.w3.org/2000/svg"><line x1="0" x2="4"/></svg>',
      /no closed shape/],
    "entities" => ['<!DOCTYPE svg [<!ENTITY a "b">]><svg>&a;</svg>', /entities/],
    "references to outside files" => ['<!DOCTYPE svg SYSTEM "file:///etc/passwd"><svg/>', /document type/],
    "shapes with a transform" => ['<svg><g transform="scale(2)"><rect width="10" height="10"/></g></svg>',
      /transform/],
    "something larger than a room" => ['<svg width="90000mm" viewBox="0 0 1 1"><rect width="1" height="1"/></svg>',
      /larger than 5 m/],
  }.each do |what, (text, words)|
    it("refuses #{what}, saying why") { expect { points(text) }.to raise_error(GreenPlinth::InvalidFile, words) }
  end

  it "refuses more than 1 MB unread" do
    expect { points("<svg>#{" " * 1_000_001}</svg>") }.to raise_error(GreenPlinth::InvalidFile, /1 MB/)
  end
end
