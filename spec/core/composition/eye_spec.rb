# frozen_string_literal: true

RSpec.describe GreenPlinth::Composition::Eye do
  def eye(direction, elevation = 20) = described_class.new(direction.to_f, elevation.to_f)

  it "stands 20° above the front unless the file says otherwise" do
    expect(described_class.of(design(plain_file)).to_a).to eq([0, 20])
    told = described_class.of(design(plain_file(eye: { direction_deg: 90, elevation_deg: 5 })))
    expect(told.to_a).to eq([90, 5])
  end

  {
    0 => [[0, -1], [1, 0]], 90 => [[1, 0], [0, 1]], 180 => [[0, 1], [-1, 0]], 270 => [[-1, 0], [0, -1]]
  }.each do |direction, (toward, right)|
    it "knows which way is near and which is right from #{direction}°" do
      expect(eye(direction).toward).to match(toward.map { |value| be_within(1e-9).of(value) })
      expect(eye(direction).right).to match(right.map { |value| be_within(1e-9).of(value) })
    end
  end

  it "draws heights whole from level, and depth whole from straight above" do
    expect(eye(0, 0).picture(10, 20, 30)).to match([be_within(1e-9).of(10), be_within(1e-9).of(30)])
    expect(eye(0, 90).picture(10, 20, 30)).to match([be_within(1e-9).of(10), be_within(1e-9).of(20)])
  end

  it "lifts what is farther away, by the sine of its height" do
    near, far = [-40, 40].map { |y| eye(0, 30).picture(0, y, 0)[1] }
    expect(far - near).to be_within(1e-9).of(80 * Math.sin(30 * Math::PI / 180))
  end

  it "measures nearness along the bench" do
    expect(eye(90).nearness(12, 5)).to be_within(1e-9).of(12)
    expect(eye(0).nearness(12, 5)).to be_within(1e-9).of(-5)
  end

  it "keeps lengths along the picture's right, whatever the direction" do
    (0..345).step(15).each do |direction|
      at = eye(direction)
      right = at.right.map { |value| value * 25 }
      expect(at.picture(*right, 0)[0] - at.picture(0, 0, 0)[0]).to be_within(1e-6).of(25)
    end
  end
end
