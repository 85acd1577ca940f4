# frozen_string_literal: true

# Slopes, contours, sheet stacks, slices and the edge skin.
RSpec.describe GreenPlinth::Relief do
  def terrain(**members) = evaluation(plain_file(**members)).terrain

  describe GreenPlinth::Relief::Slopes do
    def ramp(rise)
      form("ramp", "ramp", rectangle(100, 60), from_mm: [-50, 0], to_mm: [50, 0], from_z_mm: 0, to_z_mm: rise,
        material: "xps_foam")
    end
    def middle(file)
      evaluation(file).slopes.then do |slopes|
        slopes.degrees[slopes.degrees.shape[0] / 2, slopes.degrees.shape[1] / 2]
      end
    end

    { 8.75 => 5, 26.79 => 15, 57.74 => 30 }.each do |rise, degrees|
      it("finds a ramp of #{rise} % to lie at #{degrees}°") {
        expect(middle(plain_file(forms: [ramp(rise)]))).to be_within(0.05).of(degrees)
      }
    end

    it "lets grains lie or slide by what they are" do
      on = ->(rise, material) {
        evaluation(plain_file(forms: [ramp(rise)],
          zones: [zone(course(material))])).slopes.classes.then do |classes|
          classes[classes.shape[0] / 2, classes.shape[1] / 2]
        end
      }
      # 32.6°: sand slides from 30°, gravel lies to 35° (EN 1991-1-1).
      expect(on[64, "coarse_sand"]).to eq(3)
      expect(on[64, "gravel"]).to eq(2)
    end
  end

  describe GreenPlinth::Relief::Levels do
    # A cone 24 mm high on a 48 mm disc: at height z the radius is 24 − z.
    let(:levels) do
      described_class.new(terrain(forms: [form("mound", "cone", round(48), crown_mm: 24, profile: "cone",
        material: "air_dry_clay")]))
    end

    [6, 12, 18].each do |z|
      it "draws a circle round a cone at #{z} mm, 2πr long" do
        line = levels.at(z).max_by(&:size)
        expect(GreenPlinth::Plan::Geos.line(line).length).to be_within(0.6).of(2 * Math::PI * (24 - z))
      end
    end

    it "chooses an interval that can be read, and draws nothing on the flat" do
      expect(levels.lines(levels.usual_interval).size).to be_between(6, described_class::MOST_LINES)
      expect(described_class.new(terrain).lines(1)).to be_empty
    end
  end

  describe GreenPlinth::Relief::SheetStack do
    it "reaches a height by the nearest stack, and by the fewest sheets that come close" do
      stack = described_class.new([12.7, 20, 50.8])
      expect(stack.nearest(45.4).sheets).to eq(20 => 1, 12.7 => 2)
      expect(stack.fewest(101.2).sheets).to eq(50.8 => 2)
      expect(stack.fewest(3)).to be_nil
      expect(described_class.new([]).nearest(10)).to be_nil
    end

    it "is never beaten by a stack made by hand" do
      check = PropCheck.forall(PropCheck::Generators.tuple(PropCheck::Generators.choose(1..60), PropCheck::Generators.choose(0..4),
        PropCheck::Generators.choose(0..4), PropCheck::Generators.choose(0..4)))
      check.with_config(n_runs: 60).check do |(wanted, threes, fours, sixes)|
        found = described_class.new([3, 4, 6]).nearest(wanted)
        by_hand = (threes * 3) + (fours * 4) + (sixes * 6)
        expect(found.error_mm.abs).to be <= (by_hand - wanted).abs + 1e-9 if by_hand.positive?
        expect(found.sheets.sum { |mm, count| mm * count }).to be_within(1e-6).of(found.height_mm)
      end
    end
  end

  describe GreenPlinth::Relief::Slicing do
    def mound(profile)
      design(plain_file(forms: [form("mound", "hill", round(48), crown_mm: 24, profile: profile,
        material: "cork_tile")])).forms.first
    end

    # A cone holds π r² h / 3, half an ellipsoid 2/3 of its cylinder; slices taken at half their height keep that.
    { "cone" => 1 / 3.0, "dome" => 2 / 3.0 }.each do |profile, share|
      it "keeps the volume of a #{profile}" do
        slices = described_class.new(1).mound(mound(profile))
        expect(slices.size).to be_between(23, 24)
        expect(slices.sum do |slice|
          slice.shape.area
        end).to be_within(0.01 * Math::PI * 576 * 24).of(Math::PI * 576 * 24 * share)
      end
    end

    it "makes lifts that a file takes, in place of the mound" do
      file = plain_file(forms: [form("mound", "hill", round(48), crown_mm: 24, profile: "dome",
        material: "cork_tile")])
      lifts = described_class.new(4).then do |slicing|
        slicing.forms(slicing.mound(mound("dome")), "lift", "cork_tile", "hill")
      end
      sliced = file.merge("forms" => lifts.each_with_index.map { |lift, i| { "id" => "s#{i}" }.merge(lift) })
      expect(problems(sliced)).to be_empty
      expect(evaluation(sliced).terrain.highest_mm).to be_within(0.01).of(24)
    end
  end

  describe GreenPlinth::Relief::EdgeSkin do
    it "is as long as the plinth is round, and as high as its side" do
      skin = evaluation(plain_file(plinth: { "outline" => round(100), "thickness_mm" => 12 })).edge_skin
      expect(skin.length_mm).to be_within(0.1).of(Math::PI * 100)
      expect([skin.lowest_mm, skin.highest_mm]).to eq([12, 12])
      expect(skin.pieces([297, 210]).size).to eq(2)
    end

    # A bank 8 mm high along the back: the strip steps up there, half way round from the front's middle.
    it "follows the ground at the rim" do
      skin = evaluation(plain_file(forms: [lift(8, rectangle(100, 30, at: [0, 15]))])).edge_skin
      at = ->(along) { skin.profile.min_by { |s, _| (s - along).abs }.last }
      expect([at[0], at[160]]).to eq([20, 28])
      expect(skin.area_mm2).to be_within(80).of((320 * 20) + (160 * 8) + (5 * 20))
    end
  end

  it "tells heights along a cut: a ramp of 10 % rises 10 mm in 100" do
    told = evaluation(plain_file(forms: [form("ramp", "r", rectangle(100, 60), from_mm: [-50, 0], to_mm: [50, 0], from_z_mm: 0, to_z_mm: 10,
      material: "xps_foam")])).section(
      [-50.0, 0.0], [50.0, 0.0])
    expect(told["gradient"]).to include("rise_mm" => be_within(0.3).of(10), "mean_pct" => be_within(0.2).of(10),
      "steepest_pct" => be_within(0.6).of(10))
  end

  it "shows what a cut goes through and what it passes" do
    subjects = [figure(round(10), id: "in", at_mm: [0, 0], height_mm: 30), figure(round(10), id: "beside", at_mm: [20, 12], height_mm: 20),
      figure(round(10), id: "far", at_mm: [0, -25], height_mm: 20)]
    told = evaluation(plain_file(subjects: subjects)).section([-50.0, 0.0], [50.0, 0.0])["standing"]
    expect(told.map do |one|
      one.values_at("pointer", "cut", "from",
        "high")
    end).to eq([["/subjects/0", true, 44.99, 30.0], ["/subjects/1", false, 64.99, 20.0]])
  end
end
