# frozen_string_literal: true

RSpec.describe "Scale against published standards" do
  # Source: ISO 14688-1, table of particle size fractions: borders in mm. A border belongs to the coarser fraction.
  describe "grain names at their borders" do
    [[0.002, "clay", "silt"], [0.063, "silt", "fine sand"], [0.2, "fine sand", "medium sand"], [0.63, "medium sand", "coarse sand"], [2.0, "coarse sand", "fine gravel"],
      [6.3, "fine gravel", "medium gravel"], [20, "medium gravel", "coarse gravel"], [63, "coarse gravel", "cobbles"], [200, "cobbles", "boulders"], [630, "boulders", "large boulders"]].each do |border, below, above|
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
