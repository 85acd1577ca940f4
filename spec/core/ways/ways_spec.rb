# frozen_string_literal: true

RSpec.describe "Ways and tracks" do
  def strip(width, *points) = { "kind" => "strip", "points_mm" => points, "width_mm" => width }
  def board(**members) = plain_file(plinth: { "outline" => rectangle(200, 140), "thickness_mm" => 20, "material" => "mdf" }, **members)
  def track(**more)
    { "id" => "track", "kind" => "track", "outline" => strip(30, [-90, 0], [90, 0]), "gauge_mm" => 16.5, "rail_mm" => 2.5,
      "height_mm" => 5 }
      .merge(JSON.parse(JSON.generate(more)))
  end
  def road(**more)
    { "id" => "road", "kind" => "road", "outline" => strip(40, [0, -60], [0, 60]) }.merge(JSON.parse(JSON.generate(more)))
  end
  def snags(file, code) = evaluation(file).snags.select { |snag| snag.code == code }

  describe GreenPlinth::Plan::Polyline do
    let(:bent) { described_class.new([[0, 0], [30, 0], [30, 40]]) }

    it "is told along its legs" do
      expect(bent.length_mm).to eq(70)
      expect(bent.at(50)).to eq([[30.0, 20.0], [0.0, 1.0]])
      expect(bent.nearest(10, 5)).to eq([5.0, 10.0])
      expect(bent.across(10, 4)).to eq([[10.0, -4.0], [10.0, 4.0]])
    end

    # Points of a circle of 100 mm.
    it "finds the tightest bend" do
      arc = (0..40).map { |deg| [100 * Math.cos(deg * Math::PI / 180), 100 * Math.sin(deg * Math::PI / 180)] }
      expect(described_class.new(arc).tightest(10).first).to be_within(0.5).of(100)
      expect(described_class.new([[0, 0], [50, 0]]).tightest(10)).to be_nil
    end

    it "tells of a field of cells what it tells of their middles (property)" do
      random = Random.new(2)
      grid = evaluation(plain_file).terrain.grid
      6.times do
        line = described_class.new(Array.new(random.rand(2..6)) { [random.rand(-45.0..45.0), random.rand(-25.0..25.0)] })
        distance, along = line.fields(grid)
        12.times do
          row, column = random.rand(grid.rows), random.rand(grid.columns)
          expect([distance[row, column], along[row, column]].map { |mm| mm.round(6) })
            .to eq(line.nearest(grid.xs[column], grid.ys[row, 0]).map { |mm| mm.round(6) })
        end
      end
    end
  end

  describe "an embankment" do
    let(:slope) { 45 }
    let(:bank) do
      form("embankment", "bank", strip(20, [-80, 0], [80, 0]), material: "xps_foam", from_z_mm: 10, to_z_mm: 10, slope_deg: slope)
    end
    let(:ground) { evaluation(board(forms: [bank])).terrain }

    # 1 to 1 beside a crest 20 mm wide and 10 mm high.
    it "is level on its way and slopes to the ground beside it" do
      heights = [0, 8, 12, 15, 18, 22].map { |y| ground.height_at(0, y + 0.25) }
      expect(heights.zip([10, 10, 8, 5, 2, 0])).to all(satisfy { |found, wanted| (found - wanted).abs < 0.5 })
    end

    # The middle of its length: a trapezium of 20 and 40 mm, 10 mm high, 300 mm² in section.
    it "fills what its section has" do
      cut = evaluation(board(forms: [bank])).section([0, -60], [0, 60])
      runs = cut["strata"].find { |one| one["pointer"] == "/forms/0" }["runs"].flatten(1)
      expect(runs.each_cons(2).sum { |a, b| (b[0] - a[0]) * (a[2] - a[1]) }).to be_within(6).of(300)
    end

    it "rises along its line and is cambered across it" do
      bank.merge!("from_z_mm" => 6, "to_z_mm" => 14, "camber_mm" => 1)
      heights = [-79, 0, 79].map { |x| ground.height_at(x, 0.1) }
      expect(heights.zip([7, 11, 15])).to all(satisfy { |found, wanted| (found - wanted).abs < 0.3 })
      expect(ground.height_at(0, 9.9)).to be_within(0.2).of(10)
    end

    it "must be drawn along a line" do
      expect(problems(board(forms: [bank.merge("outline" => rectangle(40, 20))])).map(&:message)).to include(include("must be a strip"))
    end
  end

  # A cutting 20 mm wide, 4 mm over the face, through ground of 10 mm, its sides 1 to 1.
  it "cuts down to a way, its sides sloping up to the ground" do
    cutting = form("cutting", "cutting", strip(20, [-80, 0], [80, 0]), from_z_mm: 4, to_z_mm: 4, slope_deg: 45)
    ground = evaluation(board(forms: [lift(10, rectangle(200, 140)), cutting])).terrain
    expect([0, 9, 13, 20].map { |y| ground.height_at(0, y + 0.2).round }).to eq([4, 4, 7, 10])
  end

  describe "a road over rails" do
    let(:file) { board(features: [track(shoulder_mm: 3), road], scale: 87) }
    let(:crossing) { GreenPlinth::Ways::Crossing.all(design(file)).first }

    it "is found where the two cross" do
      expect(crossing.angle_deg).to be_within(1e-6).of(90)
      expect(GreenPlinth::Ways::Crossing.all(design(board(features: [track, road(outline: strip(40, [0, 20], [0, 60]))])))).to be_empty
    end

    # At 60° to the rails a road of 40 mm covers 46.19 mm of them.
    it "covers more of the rails where it crosses askew" do
      slant = road(outline: strip(40, [-34.64, -60], [34.64, 60]))
      found = GreenPlinth::Ways::Crossing.all(design(board(features: [track, slant]))).first
      expect(found.along_mm).to be_within(0.05).of(46.19)
    end

    # A flangeway of 45 mm in life is 0.52 mm at 1:87: 16.5 less twice that. A road climbs 10 %: 5 mm rise over 50.
    it "is a board between the rails, boards outside and wedges with their notch" do
      expect(crossing.board_mm).to be_within(0.01).of(15.47)
      expect(crossing.run_mm).to be_within(1e-9).of(50)
      # From the rail's head, 70 mm in life, to the sleepers' end: (30 − 16.5) ÷ 2 − 0.80.
      expect(crossing.outside_mm).to be_within(0.01).of(5.95)
      expect(crossing.cheek).to eq([[0.0, 0.0], [50.0, 0.0], [50.0, 2.5], [53.0, 2.5], [53.0, 5.0], [50.0, 5.0]])
    end

    it "has templates for each piece" do
      pieces = evaluation(file).templates.select { |piece| piece.name.include?("over track") }
      expect(pieces.map { |piece| [piece.name.split(", ").last, piece.count] })
        .to eq([["board between the rails", 1], ["board outside the rails", 2], ["cheek of a wedge", 4]])
    end
  end

  describe "lines on a road" do
    def marked(outline: strip(40, [-60, 0], [60, 0]), **marking)
      file = board(features: [road(outline: outline, markings: [marking])], scale: 100)
      GreenPlinth::Ways::Markings.all(design(file)).first
    end

    # Dashes of 2 m, 4 m apart, at 1:100: 20 mm and 40 mm, two to the 120 mm of road.
    it "are broken as in life" do
      found = marked(line: "centre", represents: "line_uk")
      lengths = found.marks.map { |mark| mark.ring.map(&:first).minmax.reduce(:-).abs }
      expect(lengths).to all(be_within(0.01).of(20))
      expect(found.marks.size).to eq(2)
    end

    # A quarter circle of 80 mm, its edge line 17.5 mm further out: π ÷ 2 × 97.5 mm, 1.2 mm wide.
    it "follow the curve" do
      arc = (0..45).map { |step| [80 * Math.sin(step * Math::PI / 90), 80 - (80 * Math.cos(step * Math::PI / 90))] }
      found = marked(outline: strip(40, *arc), line: "right")
      expect(found.length_mm).to be_within(1.5).of(Math::PI / 2 * 97.5)
      expect(found.area_mm2).to be_within(4).of(Math::PI / 2 * 97.5 * 1.2)
    end

    # Across the right-hand half: 20 mm, 0.3 m in life.
    it "stop at a line across their own lane" do
      stop = marked(line: "stop", at_mm: 30).marks.first.ring
      expect(stop.map(&:first).minmax).to match([be_within(0.01).of(-31.5), be_within(0.01).of(-28.5)])
      expect(stop.map(&:last).minmax).to match([be_within(0.01).of(-20), be_within(0.01).of(0)])
    end

    it "are painted over all that the road is laid of" do
      file = board(features: [road(markings: [{ line: "centre" }], courses: [course("acrylic_paint", id: "tar")])])
      times = evaluation(file).schedule
      expect(times.start("road/markings")).to be >= times.finish("tar")
      expect(evaluation(file).drawing["markings"]).not_to be_empty
    end
  end

  describe "along a track" do
    # Trains of standard gauge are given 2.2 m to each side: 25.3 mm at 1:87.
    let(:post) { ->(y) { { "id" => "post", "kind" => "sign", "outline" => rectangle(4, 4, at: [0, y]), "height_mm" => 30 } } }

    it "tells what a train would strike, and moves it away" do
      scene = ->(y) { board(features: [track, post[y]], scale: 87) }
      expect(snags(scene[27.3], "fit/track_clearance")).to be_empty
      expect(snags(scene[27], "fit/track_clearance").size).to eq(1)
      mended = GreenPlinth::Patch.apply(scene[15], snags(scene[15], "fit/track_clearance").first.fixes.first.patch)
      expect(snags(mended, "fit/track_clearance")).to be_empty
    end

    it "lets be what lies flat and what stands on the rails" do
      engine = { "id" => "engine", "kind" => "vehicle", "footprint" => rectangle(60, 20), "height_mm" => 40 }
      expect(snags(board(features: [track, road], subjects: [engine], scale: 87), "fit/track_clearance")).to be_empty
    end

    # Twenty gauges of 16.5 mm are 330.
    it "tells where it bends too tightly" do
      curve = ->(radius) { (0..20).map { |deg| [radius * Math.sin(deg * Math::PI / 90), radius * (1 - Math.cos(deg * Math::PI / 90))] } }
      scene = ->(radius) { board(features: [track(outline: strip(30, *curve[radius]))]) }
      expect(snags(scene[340], "fit/track_radius")).to be_empty
      expect(snags(scene[320], "fit/track_radius").size).to eq(1)
    end

    # 1435 mm at 1:87 are 16.49 mm; a twelfth more or less is let be.
    it "tells of a gauge that is none of what it stands for" do
      scene = ->(gauge) { board(features: [track(gauge_mm: gauge, represents: "gauge")], scale: 87) }
      expect(snags(scene[17.8], "scale/track_gauge")).to be_empty
      expect(snags(scene[17.9], "scale/track_gauge").size).to eq(1)
      mended = GreenPlinth::Patch.apply(scene[20], snags(scene[20], "scale/track_gauge").first.fixes.first.patch)
      expect(snags(mended, "scale/track_gauge")).to be_empty
    end
  end
end
