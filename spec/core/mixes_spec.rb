# frozen_string_literal: true

require "prop_check"

# Cards of what is stirred up. Ratios, densities and least batches as core/data has them; the sums are done by hand.
RSpec.describe GreenPlinth::Mixes do
  def mix(*parts, id: "own", **more)
    parts = parts.map { |material, amount, colour| { "material" => material, "amount" => amount, "colour" => colour }.compact }
    data = { "id" => id, "parts" => parts }
    GreenPlinth::Design::Mix.new(data.merge(more.transform_keys(&:to_s)), "/mixes/0")
  end

  def formula(*parts, **more)
    own = mix(*parts, **more)
    GreenPlinth::Mixes::Formula.of("mix:own", catalogue.with_mixes([own]), { "own" => own })
  end

  def product(key) = GreenPlinth::Mixes::Formula.of(key, catalogue, {})

  # Resin to hardener 2 : 1 by mass; 1.13 and 1.0 g/ml: 2/1.13 = 1.770 : 1 by volume.
  it "never takes a ratio by mass for one by volume" do
    resin = product("two_part_resin")
    expect(resin.ratio(:mass)).to eq([2, 1])
    expect(resin.ratio(:volume)).to eq([1.77, 1])
    card = GreenPlinth::Mixes::MixCard.new(resin, 30.0)
    expect(card.amounts.map(&:g)).to match([be_within(1e-9).of(20), be_within(1e-9).of(10)])
    expect(card.amounts.map(&:ml)).to match([be_within(1e-3).of(17.699), be_within(1e-9).of(10)])
    expect(card.marks).to match([be_within(1e-3).of(17.699), be_within(1e-3).of(27.699)])
  end

  it "tells how its volume comes about" do
    how = GreenPlinth::Mixes::MixCard.new(product("two_part_resin"), 30.0).how
    expect(how).to have_attributes(value: 27.7, unit: "ml")
    # 20 g at 1.13 g/ml and 10 g at 1 g/ml.
    expect(how.inputs.map(&:value)).to eq([20.0, 1.13, 10.0, 1.0])
  end

  # Only 12 g of hardener are left: 24 g of resin go with it. 5 ml of resin are 5.65 g: 2.825 g of hardener.
  it "follows one amount that is turned" do
    resin = product("two_part_resin")
    expect(GreenPlinth::Mixes::MixCard.turned(resin, 1, g: 12.0).amounts.map { |one| one.g.round(6) }).to eq([24, 12])
    expect(GreenPlinth::Mixes::MixCard.turned(resin, 0, ml: 5.0).amounts.last.g).to be_within(1e-9).of(2.825)
  end

  # 2 ml at 1.2 g/ml: 40 drops, 2.4 g; a level teaspoon is 5 ml, a tablespoon 15.
  it "tells an amount in drops and spoons" do
    amount = GreenPlinth::Mixes::Amount.of(2.4, 1.2)
    expect(amount.to_h).to eq("g" => 2.4, "ml" => 2.0, "drops" => 40.0, "teaspoons" => 0.4, "tablespoons" => 0.133)
    expect(GreenPlinth::Mixes::Amount.of(2.4, nil).to_h.except("g").values).to all(be_nil)
  end

  it "keeps volume and mass, and scales straight" do
    part = PropCheck::Generators.tuple(PropCheck::Generators.one_of(*%w[earth_paste fine_sand acrylic_paint water two_part_resin plaster]
      .map { |key| PropCheck::Generators.constant(key) }), PropCheck::Generators.choose(1..50))
    PropCheck.forall(PropCheck::Generators.array(part, min: 1, max: 6), PropCheck::Generators.choose(1..400)) do |parts, g|
      parts = [["earth_paste", 1], *parts]
      %w[volume mass drops].each do |by|
        made = formula(*parts, by: by)
        card = GreenPlinth::Mixes::MixCard.new(made, g.to_f)
        expect(card.amounts.sum(&:g)).to be_within(1e-6 * g).of(g)
        expect(card.amounts.sum(&:ml)).to be_within(1e-6 * g).of(g / made.density)
        thrice = GreenPlinth::Mixes::MixCard.new(made, g * 3.0)
        expect(thrice.amounts.map(&:ml)).to match(card.amounts.map { |one| be_within(1e-6 * g).of(one.ml * 3) })
      end
    end
  end

  describe GreenPlinth::Mixes::Portioned do
    it "mixes as often as the pot life asks, and no less than comes true" do
      expect(described_class.of(90.0, 3, 15)).to have_attributes(count: 3, g: 30, left_g: 0.0, too_small?: false)
      expect(described_class.of(1.7, 1, 15)).to have_attributes(count: 1, g: 15, used_g: 1.7, too_small?: true)
      expect(described_class.of(1.7, 1, 15).left_g).to be_within(1e-9).of(13.3)
      expect(described_class.of(30.0, 3, 15)).to have_attributes(count: 3, g: 15, left_g: 15.0)
      expect(described_class.of(1.7, 1, nil)).to have_attributes(g: 1.7, too_small?: false)
      expect(described_class.of(15.0, 1, 15)).to have_attributes(left_g: 0.0, too_small?: false)
    end
  end

  # The smallest part is 1 of 10 by volume; a drop of it, 0.05 ml, makes 0.5 ml of the whole: 0.5 ml × 1.2 g/ml = 0.6 g.
  it "asks for a drop of each part at the least, and for what a two-part product in it asks" do
    expect(formula(["acrylic_paint", 9, "#ffffff"], ["acrylic_paint", 1, "#000000"]).least_g).to be_within(1e-9).of(0.6)
    putty = formula(["two_part_resin", 1], ["fine_sand", 1], by: "mass")
    expect(putty.least_g).to be_within(1e-9).of(30)
  end

  it "is taken apart down to what is bought, mixes within mixes, each paint in its colour" do
    inner = mix(["acrylic_paint", 1, "#ffffff"], ["acrylic_paint", 3, "#402010"], id: "brown")
    outer = mix(["mix:brown", 1], ["water", 1], id: "thin")
    material = catalogue.with_mixes([outer, inner])["mix:thin"]
    expect(material["parts"]).to eq([{ "material" => "acrylic_paint", "colour" => "#ffffff", "share" => 0.125 },
      { "material" => "acrylic_paint", "colour" => "#402010", "share" => 0.375 }])
  end

  it "is a grain still where all in it is dry, and water alone is nothing" do
    dry = catalogue.with_mixes([mix(["fine_sand", 3], ["coarse_sand", 1])])["mix:own"]
    expect([dry.family.key, dry.sets?, dry.grain_mm.low]).to eq(["grain", false, catalogue["fine_sand"].grain_mm.low])
    expect(catalogue.with_mixes([mix(["water", 1])])["mix:own"]).to be_nil
  end

  it "goes by what the maker measured before what follows from the parts" do
    made = catalogue.with_mixes([mix(["earth_paste", 1], ["water", 1], measured: { "dry_h" => 12, "density_g_ml" => 1.45 })])["mix:own"]
    expect([made.hours("dry").typical, made.density_wet, made.source("dry_h"), made.source("open_min")])
      .to eq([12, 1.45, "measured", "from its parts"])
    expect(made.hours("handle").typical).to be_within(1e-9).of(8 * 12 / 24.0)
  end

  describe "in a build" do
    def needed(**more) = evaluation(plain_file(**more)).mix_cards.to_h

    it "cards what a step stirs up, and says what cannot be weighed" do
      paint = { material: "acrylic_paint", amount: 1, colour: "#40301c" }
      mud = { id: "mud", name: "bank mud", parts: [{ material: "earth_paste", amount: 3 }, paint] }
      card = needed(zones: [zone(course("mix:mud", thickness_mm: 2))], mixes: [mud]).first
      expect(card).to include("name" => "bank mud", "batches" => 1, "left_g" => 0.0)
      expect(card["parts"].map { |part| part["ml"] }.reduce(:/)).to be_within(0.01).of(3)
      expect(card["need_ml"]).to be_within(0.05).of(card["parts"].sum { |part| part["ml"] })
      thin = zone(course("road_plaster", thickness_mm: 0.1, cover_pct: 30))
      small = needed(zones: [thin]).find { |one| one["material"] == "road_plaster" }
      expect(small["g"]).to eq(30)
      expect(small["left_g"]).to be_within(0.01).of(30 - small["need_g"])
    end

    # Two ponds wait for nothing of each other; the second layer of one waits until the first has set.
    it "says what the left-over can pour too, and not what has to wait for it" do
      ponds = lambda do |*lefts, **more|
        cuts = lefts.map { |x| cut(6, rectangle(14, 12, at: [x, 0]), id: "cut-#{x + 50}") }
        waters = lefts.map { |x| water(8, rectangle(14, 12, at: [x, 0]), id: "pond-#{x + 50}", medium: "two_part_resin", **more) }
        needed(forms: [lift(10, rectangle(100, 60)), *cuts], waters: waters).select { |card| card["material"] == "two_part_resin" }
      end
      two = ponds[-20, 20]
      expect(two.map { |card| card["serves"].size }).to eq([1, 1])
      one = ponds[0, max_layer_mm: 2.5]
      expect(one.size).to be > 1
      expect(one.map { |card| card["serves"] }).to all(be_empty)
    end
  end
