# frozen_string_literal: true

RSpec.describe "Plan geometry" do
  def polygon_of(outline, **place) = GreenPlinth::Plan::Outline.polygon(outline, **place)

  describe GreenPlinth::Plan::Outline do
    it "keeps the area of a curve, whatever its corners" do
      [5, 32, 120, 900].each do |diameter|
        expect(polygon_of(round(diameter)).area).to be_within(1e-6 * diameter * diameter).of(Math::PI * diameter * diameter / 4)
      end
      expect(polygon_of({ "kind" => "oval", "width_mm" => 120,
"depth_mm" => 90 }).area).to be_within(0.01).of(Math::PI * 60 * 45)
    end

    it "rounds a rectangle's corners" do
      expect(polygon_of(rectangle(60, 40, corner_mm: 5)).area).to be_within(0.5).of((60 * 40) - ((4 - Math::PI) * 25))
    end

    it "turns counter-clockwise, then moves" do
      expect(described_class.points(rectangle(20, 10, at: [100, 0], turn_deg: 90)).map do |xy|
        xy.map do |value|
          value.round(6)
        end
      end).to include([95.0, 10.0])
    end

    it "makes a strip as wide as it says, square at its ends" do
      expect(polygon_of({ "kind" => "strip", "points_mm" => [[0, 0], [50, 0]],
"width_mm" => 8 }).area).to be_within(1e-9).of(400)
    end

    it "tells the exact box of a turned oval" do
      expect(described_class.size({ "kind" => "oval", "width_mm" => 40, "depth_mm" => 20,
"turn_deg" => 90 })).to match([be_within(1e-9).of(20), be_within(1e-9).of(40)])
    end

    it "keeps area however it is turned and moved" do
      ranges = PropCheck::Generators.tuple(PropCheck::Generators.choose(-360..360), PropCheck::Generators.choose(-200..200),
        PropCheck::Generators.choose(1..100), PropCheck::Generators.choose(1..100))
      PropCheck.forall(ranges) do |turn, shift, width, depth|
        expect(polygon_of(rectangle(width, depth, at: [shift, -shift],
          turn_deg: turn)).area).to be_within(1e-6).of(width * depth)
      end
    end
  end

  describe GreenPlinth::Plan::Ground do
    def ground(*zones, plinth: { "outline" => rectangle(100, 60) })
      design(plain_file(zones: zones).merge("plinth" => plinth)).then do |made|
        described_class.new(made.plinth, made.zones)
      end
    end

    def areas(...) = ground(...).areas.map { |area| GreenPlinth::Plan::Geos.area(area) }

    it "gives a later zone what it takes from earlier ones" do
      expect(areas(zone(id: "all"),
        zone(id: "pond", outline: rectangle(20, 10)))).to match([be_within(1e-6).of(5800), be_within(1e-6).of(200)])
    end

    it "ends zones at the top's edge" do
      expect(areas(zone(id: "corner", outline: rectangle(40, 40, at: [50, 30]))).first).to be_within(1e-6).of(400)
    end

    it "counts the smaller top of a bevelled base" do
      expect(areas(zone,
        plinth: { "outline" => round(32), "top_outline" => round(28) }).first).to be_within(0.01).of(Math::PI * 196)
    end

    it "never shares ground twice nor loses any" do
      spots = PropCheck::Generators.array(
        PropCheck::Generators.tuple(PropCheck::Generators.choose(-45..45), PropCheck::Generators.choose(-25..25),
          PropCheck::Generators.choose(3..60)), max: 6)
      PropCheck.forall(spots) do |list|
        zones = list.each_with_index.map { |(x, y, size), i| zone(id: "z#{i}", outline: round(size, at: [x, y])) }
        expect(areas(zone(id: "rest"), *zones).sum).to be_within(1e-3).of(6000)
      end
    end
  end

  describe GreenPlinth::Composition::Layout do
    def composition(**members) = told(plain_file(**members))["composition"]
    def first(*subjects) = composition(subjects: subjects)["subjects"].first

    it "measures coverage of the whole top" do
      expect(first(figure(rectangle(30, 20)))["coverage_pct"]).to be_within(1e-6).of(10)
    end

    it "measures how far a silhouette reaches beyond the plinth" do
      expect(first(figure(round(10), silhouette: rectangle(30, 4),
        at_mm: [40, 0]))["overhang_mm"]).to be_within(1e-6).of(5)
    end

    it "measures the angle to the nearest straight edge, 0 to 45" do
      expect(first(figure(rectangle(20, 8), turn_deg: 12))["edge_angle_deg"]).to be_within(1e-6).of(12)
      expect(first(figure(rectangle(20, 8), turn_deg: 80))["edge_angle_deg"]).to be_within(1e-6).of(10)
      expect(first(figure(rectangle(20, 8), turn_deg: 300))["edge_angle_deg"]).to be_within(1e-6).of(30)
    end

    it "has no edge angle on a round plinth, nor for a round footprint" do
      file = plain_file(subjects: [figure(rectangle(10, 4))]).merge("plinth" => { "outline" => round(60) })
      expect(told(file)["composition"]["subjects"][0]["edge_angle_deg"]).to be_nil
      expect(first(figure(round(10)))["edge_angle_deg"]).to be_nil
    end

    it "measures the distance to the nearest crossing of the thirds" do
      # Thirds of 100 × 60 about the middle cross at (±16.67, ±10).
      expect(first(figure(round(8), at_mm: [0, 0]))["thirds_mm"]).to be_within(1e-3).of(Math.hypot(100 / 6.0, 10))
      expect(first(figure(round(8), at_mm: [100 / 6.0, 10]))["thirds_mm"]).to be_within(1e-3).of(0)
    end

    it "measures clearances between silhouettes" do
      answer = composition(subjects: [figure(round(10), id: "a", at_mm: [-10, 0]), figure(round(10), id: "b", at_mm: [15, 0]),
        figure(round(10), id: "c", at_mm: [15, 4])])
      expect(answer["clearances"].map do |one|
        [one["between"], one["mm"].round(1)]
      end).to eq([[%w[a b], 15.0], [%w[a c], 15.3], [%w[b c], 0.0]])
    end

    it "measures mirror symmetry, left for right" do
      pair = [figure(round(10), id: "a", at_mm: [-20, 0]), figure(round(10), id: "b", at_mm: [20, 0])]
      expect(composition(subjects: pair)["symmetry_pct"]).to be_within(0.1).of(100)
      expect(composition(subjects: pair.first(1))["symmetry_pct"]).to be_within(0.1).of(0)
      expect(composition["symmetry_pct"]).to be_nil
    end
  end
end
