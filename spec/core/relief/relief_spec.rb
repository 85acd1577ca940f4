# frozen_string_literal: true

# Volumes and heights of each kind of form, and what happens where they meet. Solids against formulas: spec/reference.
RSpec.describe "Relief" do
  def relief(*forms, **members) = evaluation(plain_file(forms: forms, **members))
  def strata(...) = relief(...).bulk.strata
  def height(evaluation, x, y) = evaluation.terrain.height_at(x, y)

  describe "lifts" do
    it "stack on each other" do
      made = relief(lift(3, rectangle(60, 40), id: "a", sheets: 2), lift(4, rectangle(20, 20), id: "b"))
      expect([height(made, 0, 0), height(made, 25, 0), height(made, 45, 0)]).to eq([10, 6, 0])
    end

    it "end at the plinth's edge unless they overhang it" do
      expect(strata(lift(3, rectangle(40, 40, at: [50, 0]))).first.area_mm2).to be_within(1e-6).of(800)
      expect(strata(lift(3, rectangle(40, 40, at: [50, 0]),
        overhang: true)).first.area_mm2).to be_within(1e-6).of(1600)
    end

    it "bridge hollows when rigid, and say how much air is under them" do
      sheet = lift(3, rectangle(40, 20), id: "lid")
      below = [lift(10, rectangle(100, 60), id: "board"), cut(6, rectangle(20, 10))]
      expect(strata(*below, sheet).last.void_mm3).to be_within(20).of(20 * 10 * 6)
    end

    it "follow the ground when they drape" do
      cloth = lift(0.7, rectangle(40, 20), id: "cloth", material: "plaster_cloth")
      made = relief(lift(10, rectangle(100, 60), id: "board"), cut(6, rectangle(20, 10)), cloth)
      expect(made.bulk.strata.last.void_mm3 || 0).to be_within(1e-6).of(0)
      expect(height(made, 0, 0)).to be_within(1e-6).of(4.7)
    end

    it "slope only along sides inside the top" do
      made = relief(lift(6, rectangle(50, 60, at: [-25, 0]), edge: { kind: "bevel", run_mm: 6 }))
      expect(height(made, -49, 0)).to be_within(0.01).of(6)
      expect(height(made, -3, 0)).to be_within(0.3).of(3)
    end
  end

  describe "cuts" do
    it "take away into the plinth too" do
      expect(height(relief(cut(5, round(20))), 0, 0)).to eq(-5)
    end

    it "stop at the plinth's underside and say where they would go through" do
      stratum = strata(cut(30, rectangle(10, 10))).first
      expect(stratum.volume_mm3).to be_within(1).of(10 * 10 * 20)
      expect(stratum.through_mm2).to be_within(1).of(100)
    end

    it "take nothing from a form laid later" do
      made = relief(cut(5, round(20)), lift(3, round(10), id: "later", material: "plaster_cloth"))
      expect(height(made, 0, 0)).to eq(-2)
    end
  end

  describe "ramps" do
    let(:ramp) do
      form("ramp", "ramp", rectangle(80, 20), from_mm: [-40, 0], to_mm: [40, 0], from_z_mm: 0, to_z_mm: 16,
        material: "xps_foam")
    end

    it "rise evenly and are level across" do
      made = relief(ramp)
      expect(height(made, 0, 0)).to be_within(0.05).of(8)
      expect(height(made, 20, 8)).to be_within(1e-9).of(height(made, 20, -8))
    end

    it "never lower the ground" do
      made = relief(lift(12, rectangle(100, 60)), ramp)
      expect(height(made, -30, 0)).to eq(12)
      expect(height(made, 39, 0)).to be_within(0.1).of(15.8)
    end
  end

  describe "skims" do
    it "leave no slope steeper than asked" do
      made = relief(lift(10, rectangle(40, 60)), form("skim", "slope", rectangle(100, 60), slope_deg: 45))
      profile = (19..34).map { |x| height(made, x + 0.125, 0) }
      expect(profile.each_cons(2).map { |a, b| a - b }).to all(be <= 1.05)
      expect(height(made, 25, 0)).to be_within(0.3).of(5)
    end

    # Beside a straight bevel the filler is a triangle between the crest, the bevel's foot and its own: h × (h / tan s − r) / 2
    # on each mm of both sides.
    [[10, 6, 45], [10, 2, 60], [5, 1, 30], [15, 5, 60], [20, 0.4, 45]].each do |high, run, deg|
      it "fill from the crest of a bevel #{high} mm high and #{run} mm wide to #{deg}°" do
        bevelled = lift(high, rectangle(40, 60), edge: { kind: "bevel", run_mm: run })
        skim = strata(bevelled, form("skim", "s", rectangle(100, 60), slope_deg: deg)).last
        exact = 2 * 60 * high * ((high / Math.tan(deg * Math::PI / 180)) - run) / 2
        expect(skim.volume_mm3).to be_within(exact * 0.03).of(exact)
      end
    end

    # Four triangles of the same height along 46 mm, and at the corners a quarter of a cone of filler each, less a quarter of the
    # pyramid that the bevel leaves: π k² h / 3 − 4/3 r² h.
    it "fill round the corners of one that stands askew" do
      askew = lift(10, rectangle(50, 50, turn_deg: 27), edge: { kind: "bevel", run_mm: 2 })
      skim = strata(askew, form("skim", "s", rectangle(100, 100), slope_deg: 45),
        plinth: { "outline" => rectangle(100, 100), "thickness_mm" => 20, "material" => "mdf", "key" => "scuffed" }).last
      exact = (4 * 46 * 10 * (10 - 2) / 2.0) + (Math::PI * (10**2) * 10 / 3) - (4.0 / 3 * (2**2) * 10)
      expect(skim.volume_mm3).to be_within(exact * 0.03).of(exact)
    end

    it "fill nothing where the ground is flat" do
      expect(strata(form("skim", "slope", rectangle(40, 40),
        slope_deg: 30)).first.volume_mm3).to be_within(1e-6).of(0)
    end
  end

  describe "courses" do
    it "raise the ground by their thickness, in their zone alone" do
      made = relief(zones: [zone(course("earth_paste", thickness_mm: 2), outline: rectangle(50, 60, at: [-25, 0]))])
      expect([height(made, -20, 0), height(made, 20, 0)]).to eq([2, 0])
    end

    it "count grains as 1.2 mean grains thick, and films as nothing" do
      courses = [course("acrylic_paint"), course("gravel", grain_mm: [1, 3]), course("static_grass", length_mm: 4)]
      expect(height(relief(zones: [zone(*courses)]), 0, 0)).to be_within(1e-9).of(2.4)
    end

    it "count by their cover" do
      expect(height(relief(zones: [zone(course("gravel", grain_mm: [1, 3], cover_pct: 50))]), 0,
        0)).to be_within(1e-9).of(1.2)
    end
  end

  describe GreenPlinth::Relief::Coverage do
    let(:grid) { GreenPlinth::Relief::Grid.new([0.0, 0.0, 100.0, 60.0]) }

    it "sums to the polygon's own area" do
      PropCheck.forall(PropCheck::Generators.tuple(PropCheck::Generators.choose(10..90), PropCheck::Generators.choose(10..50),
        PropCheck::Generators.choose(1..20), PropCheck::Generators.choose(0..359))) do |x, y, size, turn|
        shape = GreenPlinth::Plan::Outline.polygon(rectangle(size, size / 2.0, turn_deg: turn),
          at: [x.to_f, y.to_f]).intersection(GreenPlinth::Plan::Outline.polygon(rectangle(100, 60), at: [50.0, 30.0]))
        expect(described_class.of(shape,
          grid).sum * grid.cell_area).to be_within(1e-6 * [shape.area, 1].max).of(shape.area)
      end
    end

    it "leaves holes out" do
      ring = GreenPlinth::Plan::Outline.polygon(round(40,
        at: [50, 30])).difference(GreenPlinth::Plan::Outline.polygon(round(20, at: [50, 30])))
      expect(described_class.of(ring, grid).sum * grid.cell_area).to be_within(0.01).of(ring.area)
    end
  end

  describe GreenPlinth::Relief::Grid do
    it "has cells of a four hundredth of the longest side, from 0.25 to 2 mm" do
      sides = { 32 => 0.25, 120 => 0.3, 900 => 2.0, 400 => 1.0 }
      sides.each { |long, cell| expect(described_class.new([0.0, 0.0, long.to_f, 10.0]).cell).to eq(cell) }
    end

    it "crops to cells that stay where they were" do
      grid = described_class.new([0.0, 0.0, 40.0, 20.0])
      part = grid.crop(10...20, 30...70)
      expect(part.shape).to eq([10, 40])
      expect(part.xs[0]).to eq(grid.xs[30])
      expect(part.ys[0, 0]).to eq(grid.ys[10, 0])
    end
  end

  describe GreenPlinth::Relief::Section do
    let(:section) { evaluation(pool_file(level: 8)).section([-50.0, 0.0], [50.0, 0.0]) }
    let(:layers) { section["strata"].to_h { |stratum| [stratum["pointer"], stratum["runs"]] } }

    it "cuts every stratum to scale" do
      expect(section["length_mm"]).to eq(100)
      expect(layers["/plinth"].flatten(1).map { |_, bottom, top| [bottom, top] }.uniq).to eq([[-20.0, 0.0]])
      tops = layers["/forms/0"].flatten(1)
      expect(tops.find { |s, _, _| (s - 10).abs < 0.3 }[2]).to eq(10)
      expect(tops.find { |s, _, _| (s - 50).abs < 0.3 }[2]).to eq(4)
    end

    it "shows the water between its shores" do
      run = section["waters"].first["runs"].first
      expect([run.first[0], run.last[0]]).to match([be_within(0.6).of(30), be_within(0.6).of(70)])
      expect(run.map { |_, bottom, top| [bottom, top] }.uniq).to eq([[4.0, 8.0]])
    end

    it "breaks a stratum where the line leaves it" do
      made = evaluation(plain_file(forms: [lift(3, rectangle(20, 20, at: [-30, 0]), id: "a"),
        lift(3, rectangle(20, 20, at: [30, 0]), id: "b")]))
      expect(made.section([-50.0, 0.0], [50.0, 0.0])["strata"].map { |stratum| stratum["runs"].size }).to all(eq(1))
    end

    it "says nothing of what lies off the base" do
      expect(evaluation(plain_file).section([200.0, 0.0], [300.0, 0.0])["strata"]).to be_empty
    end
  end
end
