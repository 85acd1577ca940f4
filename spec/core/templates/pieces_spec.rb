# frozen_string_literal: true

RSpec.describe GreenPlinth::Templates::Pieces do
  # What is cut, without the plan before it and the skin of the side after it.
  def pieces(**members) = evaluation(plain_file(**members)).templates.drop(1).reject { |piece| piece.name.start_with?("edge skin") }

  it "cuts no template for what is spread from a tub" do
    expect(pieces(forms: [lift(5, rectangle(40, 30), material: "air_dry_clay")])).to be_empty
    expect(pieces(forms: [form("mound", "hill", round(30), crown_mm: 9, material: "fibre_plaster")])).to be_empty
  end

  it "cuts a form that may stand over the edge whole" do
    within, over = [false, true].map { |overhang| pieces(forms: [lift(5, rectangle(120, 30), overhang: overhang)]).first }
    expect([within.size_mm[0], over.size_mm[0]]).to eq([100, 120])
  end

  it "says how a ramp rises" do
    ramp = form("ramp", "climb", rectangle(60, 20), from_mm: [-30, 0], to_mm: [30, 0], from_z_mm: 0, to_z_mm: 7.5, material: "xps_foam")
    expect(pieces(forms: [ramp]).first.note).to eq("rises from 0 to 7.5 mm")
  end

  it "leaves out forms that lie beside the plinth" do
    expect(pieces(forms: [lift(5, rectangle(20, 20, at: [200, 0]))])).to be_empty
  end

  it "marks at most three pieces that stand on one, the lowest first" do
    stack = Array.new(5) { |i| lift(3, rectangle(60 - (i * 10), 40 - (i * 6)), id: "s#{i}") }
    found = pieces(forms: stack)
    expect(found.map { |piece| piece.glue_lines.size }).to eq([3, 3, 2, 1, 0])
    expect(found.first.glue_lines.first.area).to be_within(0.01).of(50 * 34)
  end

  it "marks feet only on the pieces that they stand on" do
    found = pieces(forms: [lift(3, rectangle(40, 40, at: [-20, 0]), id: "left"), lift(3, rectangle(40, 40, at: [24, 0]), id: "right")],
      subjects: [figure(rectangle(20, 6), at_mm: [-20, 5], turn_deg: 90, feet: [{ at_mm: [6, 0] }, { at_mm: [-6, 0] }])])
    expect(found.map(&:feet)).to eq([[[-20.0, 11.0], [-20.0, -1.0]], []])
  end

  it "numbers pieces in the order they are laid, for every sample" do
    sample_names.each do |name|
      found = evaluation(sample(name)).templates
      expect(found.map(&:order)).to eq((0...found.size).to_a)
      expect(found.map(&:shape)).to all(be_valid)
    end
  end

  describe "what is marked round, laid in sheets and glued to the side" do
    def named(pattern, **members) = evaluation(plain_file(**members)).templates.select { |piece| piece.name.match?(pattern) }

    it "has the ground with an outline of its own, as much of it as no later ground takes" do
      found = named(/pattern/, zones: [zone(id: "rest"), zone(id: "a", name: "path", outline: rectangle(40, 20)),
        zone(id: "b", name: "pond", outline: rectangle(20, 20, at: [10, 0]))])
      expect(found.to_h { |piece| [piece.name, piece.shape.area.round(1)] }).to eq("path, pattern" => 400, "pond, pattern" => 400)
    end

    it "has the plots of houses and kerbs, none of trees and roads" do
      one = ->(kind, outline) { { "id" => kind, "name" => kind, "kind" => kind, "outline" => outline, "height_mm" => 5 } }
      kerb = { "kind" => "strip", "points_mm" => [[-40, 0], [40, 0]], "width_mm" => 2 }
      found = named(/pattern/, features: [one["building", rectangle(20, 10)], one["kerb", kerb], one["tree", round(4, at: [30, 20])],
        one["road", kerb.merge("width_mm" => 12)]])
      expect(found.map(&:name)).to contain_exactly("building, pattern", "kerb, pattern")
      expect(found.map(&:material).uniq).to eq(["paper"])
    end

    it "has what is laid in sheets, in its material and thickness, so that the cutting plan counts it" do
      file = plain_file(zones: [zone(course("cork_sheet", thickness_mm: 3), course("earth_paste"), name: "terrace")])
      found = evaluation(file).templates.find { |piece| piece.name == "cork sheet on terrace" }
      expect([found.material, found.sheet_mm, found.shape.area]).to match(["cork_sheet", 3, be_within(0.1).of(6000)])
      plan = GreenPlinth::Templates::CuttingPlan.new(evaluation(file).templates, catalogue, 1).to_a
      expect(plan.map { |one| one.values_at("material", "sheet_mm") }).to include(["cork_sheet", 3])
    end

    it "has the skin of the side in strips that a sheet of paper holds, as high as the ground at the rim, and none of a gaming base" do
      board = { "outline" => rectangle(100, 60), "thickness_mm" => 12, "material" => "mdf" }
      sheet, *others = named(/edge skin/, purpose: "vignette", plinth: board, forms: [lift(4, rectangle(100, 60))])
      expect(others).to be_empty
      # 320 mm round in two strips, 12 + 4 mm high; each has its overlap of 5 mm.
      expect(sheet.shape.area).to be_within(60).of((320 + 10) * 16)
      expect(sheet.size_mm).to match([be_within(0.1).of(165), be_within(0.5).of(16 + 4 + 16)])
      expect(sheet.scores.size).to eq(2)
      expect(named(/edge skin/, purpose: "gaming_base", plinth: board)).to be_empty
    end
  end
end
