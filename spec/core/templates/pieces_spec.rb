# frozen_string_literal: true

RSpec.describe GreenPlinth::Templates::Pieces do
  def pieces(**members) = evaluation(plain_file(**members)).templates.drop(1)

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
end
