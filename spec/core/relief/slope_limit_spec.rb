# frozen_string_literal: true

RSpec.describe GreenPlinth::Relief::SlopeLimit do
  let(:cell) { 0.5 }
  let(:inside) { Numo::Bit.ones(40, 60) }

  def filled(ground, degrees) = described_class.new(degrees, cell).call(ground, inside)

  # A drop of 10 mm at column 30.
  let(:step) { Numo::DFloat.zeros(40, 60).tap { |field| field[true, 0...30] = 10.0 } }

  it "never lowers the ground" do
    result = filled(step, 40)
    expect((result - step).min).to be >= -1e-9
  end

  it "falls no steeper than it may" do
    result = filled(step, 45)
    falls = result[20, 0...59] - result[20, 1...60]
    expect(falls.max).to be <= (cell * 1.01)
  end

  it "leaves ground that is flat enough alone" do
    gentle = Numo::DFloat.zeros(40, 60)
    60.times { |column| gentle[true, column] = column * cell * 0.5 }
    expect((filled(gentle, 45) - gentle).abs.max).to be < 1e-9
  end

  it "is the same when done again" do
    once = filled(step, 35)
    expect((filled(once, 35) - once).abs.max).to be < cell * Math.tan(35 * Math::PI / 180) * 0.6
  end

  it "lies only inside" do
    part = Numo::Bit.zeros(40, 60)
    part[true, 0...32] = 1
    result = described_class.new(30, cell).call(step, part)
    expect((result[true, 32...60] - step[true, 32...60]).abs.max).to eq(0)
  end

  it "fills less the steeper it may be" do
    volumes = [20, 30, 45, 60].map { |degrees| (filled(step, degrees) - step).sum }
    expect(volumes).to eq(volumes.sort.reverse)
  end
end
