# frozen_string_literal: true

RSpec.describe GreenPlinth::Quantities do
  def lines(**members) = evaluation(plain_file(**members)).quantities.to_h { |line| [line.material, line] }

  describe GreenPlinth::Quantities::Dose do
    # The whole top is 100 × 60 mm: 0.6 dm².
    def amount(material, **more)
      lines(zones: [zone(course(material, **more))], schools: { rim: "bare" })[material].then do |line|
        [line.amount.round(2), line.unit]
      end
    end

    it "reckons pastes by volume, shrinkage and a tenth of waste" do
      # 6,000 mm² × 2 mm = 12 ml, of which a fifth leaves as water.
      expect(amount("earth_paste", thickness_mm: 2)).to eq([(12 / 0.8 * 1.1).round(2), "ml"])
    end

    it "reckons grains by bulk density, layer and cover" do
      # 10 × 1.5 g/cm³ × 2.4 mm × 0.6 dm² × half, and 15 % waste.
      expect(amount("gravel", grain_mm: [1, 3],
        cover_pct: 50)).to eq([(10 * 1.5 * 2.4 * 0.6 * 0.5 * 1.15).round(2), "g"])
    end

    it "reckons fibres by their length" do
      # 0.8 g a dm² at 2 mm, 1.2 at 4.
      expect(amount("static_grass", length_mm: 2)).to eq([(0.8 * 0.6 * 1.15).round(2), "g"])
      expect(amount("static_grass", length_mm: 4)).to eq([(1.2 * 0.6 * 1.15).round(2), "g"])
    end

    it "counts tufts" do
      expect(amount("tufts", count: 14)).to eq([14, "piece"])
    end

    it "spreads paint by coats and by what it lies on" do
      # 12 m² a litre, half on texture: 0.006 m² × 2 coats.
      expect(amount("acrylic_paint", coats: 2)).to eq([(0.006 / 12 * 1000 * 2).round(2), "ml"])
      both = lines(zones: [zone(course("earth_paste"), course("acrylic_paint", coats: 2))], schools: { rim: "bare" })
      expect(both["acrylic_paint"].amount).to be_within(0.01).of(0.006 / 6 * 1000 * 2)
    end

    it "takes glue and what goes with it along" do
      made = lines(zones: [zone(course("fine_sand"))], schools: { fixing: "wetted_flood" })
      expect(made.keys).to include("fine_sand", "scenic_glue", "alcohol_mist")
      expect(made["alcohol_mist"].amount).to be_within(0.01).of(4 * 0.6)
    end

    it "takes twenty times as much for twenty bases" do
      one = lines(zones: [zone(course("earth_paste"))])["earth_paste"].amount
      expect(lines(copies: 20,
        zones: [zone(course("earth_paste"))])["earth_paste"].amount).to be_within(0.01).of(20 * one)
    end

    # A box of 30 × 10 mm, 20 high: 300 mm² of top and 80 × 20 of sides, all from one sheet. A log of 10 mm across and 8 high
    # fills π/4 × 100 × 8 mm³.
    it "takes what features are made of, in sheets, by volume or by the piece" do
      box = { "id" => "box", "kind" => "prop", "outline" => rectangle(30, 10), "height_mm" => 20, "material" => "balsa" }
      log = { "id" => "log", "kind" => "log", "outline" => round(10, at: [30, 0]), "height_mm" => 8, "material" => "sand_paste" }
      tree = { "id" => "tree", "kind" => "tree", "outline" => round(4, at: [-30, 0]), "material" => "tree_armature" }
      made = lines(features: [box, log, tree])
      expect(made["balsa"]).to have_attributes(amount: 1, unit: "sheet", packs: 1)
      expect(made["sand_paste"].amount).to be_within(0.05).of(Math::PI / 4 * 100 * 8 / 1000 / 0.85 * 1.1)
      expect(made["tree_armature"].amount).to eq(1)
      expect(lines(features: [log.except("height_mm")])["sand_paste"].amount).to be_nil
    end

    # 60 cm² under 1 mm of dry mix: 6 ml; three quarters of it fine sand of 1.5 g/ml, and a tenth for waste (as its largest part).
    it "buys a dry mix as its parts" do
      waste = catalogue["fine_sand"].family["waste"] || 1.0
      made = lines(zones: [zone(course("mix:earth", thickness_mm: 1))],
        mixes: [{ id: "earth", parts: [{ material: "fine_sand", amount: 3 }, { material: "coarse_sand", amount: 1 }] }])
      expect(made.keys).not_to include("mix:earth")
      expect(made["fine_sand"].amount).to be_within(0.01).of(6 * 0.75 * 1.5 * waste)
    end

    # A base of 60 cm² under 3 mm: 18 ml, of 1.6 g/ml, 28.8 g with a tenth for waste 31.7 g; three fifths of it are powder.
    it "buys the powder of what is stirred up with water, and no water" do
      made = lines(zones: [zone(course("plaster", thickness_mm: 3))])
      expect(made["plaster"].amount).to be_within(0.1).of(60 * 0.3 * 1.6 * 1.1 * 0.6)
    end
  end

  describe GreenPlinth::Quantities::Nesting do
    def sheets(pieces, copies: 1, sheet: [300, 200])
      described_class.new(sheet, pieces.map do |width, depth, count|
        { width: width, depth: depth, sheet_mm: 3, count: count || 1, area: width * depth }
      end, copies).count
    end

    it "fits what fits, turned where that helps" do
      expect(sheets([[300, 200]])).to eq(1)
      expect(sheets([[200, 300]])).to eq(1)
      expect(sheets([[150, 100, 4]])).to eq(1)
      expect(sheets([[150, 100, 5]])).to eq(2)
    end

    it "cuts every copy" do
      expect(sheets([[150, 100]], copies: 9)).to eq(3)
    end

    it "lays what is larger than a sheet from several" do
      expect(sheets([[600, 200]])).to be >= 2
    end

    it "never mixes thicknesses" do
      pieces = [3, 1].map { |thick| { width: 50, depth: 50, sheet_mm: thick, count: 1, area: 2500 } }
      expect(described_class.new([300, 200], pieces, 1).count).to eq(2)
    end

    it "never takes fewer sheets than the pieces' area" do
      PropCheck.forall(PropCheck::Generators.array(
        PropCheck::Generators.tuple(PropCheck::Generators.choose(5..300),
          PropCheck::Generators.choose(5..200)), min: 1, max: 20)) do |pieces|
        area = pieces.sum { |width, depth| width * depth }
        expect(sheets(pieces)).to be >= (area / 60_000.0).ceil
        expect(sheets(pieces)).to be <= pieces.size
      end
    end
  end

  describe GreenPlinth::Quantities::Shopping do
    it "rounds up to whole packs and prices them" do
      line = lines(copies: 200, zones: [zone(course("earth_paste", thickness_mm: 2))])["earth_paste"]
      pack = catalogue["earth_paste"].pack
      expect(line.packs).to eq((line.amount / pack["amount"]).ceil)
      expect(line.cost_minor).to eq(line.packs * pack["price_minor"])
      expect(line.used_minor).to be <= line.cost_minor
    end

    # @return [Array<Array>] colour, amount and packs of each line of a material
    def coloured(material, **members)
      evaluation(plain_file(**members)).quantities.select { |line| line.material == material }
        .map { |line| [line.colour, line.amount, line.packs] }
    end

    it "buys each colour by itself, whatever else is of the same kind" do
      zones = %w[#4a3b2a #8a7d5b #4a3b2a].each_with_index.map do |colour, i|
        zone(course("acrylic_paint", colour: colour), id: "z#{i}", outline: rectangle(20, 20, at: [-30 + (i * 30), 0]))
      end
      # 4 cm² of one coat at 12 m²/l and twice of it: 0.033 and 0.067 ml. The rim's is of no colour that was said.
      zoned = coloured("acrylic_paint", zones: zones).select(&:first)
      expect(zoned.map { |colour, amount, packs| [colour, amount.round(3), packs] }).to eq([["#4a3b2a", 0.067, 1], ["#8a7d5b", 0.033, 1]])
    end

    it "keeps what comes in one colour together, whatever it is called" do
      zones = %w[#4a3b2a #8a7d5b].each_with_index.map do |colour, i|
        zone(course("earth_paste", colour: colour, thickness_mm: 2), id: "z#{i}", outline: rectangle(20, 20, at: [-30 + (i * 30), 0]))
      end
      expect(coloured("earth_paste", zones: zones).size).to eq(1)
    end

    it "counts what the bases themselves are" do
      base = { outline: round(25), material: "plastic_base", thickness_mm: 4 }
      # Ten to the pack.
      expect(coloured("plastic_base", plinth: base, copies: 20)).to eq([[nil, 20, 2]])
      expect(lines(plinth: base)["plastic_base"]).to have_attributes(steps: [], where: ["/plinth"], packs: 1)
    end

    it "keeps the base apart from boards of the same" do
      made = evaluation(plain_file(plinth: { outline: rectangle(100, 60), material: "plywood", thickness_mm: 12 },
        features: [{ id: "hut", kind: "building", outline: rectangle(20, 20), material: "plywood", height_mm: 20 }]))
      boards = made.quantities.select { |line| line.material == "plywood" }
      expect(boards.map { |line| [line.amount, line.unit, line.where] })
        .to contain_exactly([1, "piece", ["/plinth"]], [1, "piece", ["/features/0"]])
    end

    it "counts sheets of what is an area without a shape" do
      # 60 × 40 mm of a sheet laid on as a course: one sheet is enough, none is not.
      sheet = lines(zones: [zone(course("cork_sheet"), outline: rectangle(60, 40))])["cork_sheet"]
      expect([sheet.unit, sheet.packs]).to eq(["sheet", 1])
      expect(sheet.cost_minor).to be_positive
    end

    it "says which steps and parts a line is for" do
      line = lines(zones: [zone(course("earth_paste", id: "paste"))])["earth_paste"]
      expect(line.steps).to eq(["paste"])
      expect(line.where).to eq(["/zones/0/courses/0"])
    end

    it "counts sheets, not square millimetres" do
      expect(lines(forms: [lift(3, rectangle(90, 50),
        sheets: 2)])["cork_sheet"]).to have_attributes(amount: 1, unit: "sheet", packs: 1)
    end

    it "cuts solids from boards of stock thickness" do
      ramp = form("ramp", "ramp", rectangle(80, 20), from_mm: [-40, 0], to_mm: [40, 0], from_z_mm: 0, to_z_mm: 30,
        material: "xps_foam")
      expect(lines(forms: [ramp])["xps_foam"]).to have_attributes(unit: "sheet", packs: 1)
    end

    it "buys cloth by its area: volume over thickness" do
      # 40 × 40 mm of one layer, 0.7 mm thick: 1.12 ml as it lies, 2 % shrinkage and a tenth of waste, so 17.96 cm².
      cloth = lines(forms: [lift(0.7, rectangle(40, 40), material: "plaster_cloth")])["plaster_cloth"]
      expect(cloth.unit).to eq("cm2")
      expect(cloth.amount).to be_within(0.02).of(16 / 0.98 * 1.1)
    end

    it "weighs in the unit that is sold" do
      expect(lines(forms: [lift(10, rectangle(100, 60)), cut(6, round(20))],
        waters: [water(8, round(20), medium: "two_part_resin")])["two_part_resin"].unit).to eq("g")
    end
  end
end

# What is stirred up can be whatever a material can be.
RSpec.describe "Mixes as glue and as tint" do
  let(:thin) { { id: "thin", parts: [{ material: "white_glue", amount: 1 }, { material: "water", amount: 1 }] } }
  let(:blue) { { id: "blue", parts: [{ material: "acrylic_ink", amount: 1, colour: "#2a4f9e" }] } }

  it "hold a course, and are bought as their parts" do
    file = plain_file(zones: [zone(course("gravel", id: "stones", fixing: { glue: "mix:thin" }))], mixes: [thin])
    lines = evaluation(file).quantities.map(&:material)
    expect(lines).to include("white_glue")
    expect(evaluation(file).mix_cards.needed.map { |one| [one.step.id, one.formula.key] }).to include(["stones", "mix:thin"])
  end

  it "are refused where they are not there, or do not set" do
    told = lambda do |glue, *mixes|
      file = plain_file(zones: [zone(course("gravel", fixing: { glue: glue }))], mixes: mixes)
      problems(JSON.parse(JSON.generate(file)))
    end
    expect(told["mix:none", thin].map(&:to_s)).to match([/there is no mix/])
    expect(told["mix:sand", { id: "sand", parts: [{ material: "fine_sand", amount: 1 }] }].map(&:to_s)).to match([/does not set/])
  end

  it "seal foam, and make what stands there" do
    seal = { id: "skin", parts: [{ material: "matte_medium", amount: 3 }, { material: "acrylic_paint", amount: 1, colour: "#2a2420" }] }
    file = plain_file(forms: [lift(10, rectangle(60, 40), seal: ["mix:skin"]).merge("material" => "xps_foam")], mixes: [seal])
    expect(problems(JSON.parse(JSON.generate(file)))).to be_empty
    expect(evaluation(file).quantities.map(&:material)).to include("matte_medium", "acrylic_paint")
  end

  # Six drops in 10 ml, 20 drops to the ml: 0.03 ml for each ml poured.
  it "tint what is poured, by the drop" do
    water = { "tint" => { "drops_per_10ml" => 6, "colour" => "#2a4f9e", "material" => "mix:blue" } }
    file = pool_file(level: 8, mixes: [blue])
    file["waters"] = [file["waters"].first.merge(water)]
    lines = evaluation(file).quantities.to_h { |line| [line.material, line] }
    expect(lines["acrylic_ink"].amount).to be_within(0.01).of(lines["acrylic_water"].amount * 0.03)
    file["waters"] = [file["waters"].first.merge("tint" => water["tint"].merge("material" => "moon_dust"))]
    expect(problems(file).map(&:to_s)).to match([%r{/waters/0/tint/material}])
  end
end