end

RSpec.describe GreenPlinth::Mixes::Poured do
  let(:resin) { GreenPlinth::Mixes::Formula.of("two_part_resin", catalogue, {}) }
  # 20 g of resin and 10 g of hardener.
  let(:card) { GreenPlinth::Mixes::MixCard.new(resin, 30.0) }

  def poured(*grams, **more) = described_class.new(card, grams, **more)

  it "is right within its tolerance, and waits for what is not poured yet" do
    expect(poured(20.5, nil).parts.map(&:state)).to eq(%w[right to_pour])
    expect(poured(20.5, 9.8)).to have_attributes(whole_g: 30.0, saved?: true)
    expect(poured(18.0, nil).parts.first.state).to eq("short")
  end

  # 12 g of hardener ask for 24 g of resin: 36 g in all.
  it "says what the others must become when one was poured over" do
    saved = poured(20.0, 12.0)
    expect(saved.whole_g).to be_within(1e-9).of(36)
    expect(saved.parts.map { |part| [part.becomes_g.round(6), part.state] }).to eq([[24, "short"], [12, "right"]])
    expect(saved).to be_saved
  end

  it "says that nothing can save it where there is no more of the other, or it would be more than twice as much" do
    expect(poured(20.0, 12.0, settled: [0])).not_to be_saved
    expect(poured(20.0, 21.0)).not_to be_saved
    expect(poured(20.0, 20.0)).to be_saved
  end
