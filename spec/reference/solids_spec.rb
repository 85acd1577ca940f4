# frozen_string_literal: true

# Volumes against formulas of solid geometry. Source: Bronstein and Semendyayev, Handbook of Mathematics, chapter 3
# (stereometry). Worked by hand; limits as the product promises: 0.5 % on lifts, cuts, cones, domes, 2 % on skims.
RSpec.describe "Solids" do
  def volume(*forms) = evaluation(plain_file(forms: forms)).bulk.strata.last.volume_mm3
  def frustum(height, large, small) = Math::PI * height / 3 * ((large**2) + (large * small) + (small**2))
  def within(expected, share = 0.005) = be_within(expected * share).of(expected)

  it("a cylinder: π r² h") { expect(volume(lift(6, round(40)))).to within(Math::PI * 400 * 6) }
  it("a box") { expect(volume(lift(3, rectangle(60, 40), sheets: 2))).to within(14_400) }
  it("an elliptic cylinder: π a b h") {
    expect(volume(lift(5,
      { "kind" => "oval", "width_mm" => 60, "depth_mm" => 40 }))).to within(Math::PI * 30 * 20 * 5)
  }
  it("a frustum of a cone, from a bevelled edge") {
    expect(volume(lift(6, round(40), edge: { kind: "bevel", run_mm: 3 }))).to within(frustum(6, 20, 17))
  }
  it("a hollow frustum, from a bevelled cut") {
    expect(volume(cut(8, round(40), edge: { kind: "bevel", run_mm: 8 }))).to within(frustum(8, 20, 12))
  }
  it("a cone: π r² h / 3") {
    expect(volume(form("mound", "hill", round(50), crown_mm: 12, profile: "cone"))).to within(Math::PI * 625 * 12 / 3)
  }
  it("half an ellipsoid: 2 π r² h / 3") {
    expect(volume(form("mound", "hill", round(50), crown_mm: 12,
      profile: "dome"))).to within(2 * Math::PI * 625 * 12 / 3)
  }
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
    expect(volume(step,
      form("skim", "slope", rectangle(100, 60), slope_deg: 45))).to within(2 * 60 * 10 * 10 / 2.0, 0.02)
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

# Angles at which loose grains lie. Source: EN 1991-1-1:2002, table A.4 (aggregates): sand 30°, gravel and sand 35°,
# broken brick 35°.
RSpec.describe "Angles of repose" do
  { "coarse_sand" => 30, "fine_sand" => 30, "gravel" => 35, "brick_rubble" => 35 }.each do |key, degrees|
    it("#{key}: #{degrees}°") { expect(catalogue[key]["repose_deg"]).to eq(degrees) }
  end
end

# Solids by formula, as sheets, meshes and strips have them. Source: elementary solid geometry.
RSpec.describe "Shapes by formula" do
  # A spherical cap on a round plinth, 12 mm high on a base of 40 mm: V = πh(3a² + h²)/6, here a half ellipsoid's 2/3 πa²h.
  it "a dome in the printed solid" do
    told = evaluation(plain_file(plinth: { "outline" => round(60), "thickness_mm" => 6 },
      forms: [form("mound", "dome", round(40), crown_mm: 12, profile: "dome", material: "xps_foam")]))
    wanted = (Math::PI * 900 * 6) + (Math::PI * 400 * 12 * 2 / 3)
    expect(told.mesh.volume_mm3).to be_within(0.01 * wanted).of(wanted)
  end

  # A triangular channel 40 long, 20 wide, 6 deep at its middle: two bevels meet; A = w·d/2.
  it "a channel with sloping sides" do
    told = evaluation(plain_file(forms: [lift(10, rectangle(100, 60)),
      cut(6, rectangle(100, 20), edge: { kind: "bevel", run_mm: 10 })])).to_h
    expect(told["relief"]["forms"][1]["volume_mm3"]).to be_within(60).of(100 * 20 * 6 / 2.0)
  end

  # A wedge 100 long rising to 10 over a depth of 60: V = l·h·b/2; its surface is hypot(100, 10) long.
  it "a wedge in section" do
    told = evaluation(plain_file(forms: [form("ramp", "w", rectangle(100, 60), from_mm: [-50, 0], to_mm: [50, 0], from_z_mm: 0, to_z_mm: 10,
      material: "xps_foam")]))
    expect(told.to_h["relief"]["forms"][0]["volume_mm3"]).to be_within(150).of(30_000)
    surface = told.section([-50.0, 0.0], [50.0, 0.0])["strata"].last["runs"].first
    expect(surface.each_cons(2).sum do |(s0, _, z0), (s1, _, z1)|
      Math.hypot(s1 - s0, z1 - z0)
    end).to be_within(0.6).of(Math.hypot(100, 10))
  end

  # Two basins of 20 × 20, 4 deep, joined by a saddle 2 deep: at 3 mm of water in one, the other is wet too.
  it "basins with a saddle" do
    forms = [lift(12, rectangle(100, 60)), cut(4, rectangle(20, 20, at: [-15, 0]), id: "left"),
             cut(4, rectangle(20, 20, at: [15, 0]), id: "right"),
      cut(2, rectangle(10, 20), id: "saddle")]
    pool = ->(level) {
      told(plain_file(forms: forms, waters: [water(level, rectangle(24, 24, at: [-15, 0]))]))["waters"].first
    }
    expect(pool[9.5]["volume_ml"]).to be_within(0.02).of(20 * 20 * 1.5 / 1000)
    # Over the saddle (10 mm): both basins 3 deep and the saddle 1.
    expect(pool[11]["volume_ml"]).to be_within(0.05).of(((2 * 20 * 20 * 3) + (10 * 20 * 1)) / 1000.0)
  end
end
