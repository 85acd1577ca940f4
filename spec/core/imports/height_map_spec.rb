# frozen_string_literal: true

require "zlib"

RSpec.describe GreenPlinth::Imports::HeightMap do
  # A PNG, samples row by row, big-endian for 16 bits. Source: PNG specification (W3C/ISO 15948).
  def png(rows, depth: 8, type: 0, size: nil, more: "")
    data = rows.map { |row| "\0".b + (depth == 16 ? row.pack("n*") : row.pack("C*")) }.join + more
    chunk = ->(name, body) { [body.bytesize].pack("N") + name + body + [Zlib.crc32(name + body)].pack("N") }
    wide, high = size || [rows.first.size / { 0 => 1, 2 => 3, 4 => 2, 6 => 4 }[type], rows.size]
    described_class::SIGNATURE + chunk["IHDR", [wide, high, depth, type, 0, 0, 0].pack("NNCCCCC")] +
      chunk["IDAT", Zlib.deflate(data)] + chunk["IEND", ""]
  end

  rows = [[0, 50, 100, 150], [10, 60, 110, 255], [20, 70, 120, 170]]

  it "reads 8 bits" do
    expect(described_class.read(png(rows)).values.to_a).to eq(rows)
  end

  it "reads 16 bits, and the mean of colours" do
    deep = rows.map { |row| row.map { |value| value * 257 } }
    expect(described_class.read(png(deep, depth: 16)).values.to_a).to eq(deep)
    expect(described_class.read(png([[0, 30, 60, 90, 90, 90]], type: 2)).values.to_a).to eq([[30, 90]])
  end

  it "reads an ESRI ASCII grid, its first row the back" do
    map = described_class.read("ncols 3\nnrows 2\nxllcorner 0\nyllcorner 0\ncellsize 10\nNODATA_value -9999\n1 2 3\n4 -9999 6\n")
    grid = GreenPlinth::Relief::Grid.new([-30.0, -20.0, 30.0, 20.0])
    field = map.fitted(grid, 10)
    expect(field[-1, 0]).to be_within(0.05).of(0)
    expect(field[0, -1]).to be_within(0.1).of(10)
    expect(field.min).to be_between(0, 0.1)
  end

  { "no map" => "hello", "a short grid" => "ncols 2\nnrows 2\n1 2 3", "a word among heights" => "ncols 2\nnrows 1\n1 x",
    "a flat grid" => "ncols 2\nnrows 1\n4 4", "half a PNG" => "\x89PNG\r\n\x1A\n".b,
    "a grid that promises too much" => "ncols 9999999\nnrows 9999999\n1" }.each do |what, text|
    it("refuses #{what}") { expect { described_class.read(text) }.to raise_error(GreenPlinth::InvalidFile, /data/) }
  end

  it "refuses pictures it cannot read" do
    whole = png(rows)
    [whole.sub("IDAT", "XDAT"), whole[0, 48], whole[0, whole.bytesize - 20]].each do |bytes|
      expect { described_class.read(bytes) }.to raise_error(GreenPlinth::InvalidFile, /cannot be read/)
    end
  end

  it "refuses pictures that promise more than it takes" do
    [[4, 2_000_000], [40_000, 40_000]].each do |size|
      expect { described_class.read(png(rows, size: size)) }.to raise_error(GreenPlinth::InvalidFile, /million pixels/)
    end
  end

  it "unpacks no more than the size that is promised" do
    bomb = png(rows, more: "\0" * 60_000_000)
    expect(bomb.bytesize).to be < 100_000
    expect(described_class.read(bomb).values.shape).to eq([3, 4])
  end

  # A wedge from 0 to 20 mm over the 100 × 60 board: half its box, in sheets of 2 mm.
  it "gives ground to slice that keeps the volume" do
    map = described_class.read("ncols 101\nnrows 3\n#{Array.new(3) { (0..100).to_a.join(" ") }.join("\n")}")
    told = evaluation(plain_file)
    slicing = GreenPlinth::Relief::Slicing.new(2)
    slices = slicing.field(map.fitted(told.bulk.grid, 20), told.bulk.grid, told.ground.top)
    expect(slices.sum do |slice|
      GreenPlinth::Plan::Geos.area(slice.shape) * 2
    end).to be_within(0.02 * 60_000).of(60_000)
  end
end
