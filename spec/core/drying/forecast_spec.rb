# frozen_string_literal: true

RSpec.describe GreenPlinth::Drying::Forecast do
  def climate(temperature: 20, humidity: 50, airflow: "room")
    GreenPlinth::Design::Climate.of({ "temperature_c" => temperature, "humidity_pct" => humidity,
"airflow" => airflow })
  end
  def dry(key, thickness: nil, ground: :sealed, **air)
    described_class.new(climate(**air)).call(catalogue[key], thickness_mm: thickness, ground: ground)
  end
  def hours(minutes) = minutes / 60.0

  it "takes the catalogue's typical times at the reference state" do
    expect(dry("earth_paste")).to have_attributes(handle_min: 8 * 60, next_min: 24 * 60, dry_min: 24 * 60,
      full_min: 72 * 60)
  end

  describe "evaporation" do
    it "goes with the thickness to the material's power" do
      # earth_paste: reference 2 mm, exponent 1.7.
      expect(dry("earth_paste", thickness: 4).dry_min).to be_within(1).of(24 * 60 * (2**1.7))
    end

    # A paste keeps 0.7 of its reference time, pumice paste 0.9, a coat all of it, filler, of which nothing is said, 0.4.
    it "falls under its material's own floor for no thinness" do
      { "earth_paste" => 24 * 0.7, "pumice_paste" => 24 * 0.9, "acrylic_paint" => 4, "wall_filler" => 8 * 0.4 }.each do |key, hours|
        expect(dry(key, thickness: 0.001).dry_min).to be_within(1).of(hours * 60), key
      end
    end

    it "goes with the vapour pressure deficit" do
      # At one temperature the deficit goes with 1 - RH: 75 % against 50 % takes twice as long.
      expect(dry("earth_paste", humidity: 75).dry_min).to be_within(1).of(48 * 60)
    end

    it "is held to five times, however damp" do
      expect(dry("earth_paste", humidity: 95, temperature: 5).factors.find do |factor|
        factor.name == "humidity"
      end.value).to eq(5.0)
    end

    it "is quicker in a fan, slower in still air" do
      expect(dry("earth_paste", airflow: "fan").dry_min).to be < dry("earth_paste").dry_min
      expect(dry("earth_paste", airflow: "still").dry_min).to be > dry("earth_paste").dry_min
    end

    it "is slower shut between sheets, quicker on absorbent ground" do
      expect(dry("canopy_glue", ground: :shut).dry_min).to eq(3 * dry("canopy_glue").dry_min)
      expect(dry("earth_paste", ground: :absorbent).dry_min).to be < dry("earth_paste").dry_min
    end

    it "counts the joint once for glues whose times are a joint's already" do
      %w[wood_glue foam_adhesive].each { |key| expect(dry(key, ground: :shut).dry_min).to eq(dry(key).dry_min), key }
    end

    it "counts as dry no sooner than it is left" do
      left = dry("tacky_glue").left(720)
      expect([left.next_min, left.dry_min]).to eq([4 * 60, 720])
      expect(dry("tacky_glue").left(60).dry_min).to eq(8 * 60)
    end

    it "keeps its open time whatever its thickness" do
      expect(dry("earth_paste", thickness: 4).open_min).to eq(dry("earth_paste").open_min)
    end
  end

  describe "hydration" do
    it "sets in its own time and only then dries by the air" do
      thick = dry("plaster", thickness: 10, humidity: 75)
      expect(thick.handle_min).to eq(dry("plaster").handle_min)
      expect(thick.dry_min).to be_within(1).of(dry("plaster").dry_min * (2**1.5) * 2)
    end
  end

  describe "reaction" do
    it "takes half as long ten degrees warmer, whatever the humidity" do
      expect(dry("two_part_resin", thickness: 5, temperature: 30, humidity: 90).dry_min).to eq(12 * 60)
    end

    it "cures slower under its least layer" do
      expect(dry("two_part_resin", thickness: 2).dry_min).to eq(36 * 60)
    end

    it "gives superglue seconds by the air's moisture, within bounds" do
      expect(dry("superglue_gel", humidity: 95).factors.first.value).to eq(0.6)
      expect(dry("superglue_gel", humidity: 10).factors.first.value).to eq(2.0)
    end
  end

  it "cures uv resin under the lamp for seconds for each millimetre" do
    expect(dry("uv_resin", thickness: 2)).to have_attributes(handle_min: be >= 4)
  end

  it "has nothing to wait for where nothing sets" do
    expect(dry("tufts")).to have_attributes(handle_min: 0, dry_min: 0)
  end

  it "tells the factors it multiplied, each with a source" do
    made = dry("mud_paste", thickness: 3, humidity: 60, temperature: 15)
    expect(made.factors.map(&:source)).to all(be_a(String).and(satisfy { |text| !text.empty? }))
    expect(made.dry_min).to be_within(1).of(catalogue["mud_paste"].hours("dry").typical * 60 * made.factors.map(&:value).reduce(:*))
  end

  it "never dries sooner for being damper or thicker" do
    cases = PropCheck::Generators.tuple(PropCheck::Generators.choose(5..94), PropCheck::Generators.choose(1..80),
      PropCheck::Generators.choose(0..44))
    PropCheck.forall(cases) do |humidity, tenths, temperature|
      %w[earth_paste plaster acrylic_water].each do |key|
        base = dry(key, thickness: tenths / 10.0, humidity: humidity, temperature: temperature).dry_min
        expect(dry(key, thickness: tenths / 10.0, humidity: humidity + 1,
          temperature: temperature).dry_min).to be >= base
        expect(dry(key, thickness: (tenths + 1) / 10.0, humidity: humidity,
          temperature: temperature).dry_min).to be >= base
      end
    end
  end
end
