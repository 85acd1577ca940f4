# frozen_string_literal: true

# Volumes against formulas of solid geometry. Source: Bronstein and Semendyayev, Handbook of Mathematics, chapter 3
# (stereometry). Worked by hand; limits as the product promises: 0.5 % on lifts, cuts, cones, domes, 2 % on skims.
RSpec.describe "Solids" do
  def volume(*forms) = evaluation(plain_file(forms: forms)).bulk.strata.last.volume_mm3
  def frustum(height, large, small) = Math::PI * height / 3 * ((large**2) + (large * small) + (small**2))
  def within(expected, share = 0.005) = be_within(expected * share).of(expected)

  it("a cylinder: π r² h") { expect(volume(lift(6, round(40)))).to within(Math::PI * 400 * 6) }
  it("a box") { expect(volume(lift(3, rectangle(60, 40), sheets: 2))).to within(14_400) }
  it("an elliptic cylinder: π a b h") { expect(volume(lift(5, { "kind" => "oval", "width_mm" => 60, "depth_mm" => 40 }))).to within(Math::PI * 30 * 20 * 5) }
  it("a frustum of a cone, from a bevelled edge") {
    expect(volume(lift(6, round(40), edge: { kind: "bevel", run_mm: 3 }))).to within(frustum(6, 20, 17))
  }
  it("a hollow frustum, from a bevelled cut") {
    expect(volume(cut(8, round(40), edge: { kind: "bevel", run_mm: 8 }))).to within(frustum(8, 20, 12))
  }
  it("a cone: π r² h / 3") { expect(volume(form("mound", "hill", round(50), crown_mm: 12, profile: "cone"))).to within(Math::PI * 625 * 12 / 3) }
  it("half an ellipsoid: 2 π r² h / 3") { expect(volume(form("mound", "hill", round(50), crown_mm: 12, profile: "dome"))).to within(2 * Math::PI * 625 * 12 / 3) }
  it("a pyramid on a square, from a cone's profile: a² h / 3") {
    expect(volume(form("mound", "hill", rectangle(40, 40), crown_mm: 9, profile: "cone"))).to within(1600 * 9 / 3.0)
  }
  it("a hipped roof on a rectangle") {
    expect(volume(form("mound", "hill", rectangle(60, 40), crown_mm: 9,
      profile: "cone"))).to within((20 * 40 * 9 / 2.0) + (40 * 40 * 9 / 3.0))
  }

  it "a wedge: half its box" do
    ramp = form("ramp", "ramp", rectangle(80, 30), from_mm: [-40, 0], to_mm: [40, 0], from_z_mm: 0, to_z_mm: 12)
    expect(volume(ramp)).to within(80 * 30 * 12 / 2.0)
  end

  it "a prismatic channel with sloping sides" do
    # 100 long, 20 wide at the rim, 12 at the floor, 4 deep; it runs off the plinth at both ends.
    channel = cut(4, rectangle(120, 20), edge: { kind: "bevel", run_mm: 4 })
    expect(volume(channel)).to within(100 * 4 * (20 + 12) / 2.0)
  end

  it "a triangular fillet along a straight step, under a skim of 45°" do
    step = lift(10, rectangle(40, 60))
    # Two steps 60 long, each with a fillet of 10 × 10 / 2.
    expect(volume(step, form("skim", "slope", rectangle(100, 60), slope_deg: 45))).to within(2 * 60 * 10 * 10 / 2.0, 0.02)
  end

  it "a skirt round a drum, under a skim of 30°: the frustum less the drum" do
    run = 6 / Math.tan(Math::PI / 6)
    skirt = frustum(6, 12 + run, 12) - (Math::PI * 144 * 6)
    expect(volume(lift(6, round(24)), form("skim", "slope", round(56), slope_deg: 30))).to within(skirt, 0.02)
  end

  describe "water" do
    def pool(level, hollow, outline, plinth: 20)
      evaluation(plain_file(forms: [hollow], waters: [water(level, outline, medium: "two_part_resin")]).tap do |file|
        file["plinth"]["thickness_mm"] = plinth
      end).pools.first
    end

    it "in a conical hollow below its rim: the smaller frustum" do
      # Rim 40 across, floor 24 across, 8 deep; water to 3 under the rim: 34 across at its surface.
      found = pool(-3, cut(8, round(40), edge: { kind: "bevel", run_mm: 8 }), round(40))
      expect(found.volume_mm3).to within(frustum(5, 17, 12))
      expect(found.area_mm2).to within(Math::PI * 17 * 17)
      expect(found.shore_mm).to within(2 * Math::PI * 17, 0.01)
    end

    it "in a box: area times depth" do
      expect(pool(-1, cut(6, rectangle(50, 30)), rectangle(50, 30)).volume_mm3).to within(50 * 30 * 5)
    end

    it "round a cone: the box less the part of the cone under water" do
      file = plain_file(forms: [cut(10, rectangle(60, 40)), form("mound", "isle", round(30), crown_mm: 12, profile: "cone")],
        waters: [water(-4, rectangle(60, 40), medium: "two_part_resin")])
      # The cone stands on the floor at -10: 6 of its 12 mm are under water, a frustum from 15 to 7.5.
      found = evaluation(file).pools.first
      expect(found.volume_mm3).to within((60 * 40 * 6) - frustum(6, 15, 7.5))
      expect(found.islands).to eq(1)
    end
  end
end
