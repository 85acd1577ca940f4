# frozen_string_literal: true

# Embankments, cuttings and culverts as work, material and pieces.
RSpec.describe "Earthworks" do
  def strip(width, *points) = { "kind" => "strip", "points_mm" => points, "width_mm" => width }
  def board(*forms, **more)
    plain_file(plinth: { "outline" => rectangle(200, 140), "thickness_mm" => 20, "material" => "mdf" }, forms: forms, **more)
  end

  let(:bank) do
    form("embankment", "bank", strip(20, [-60, 0], [60, 0]), material: "xps_foam", from_z_mm: 10, to_z_mm: 10, slope_deg: 45,
      fixing: { "glue" => "wood_glue" }, seal: ["matte_medium"])
  end
  let(:cutting) { form("cutting", "lane", strip(20, [-60, 0], [60, 0]), from_z_mm: 4, to_z_mm: 4, slope_deg: 45) }

  # 120 mm of way, 40 mm broad at its foot, and its slopes round both ends.
  it "are reckoned by the ground that they change, not by all that they could" do
    area = evaluation(board(bank)).terrain.bulk.strata.first.area_mm2
    expect(area).to be_between(120 * 40, 120 * 40 * 1.35)
  end

  # Where the ground is higher already nothing is filled.
  it "fill nothing where the ground is higher" do
    made = evaluation(board(lift(12, rectangle(200, 140), id: "hill"), bank))
    expect(made.terrain.bulk.strata.last.volume_mm3).to be_within(1).of(0)
  end

  it "are shaped and sealed, and cut, as their kinds say" do
    titles = evaluation(board(lift(10, rectangle(200, 140), id: "hill"), bank.merge("from_z_mm" => 16, "to_z_mm" => 16),
      cutting)).steps.map(&:title)
    expect(titles).to include("Shape the ramp bank from extruded foam board", "Seal bank with matt medium", "Cut lane to full depth")
  end

  # A trapezium of 20 and 32 mm, 6 mm deep, 156 mm² in section.
  it "take away what a cutting's section has" do
    made = evaluation(board(lift(10, rectangle(200, 140), id: "hill"), cutting))
    runs = made.section([0, -60], [0, 60])["strata"].find { |one| one["pointer"] == "/forms/0" }["runs"].flatten(1)
    left = runs.each_cons(2).sum { |a, b| b[0] - a[0] > 1 ? 0 : (b[0] - a[0]) * (a[2] - a[1]) }
    expect((120 * 10) - left).to be_within(8).of(156)
  end

  it "have templates, and a culvert's lining its folds" do
    pipe = form("culvert", "pipe", strip(8, [0, -30], [0, 30]), invert_mm: 1, clear_mm: 6, material: "styrene_sheet")
    pieces = evaluation(board(bank, pipe)).templates
    expect(pieces.map(&:name)).to include("bank", "pipe, lining")
    lining = pieces.find { |piece| piece.name == "pipe, lining" }
    # Round 2 × (8 + 6) mm, 60 mm long, folded after 8, 14 and 22 mm.
    expect(lining.size_mm.map { |side| side.round(2) }).to eq([28.0, 60.0])
    expect(lining.scores.map { |from, _| from[0] }).to eq([8.0, 14.0, 22.0])
  end

  # A room of 30 × 20 mm under the middle of a block of 12 mm on a plinth of 20: from 0 to 9 mm, or from the underside up.
  describe "a room for a battery" do
    def housed(**more)
      board(form("ramp", "block", rectangle(100, 60), material: "xps_foam", from_mm: [-50, 0], to_mm: [50, 0], from_z_mm: 12, to_z_mm: 12),
        form("cavity", "room", rectangle(30, 20), invert_mm: 0, clear_mm: 9, **more))
    end

    def cut(made, pointer)
      strata = made.section([-100, 0], [100, 0])["strata"].select { |one| one["pointer"] == pointer }
      strata.flat_map { |one| one["runs"].flatten(1) }.select { |s, _, _| s.between?(90, 110) }.map { |_, low, high| [low, high] }.uniq
    end

    it "leaves its roof, and the plinth whole unless it is reached from below" do
      above = evaluation(housed(reached_from: "above"))
      expect([cut(above, "/forms/0"), cut(above, "/plinth")]).to eq([[[9.0, 12.0]], [[-20.0, 0.0]]])
      below = evaluation(housed)
      expect([cut(below, "/forms/0"), cut(below, "/plinth")]).to eq([[[9.0, 12.0]], []])
    end

    it "weighs nothing, is cut before any ground is laid, and has its mouth among the templates" do
      file = housed(reached_from: "above")
      whole = evaluation(file.merge("forms" => file["forms"].first(1)))
      made = evaluation(file)
      foam = made.design.forms.first.material.density_dry
      expect(whole.mass.known_g - made.mass.known_g).to be_within(0.02).of(30 * 20 * 9 * foam / 1000)
      expect(made.steps.map(&:title)).to include("Cut the cavity room out")
      expect(made.templates.find { |piece| piece.name == "room" }.note).to eq("cut 9 mm high")
    end
  end
end
