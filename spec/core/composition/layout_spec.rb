# frozen_string_literal: true

RSpec.describe GreenPlinth::Composition::Layout do
  def layout(**members) = evaluation(plain_file(**members)).layout
  def subject_of(outline, **more) = figure(outline, **more)
  def post(id, at) = { "id" => id, "kind" => "sign", "outline" => round(4, at: at), "height_mm" => 20 }

  it "tells features that are near a subject, and leaves out those that are not" do
    told = layout(subjects: [subject_of(round(10), id: "man")], features: [post("near", [20, 0]), post("far", [45, 25])])
    expect(told.feature_clearances).to match([{ "between" => %w[man near], "mm" => be_within(0.02).of(13) }])
  end

  it "measures from the silhouette where something reaches out" do
    lance = rectangle(40, 2)
    told = layout(subjects: [subject_of(round(10), id: "man", silhouette: lance)], features: [post("near", [30, 0])])
    expect(told.feature_clearances.first["mm"]).to be_within(0.02).of(8)
  end

  it "tells what something stands on from what it lies over" do
    track = { "id" => "line", "kind" => "track", "outline" => { "kind" => "strip", "points_mm" => [[-40, 0], [40, 0]], "width_mm" => 20 } }
    told = layout(subjects: [subject_of(rectangle(30, 10), id: "engine")], features: [track, post("buffer", [10, 0])])
    expect(told.feature_clearances).to contain_exactly({ "between" => %w[engine line], "mm" => 0.0, "stands_on" => true },
      { "between" => %w[engine buffer], "mm" => 0.0 })
  end

  it "counts what stands on the top once, and only the top" do
    twice = [subject_of(rectangle(20, 30), id: "a"), subject_of(rectangle(20, 30), id: "b")]
    expect(layout(subjects: twice).standing_pct).to be_within(0.01).of(10)
    over_the_edge = [subject_of(rectangle(20, 30), id: "a", at_mm: [50, 0])]
    expect(layout(subjects: over_the_edge).standing_pct).to be_within(0.01).of(5)
  end

  it "tells the farthest reach past the plinth" do
    told = layout(subjects: [subject_of(round(10), silhouette: rectangle(130, 4), at_mm: [5, 0])])
    expect(told.subjects.first["overhang_mm"]).to be_within(0.01).of(20)
  end

  it "has every figure of a subject that is told in the evaluation" do
    told = told(plain_file(subjects: [subject_of(rectangle(20, 8), height_mm: 35)]))["composition"]["subjects"].first
    expect(told.keys).to include("id", "coverage_pct", "overhang_mm", "edge_angle_deg", "thirds_mm", "visible_pct", "life")
    expect(told["life"]).to eq("length_mm" => 700, "width_mm" => 280, "height_mm" => 1225)
  end

  describe GreenPlinth::Composition::Bearing do
    def bearing(outline, turn: 0, plinth: rectangle(100, 60), at: [0, 0])
      file = plain_file(plinth: { "outline" => plinth }, subjects: [figure(outline, turn_deg: turn, at_mm: at)])
      evaluation(file).layout.bearing.edge_angle(design(file).subjects.first)
    end

    { 0 => 0, 10 => 10, 45 => 45, 80 => 10, 90 => 0, 135 => 45, 190 => 10, 350 => 10 }.each do |turn, angle|
      it("is #{angle}° at a turn of #{turn}°") { expect(bearing(rectangle(20, 8), turn: turn)).to be_within(1e-6).of(angle) }
    end

    it "takes an outline's own turn with it, and finds the long axis of a polygon" do
      expect(bearing(rectangle(20, 8, turn_deg: 30), turn: 15)).to be_within(1e-6).of(45)
      expect(bearing(polygon([-20, -1], [20, 19], [-20, 1]))).to be_within(3).of(26.6)
    end

    it "knows none for what is round, nor on a plinth without straight sides" do
      expect(bearing(round(10))).to be_nil
      expect(bearing(rectangle(20, 8), plinth: round(80))).to be_nil
    end

    it "looks at the side that is nearest" do
      slanted = polygon([-50, -30], [50, -30], [30, 30], [-50, 30])
      expect(bearing(rectangle(20, 8), plinth: slanted, at: [34, 0])).to be_within(0.1).of(Math.atan2(60, -20) * 180 / Math::PI % 90)
      expect(bearing(rectangle(20, 8), plinth: slanted, at: [-40, 0])).to be_within(1e-6).of(0)
    end
  end
end
