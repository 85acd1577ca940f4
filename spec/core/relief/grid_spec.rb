# frozen_string_literal: true

RSpec.describe GreenPlinth::Relief::Grid do
  def grid(width, depth) = described_class.new([0.0, 0.0, width.to_f, depth.to_f])

  it "has cells of a 400th of the longer side, from 0.25 to 2 mm, and a thousand along it at the most" do
    { 50 => 0.25, 200 => 0.5, 400 => 1.0, 900 => 2.0, 2000 => 2.0, 5000 => 5.0 }.each do |side, cell|
      expect(grid(side, side / 2.0).cell).to eq(cell)
    end
    expect(grid(5000, 3000).shape).to eq([600, 1000])
  end

  it "has a neighbour for each cell, however narrow the base" do
    expect(grid(1000, 0.5).shape).to eq([2, 500])
    expect(grid(4000, 8).shape).to eq([2, 1000])
    expect(grid(0.1, 0.1).shape).to eq([2, 2])
  end

  it "lies with its middle on the middle of what it covers" do
    odd = grid(101, 33)
    expect(odd.left + (odd.columns * odd.cell / 2)).to be_within(1e-9).of(50.5)
    expect(odd.front + (odd.rows * odd.cell / 2)).to be_within(1e-9).of(16.5)
  end
end
