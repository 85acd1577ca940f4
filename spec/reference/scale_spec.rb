# frozen_string_literal: true

RSpec.describe "Scale against published standards" do
  # Source: ISO 14688-1, table of particle size fractions: borders in mm. A border belongs to the coarser fraction.
  describe "grain names at their borders" do
    [[0.002, "clay", "silt"], [0.063, "silt", "fine sand"], [0.2, "fine sand", "medium sand"], [0.63, "medium sand", "coarse sand"],
     [2.0, "coarse sand", "fine gravel"],
      [6.3, "fine gravel", "medium gravel"], [20, "medium gravel", "coarse gravel"], [63, "coarse gravel", "cobbles"],
      [200, "cobbles", "boulders"], [630, "boulders", "large boulders"]].each do |border, below, above|
      it "#{border} mm: #{below} below, #{above} from there" do
        expect(GreenPlinth::Scale::Things.grain_name(border * 0.999)).to eq(below)
        expect(GreenPlinth::Scale::Things.grain_name(border)).to eq(above)
      end
    end
  end

  # Source: NEM 010, Massstäbe und Spurweiten; NMRA S-1.2 for HO and O.
  { "Z" => 220, "N" => 160, "TT" => 120, "H0" => 87, "S" => 64, "0" => 45, "I" => 32, "II" => 22.5, "HO" => 87.1,
    "O" => 48 }.each do |name, ratio|
    it("#{name} is 1:#{ratio}") { expect(GreenPlinth::Scale::Ratio.railway(name).n).to eq(ratio) }
  end

  # Source: EN 13450, aggregates for railway ballast, grading 31.5/63.
  it "railway ballast is 31.5 to 63 mm" do
    range = GreenPlinth::Scale::Things.new(catalogue)["railway_ballast"].range_mm
    expect([range.low, range.high]).to eq([31.5, 63])
  end
end

# Counts of units for a square metre, from the size that a national standard gives and its joint.
RSpec.describe "Bricks against national standards" do
  # A wall one brick thick (its width the brick's own), 10 m² of face, built at 1:1 scaled by ten.
  def bricks_per_m2(key, width_mm)
    wall = { "id" => "w", "kind" => "wall", "height_mm" => 200, "unit" => { "represents" => key },
             "outline" => { "kind" => "strip", "points_mm" => [[-250, 0], [250, 0]], "width_mm" => width_mm / 10.0 } }
    told = evaluation(plain_file(scale: 10, features: [wall])).units.first
    told.count / 10.0
  end

  # Source: BS 3921 work size 215 × 102.5 × 65 with 10 mm joints co-ordinates at 225 × 75: 59.3, "60 to the square metre" of
  # half-brick wall.
  it("UK bricks: 59.3") { expect(bricks_per_m2("brick_uk", 102.5)).to be_within(0.2).of(1e6 / (225 * 75)) }

  # Source: DIN 105 / DIN 4172: NF lies on the eighth-metre grid, 250 long with its joint; 71 high with a 12 mm bed: 83.3.
  it("German NF: 48") { expect(bricks_per_m2("brick_de_nf", 115)).to be_within(0.6).of(48) }

  # Source: DIN 105 / DIN 4172: DF, 16 courses to the metre, 4 to the metre along: 64.
  it("German DF: 64") { expect(bricks_per_m2("brick_de_df", 115)).to be_within(2).of(64) }

  # Source: IS 1077 modular brick 190 × 90 × 90, nominal 200 × 100 × 100 with its joint: 50 on face.
  it("Indian modular: 50") { expect(bricks_per_m2("brick_in", 90)).to be_within(0.2).of(50) }
end

RSpec.describe "Lengths of life against what is published" do
  def range(key) = GreenPlinth::Scale::Things.new(catalogue)[key].range_mm

  # Source: ANSUR II, 2012 (published 2014): mean stature of women 1,629 mm, of men 1,756 mm.
  it("people: both means of a survey lie inside, the usual between them") do
    expect(1629).to be_between(range("person").low, range("person").high)
    expect(range("person").typical).to be_between(1629, 1756)
  end

  # Source: MUTCD 2009, section 3A.06: broken lines of 10 ft segments and 30 ft gaps; normal lines 4 to 6 in wide.
  it("US markings") do
    expect(range("line_us").typical).to be_within(3).of(10 * 304.8)
    expect(catalogue.things["line_us"]["apart"] * 1000).to be_within(6).of(30 * 304.8)
    expect([range("road_line").low,
      range("road_line").high]).to match([be_within(2).of(4 * 25.4), be_within(3).of(6 * 25.4)])
  end

  # Source: TSRGD, diagram 1008: 2 m marks, 4 m gaps to 40 mph.
  it("UK centre line") { expect([range("line_uk").typical, catalogue.things["line_uk"]["apart"]]).to eq([2000, 4]) }

  # Source: EN 13674-1: profile heights 172 mm (60E1) and 149 mm (49E1). NEM 010 table: gauge of H0 16.5 mm is 1435/87 by name.
  it("rails and gauge") do
    expect([range("rail_60e1").typical, range("rail_49e1").typical]).to eq([172, 149])
    expect(range("gauge").typical / GreenPlinth::Scale::Ratio.railway("H0").n).to be_within(0.05).of(16.5)
  end

  # Source: WMO code table 3700.
  [[0, 0, 0], [1, 0, 0.1], [2, 0.1, 0.5], [3, 0.5, 1.25], [4, 1.25, 2.5], [5, 2.5, 4], [6, 4, 6], [7, 6, 9], [8, 9, 14],
    [9, 14, nil]].each do |state, low, high|
    it("sea state #{state}") { expect(catalogue.sea_states[state]["height_m"]).to eq([low, high]) }
  end
end
