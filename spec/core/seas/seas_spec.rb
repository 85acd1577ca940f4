# frozen_string_literal: true

RSpec.describe GreenPlinth::Seas do
  describe GreenPlinth::Seas::GravityWaves do
    # λ = gT²/2π: of 10 s 156 m (WMO-No. 702, Guide to Wave Analysis and Forecasting: 1.56 T²).
    it "has deep waves as long as their period says" do
      expect(described_class.period(156.1)).to be_within(0.005).of(10)
    end

    # 2πv²/g by hand: 10 knots are 5.144 m/s: 16.96 m; 20 knots four times as much, 67.8 m.
    it "has waves that keep up with a hull grow with the square of its speed" do
      ten, twenty = [10, 20].map { |knots| described_class.length_at(knots * described_class::KNOT) }
      expect([ten, twenty]).to match([be_within(0.01).of(16.96), be_within(0.04).of(67.82)])
    end

    it "lets none keep up with a hull that is faster than the longest, and makes them longer where it is shallow" do
      # √(9.80665 × 5) = 7.002 m/s
      expect(described_class.length_at(7.003, 5)).to be_nil
      expect(described_class.length_at(6.9, 5)).to be > described_class.length_at(6.9)
      # Deep by half a wavelength it is as good as deep.
      expect(described_class.length_at(5, 200)).to be_within(0.01).of(described_class.length_at(5))
    end

    it "finds the length whose crests go as fast, at any depth (property)" do
      random = Random.new(11)
      100.times do
        depth = random.rand(1.0..60.0)
        speed = random.rand(0.5..0.98) * Math.sqrt(described_class::G * depth)
        expect(described_class.speed_of(described_class.length_at(speed, depth), depth)).to be_within(1e-6 * speed).of(speed)
      end
    end
  end

  describe GreenPlinth::Seas::Crests do
    let(:crests) { described_class.new(6.0, 40.0, 200.0) }

    it "rises to half its height at a crest and falls as far in a trough" do
      xs = (0..60).to_a.product((0..120).to_a).map { |x, y| crests.height_at(x * 1.0, y * 1.0) }
      expect(xs.minmax).to match([be_within(0.05).of(-3), be_within(0.05).of(3)])
    end

    it "has rings that hold exactly what is crest, and so much of the surface" do
      box = [-200.0, -200.0, 200.0, 200.0]
      field = GreenPlinth::Plan::Outline.polygon({ "kind" => "rectangle", "width_mm" => 400, "depth_mm" => 400 })
      shapes = crests.rings(box).map { |ring| GreenPlinth::Plan::Geos.polygon(ring[0..-2]) }
      drawn = GreenPlinth::Plan::Geos.union(shapes).intersection(field)
      expect(drawn.area / field.area).to be_within(0.015).of(described_class::SHARE)
      random = Random.new(5)
      wrong = 400.times.count do
        x, y = random.rand(-180.0..180.0), random.rand(-180.0..180.0)
        crests.crest?(x, y) != drawn.contains?(GreenPlinth::Plan::Geos.point([x, y]))
      end
      # A ring of straight lines strays from the curve by a hair.
      expect(wrong).to be <= 4
    end
  end

  describe GreenPlinth::Seas::Wake do
    def hull(**more)
      data = { "id" => "cutter", "kind" => "hull", "speed_knots" => 10,
               "footprint" => { "kind" => "oval", "width_mm" => 100, "depth_mm" => 24 } }
      GreenPlinth::Design::Subject.new(data.merge(more.transform_keys(&:to_s)), "/subjects/0")
    end

    # asin(1/3) = 19.47°: 35.36 out on 100 aft. Kelvin 1887.
    it "opens its arms at Kelvin's angle whatever the speed" do
      angles = [4, 10, 31].map { |knots| described_class.new(hull(speed_knots: knots), 350).half_angle_deg }
      expect(angles).to all(be_within(0.005).of(19.471))
      expect(described_class.new(hull, 350).out_per_100).to be_within(0.01).of(35.36)
    end

    it "has its transverse crests as far apart as the waves that keep up, at the scale" do
      # 16.96 m at 1:350
      expect(described_class.new(hull, 350).length_mm).to be_within(0.05).of(48.46)
    end

    # By hand: 7 m of water under 12 knots: v = 6.173 m/s, √(gh) = 8.285, no faster than the waves; under 20 knots 10.289 / 8.285 = 1.242.
    it "opens wider where it is shallow, and has no transverse crests where it outruns them" do
      slow, fast = [12, 20].map { |knots| described_class.new(hull(speed_knots: knots), 350, 7) }
      expect(slow.half_angle_deg).to be > 19.6
      expect(fast.half_angle_deg).to be_within(0.05).of(Math.asin(1 / 1.242) * 180 / Math::PI)
      expect(fast.length_mm).to be_nil
      expect(fast.lines(300).map(&:kind).uniq).to eq(["arm"])
    end

    it "keeps every crest within the arms, and lets both kinds meet at them (property)" do
      wake = described_class.new(hull(at_mm: [12, -7], turn_deg: 33), 350)
      lines = wake.lines(400)
      back = ->(point) { GreenPlinth::Plan::Outline.place([[point[0] - 12, point[1] + 7]], [0, 0], -33).first }
      lines.reject { |line| line.kind == "arm" }.each do |line|
        bow = line.system == "bow" ? 50 : -50
        line.points.map(&back).each { |x, y| expect(y.abs).to be <= ((bow - x) * Math.tan(wake.half_angle)) + 1e-6 }
      end
      transverse = lines.find { |line| line.kind == "transverse" }
      diverging = lines.select { |line| line.kind == "diverging" }.first(2)
      expect(transverse.points.last).to match(diverging[0].points.first.map { |value| be_within(1e-9).of(value) })
      # On the arm, where the crests meet: tan 19.47° = 1 ÷ √8.
      x, y = back[transverse.points.last]
      expect(y / (50 - x)).to be_within(1e-9).of(1 / Math.sqrt(8))
    end
  end
end
