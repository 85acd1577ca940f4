# frozen_string_literal: true

RSpec.describe "Water" do
  def pool(file) = evaluation(file).pools.first

  it "fills a box to its level" do
    found = pool(pool_file(level: 8))
    expect(found).to have_attributes(volume_mm3: be_within(0.005 * 3200).of(40 * 20 * 4), max_depth_mm: be_within(1e-9).of(4),
      area_mm2: be_within(4).of(800), spill_mm2: 0.0, dam_mm: 0.0, islands: 0)
    expect(found.shore_mm).to be_within(2).of(120)
  end

  it "knows nothing without a level" do
    expect(pool(pool_file(level: 8).tap do |file|
      file["waters"][0].delete("level_mm")
    end)).to have_attributes(known?: false, volume_ml: nil, spill_mm2: nil)
  end

  it "wets nothing below all the ground" do
    expect(pool(pool_file(level: 3))).to have_attributes(wet?: false, volume_ml: 0.0, dry_mm2: be_within(1).of(800))
  end

  it "goes where lower ground lets it, drawn or not, and says how far" do
    ditch = cut(6, rectangle(20, 4, at: [30, 0]), id: "ditch")
    file = pool_file(level: 8).tap { |made| made["forms"] << ditch }
    expect(pool(file).spill_mm2).to be_within(3).of(20 * 4)
  end

  it "stays behind a saddle that is higher than its level" do
    # Two basins with a sill of 9 mm between: only the drawn one fills.
    file = pool_file(level: 8, outline: rectangle(20, 20, at: [-20, 0])).tap do |made|
      made["forms"] << cut(6, rectangle(20, 20, at: [20, 0]), id: "other") << cut(1, rectangle(20, 20), id: "sill")
    end
    expect(pool(file)).to have_attributes(spill_mm2: be_within(0.1).of(0), area_mm2: be_within(3).of(400))
    over = file.merge("waters" => [water(9.5, rectangle(20, 20, at: [-20, 0]))])
    expect(pool(over).spill_mm2).to be_within(10).of(800)
  end

  it "meets the plinth's edge above the lip: a dam is wanted there" do
    file = pool_file(level: 8, outline: rectangle(40, 20, at: [40, 0]))
    expect(pool(file).dam_mm).to be_within(0.5).of(20)
    expect(pool(file.merge("plinth" => file["plinth"].merge("lip_mm" => 8.5))).dam_mm).to eq(0)
  end

  it "leaves islands dry and counts them" do
    file = pool_file(level: 8).tap { |made| made["forms"] << lift(6, round(8), id: "rock", material: "plaster") }
    expect(pool(file)).to have_attributes(islands: 1, volume_mm3: be_within(20).of(4 * (800 - (Math::PI * 16))))
  end

  describe "the highest level that holds" do
    it "is just under where it spills or runs off" do
      file = pool_file(level: 9.8).tap { |made| made["forms"] << cut(2, rectangle(60, 4, at: [20, 0]), id: "notch") }
      made = evaluation(file)
      expect(made.holding_level(made.pools.first)).to eq(8.0)
    end

    it "is unknown where even the least water runs off" do
      made = evaluation(pool_file(level: 8, outline: rectangle(40, 20, at: [40, 0])))
      expect(made.holding_level(made.pools.first)).to be_nil
    end
  end

  describe "layers" do
    def layers(...) = pool(pool_file(...)).layers

    it "are none deeper than the medium allows, and equal" do
      # acrylic_water takes 2.5 mm at a time: 4 mm in two.
      expect(layers(level: 8).map { |layer| layer.thickness_mm.round(6) }).to eq([2.0, 2.0])
      expect(layers(level: 6.5).size).to eq(1)
    end

    it "take their volume from the basin, not from the depth alone" do
      bevelled = pool_file(level: 10).tap { |made| made["forms"][1]["edge"] = { "kind" => "bevel", "run_mm" => 6 } }
      volumes = pool(bevelled).layers.map(&:volume_mm3)
      expect(volumes).to eq(volumes.sort)
      expect(volumes.sum).to be_within(1).of(pool(bevelled).volume_mm3)
    end

    it "keep the maker's own, and say which are too thick" do
      file = pool_file(level: 9).tap { |made| made["waters"][0]["layers"] = [{ "thickness_mm" => 4 }] }
      expect(pool(file).layers.map do |layer|
        [layer.thickness_mm.round(3), layer.too_thick]
      end).to eq([[4.0, true], [1.0, false]])
    end

    it "never hold more together than the pool, at any level" do
      PropCheck.forall(PropCheck::Generators.choose(45..99)) do |tenths|
        found = pool(pool_file(level: tenths / 10.0))
        expect(found.layers.sum(&:volume_mm3)).to be_within(0.5).of(found.volume_mm3)
        expect(found.layers.map(&:thickness_mm)).to all(be <= 2.5 + 1e-9)
      end
    end
  end

  describe GreenPlinth::Waters::PourCard do
    let(:file) do
      pool_file(level: 8, medium: "two_part_resin").tap do |made|
        made["waters"][0]["tint"] = { "drops_per_10ml" => 5 }
      end
    end
    let(:card) { told(file)["waters"][0]["layers"][0] }

    it "splits resin by mass, the parts making up the whole" do
      # 3.2 ml set, 2 % shrinkage and a tenth left in the cup: 3.59 ml of 1.1 g/ml, two parts to one.
      expect(card["mix_ml"]).to be_within(0.03).of(3.2 / 0.98 * 1.1)
      expect(card["parts"].map { |part| part["name"] }).to eq(%w[resin hardener])
      expect(card["parts"][0]["mass_g"]).to be_within(0.11).of(card["parts"][1]["mass_g"] * 2)
      expect(card["parts"].sum { |part| part["mass_g"] }).to be_within(0.1).of(card["mix_ml"] * 1.1)
    end

    it "counts tint in drops, 20 to the millilitre" do
      expect(card["drops"]).to eq((card["mix_ml"] / 2).round)
      expect(card["tint_ml"]).to be_within(0.03).of(card["drops"] / 20.0)
    end

    it "has no parts for what comes ready mixed" do
      expect(told(pool_file(level: 8))["waters"][0]["layers"][0]["parts"]).to be_nil
    end
  end

  describe GreenPlinth::Waters::Patches do
    it "finds what hangs together side by side, not corner to corner" do
      cells = Numo::Bit[[1, 1, 0, 0], [0, 1, 0, 1], [0, 0, 1, 1]]
      expect(described_class.new(cells).holding(0)).to eq([[0, 0, 2], [1, 1, 2]])
      expect(described_class.new(cells).holding(7)).to eq([[1, 3, 4], [2, 2, 4]])
      expect(described_class.new(cells).holding(2)).to be_nil
    end
  end

  describe GreenPlinth::Relief::Contour do
    let(:grid) { GreenPlinth::Relief::Grid.new([-20.0, -20.0, 20.0, 20.0]) }
    let(:field) { 10 - Numo::NMath.sqrt((grid.xs**2) + (grid.ys**2)) }

    it "runs where the field is nought, closed" do
      ring = described_class.rings(field, grid).first
      expect(ring.first).to eq(ring.last)
      expect(ring.map { |x, y| Math.hypot(x, y) }).to all(be_within(0.01).of(10))
    end

    it "rings a hole apart" do
      expect(described_class.rings(Numo::DFloat.minimum(field, 5 - field), grid).size).to eq(2)
    end
  end
end