end

RSpec.describe GreenPlinth::Mixes::Copied do
  def recipe(key, *materials)
    GreenPlinth::Catalogue::Recipe.new(key, { "name" => key, "parts" => materials.map { |one| { "material" => one, "amount" => 1 } } })
  end

  let(:recipes) { [recipe("base", "acrylic_paint"), recipe("bank", "mix:base", "water")].to_h { |one| [one.id, one] } }

  def copied(file, key = "bank")
    name, patch = described_class.new(file, recipes).of(key)
    [name, GreenPlinth::Patch.apply(file, patch)]
  end

  it "brings what it is of along, and leaves a valid file" do
    name, file = copied(JSON.parse(JSON.generate(plain_file)))
    expect([name, file["mixes"].map { |mix| mix["id"] }]).to eq(["mix:bank", %w[base bank]])
    expect { design(file) }.not_to raise_error
  end

  it "uses what was copied before, and takes another id where the recipe has changed or the id is taken" do
    _, file = copied(JSON.parse(JSON.generate(plain_file)))
    expect(copied(file)).to eq(["mix:bank", file])
    file["mixes"][0]["parts"][0]["amount"] = 2
    name, changed = copied(file)
    expect([name, changed["mixes"].map { |mix| mix["id"] }]).to eq(["mix:bank-2", %w[base bank base-2 bank-2]])
    taken = JSON.parse(JSON.generate(plain_file(zones: [zone(course("earth_paste", id: "base"))])))
    expect(copied(taken, "base").first).to eq("mix:base-2")
  end
end
