# frozen_string_literal: true

RSpec.describe GreenPlinth::Starts::Resized do
  let(:same) { GreenPlinth::Starts::BaseChange.new(box(100, 80), box(100, 80)) }
  let(:wider) { GreenPlinth::Starts::BaseChange.new(box(100, 80), box(200, 80)) }

  def box(width, depth, **more) = { "kind" => "rectangle", "width_mm" => width, "depth_mm" => depth }.merge(more.transform_keys(&:to_s))

  describe GreenPlinth::Starts::BaseChange do
    it "takes a point to where it has the same share of the base, wherever that lies" do
      expect(wider.point([25, -10])).to eq([50, -10])
      beside = described_class.new(box(100, 80), box(50, 40, at_mm: [10, 5]))
      expect(beside.point([0, 0])).to eq([10, 5])
      expect(beside.point([50, 40])).to eq([35, 25])
    end

    it "says how it changed each way" do
      expect([wider.x, wider.y, wider.larger, wider.area]).to eq([2.0, 1.0, 2.0, 2.0])
      expect([same.even?, wider.even?]).to eq([true, false])
    end

    it "goes by the box of a base that is no box" do
      round = described_class.new({ "kind" => "round", "diameter_mm" => 40 }, box(80, 40))
      expect(round.x).to be_within(0.01).of(2)
      expect(round.y).to be_within(0.01).of(1)
    end
  end

  describe ".by" do
    it "makes every length so many times as long, its place with it" do
      expect(described_class.by(box(10, 6, corner_mm: 2, at_mm: [4, -8], turn_deg: 30), 0.5))
        .to eq(box(5, 3, corner_mm: 1, at_mm: [2, -4], turn_deg: 30))
      strip = { "kind" => "strip", "points_mm" => [[-10, 0], [10, 4]], "width_mm" => 3 }
      expect(described_class.by(strip, 2)).to eq("kind" => "strip", "points_mm" => [[-20, 0], [20, 8]], "width_mm" => 6)
    end

    it "makes nothing smaller than can be drawn" do
      expect(described_class.by(box(1, 1), 0.001)).to include("width_mm" => 0.1, "depth_mm" => 0.1)
    end
  end

  describe ".at" do
    it "keeps a size in life where the base grows, and moves the middle with it" do
      expect(described_class.at(wider, box(10, 6, at_mm: [20, 10]), 1)).to eq(box(10, 6, at_mm: [40, 10]))
      corners = { "kind" => "polygon", "points_mm" => [[10, 0], [20, 0], [20, 10], [10, 10]] }
      expect(described_class.at(wider, corners, 1)["points_mm"]).to eq([[25, 0], [35, 0], [35, 10], [25, 10]])
    end

    it "runs a line along with the base, as wide as in life" do
      line = { "kind" => "strip", "points_mm" => [[-50, 0], [50, 20]], "width_mm" => 8 }
      expect(described_class.at(wider, line, 0.5)).to eq("kind" => "strip", "points_mm" => [[-100, 0], [100, 20]], "width_mm" => 4)
    end
  end

  describe ".on" do
    it "leaves all the rest as all the rest" do
      expect(described_class.on(wider, { "kind" => "rest" }, 1)).to eq("kind" => "rest")
    end

    it "grows a box by the way that each of its sides looks" do
      expect(described_class.on(wider, box(10, 6), 1)).to include("width_mm" => 20, "depth_mm" => 6)
      # Turned by a right angle, its depth looks along the way that grew.
      expect(described_class.on(wider, box(10, 6, turn_deg: 90), 1)).to include("width_mm" => 10, "depth_mm" => 12)
    end

    it "keeps a round one round where both ways grow alike" do
      twice = GreenPlinth::Starts::BaseChange.new(box(100, 80), box(200, 160))
      expect(described_class.on(twice, { "kind" => "round", "diameter_mm" => 7, "at_mm" => [3, 0] }, 1))
        .to eq("kind" => "round", "diameter_mm" => 14, "at_mm" => [6, 0])
    end
  end

  it "writes whole numbers whole, and others to a hundredth" do
    expect([2.0, 2.004, 2.006, 0.125].map { |value| described_class.number(value) }).to eq([2, 2, 2.01, 0.13])
  end
end
