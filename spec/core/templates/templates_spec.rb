# frozen_string_literal: true

require "pdf/inspector"

RSpec.describe GreenPlinth::Templates do
  # Without the skin of the side, which comes last.
  def pieces(**members) = evaluation(plain_file(**members)).templates.reject { |piece| piece.name.start_with?("edge skin") }

  it "cuts every sheet once, bottom to top, with what stands on it" do
    found = pieces(
      forms: [lift(3, rectangle(100, 60), id: "board", name: "board", sheets: 2),
        lift(4, rectangle(40, 30, at: [20, 0]), id: "bank",
          name: "bank")], subjects: [figure(round(10), at_mm: [20, 0])])
    expect(found.map do |piece|
      [piece.order, piece.name, piece.count]
    end).to eq([[0, "plan of Specimen", 1], [1, "board", 2], [2, "bank", 1]])
    expect(found[1].glue_lines.map(&:area)).to eq([1200.0])
    expect(found.map(&:feet)).to all(eq([[20.0, 0.0]]))
  end

  it "gives sloping sides a piece for each sheet, and a mound its slices" do
    bevelled = pieces(forms: [lift(4, rectangle(60, 40), sheets: 2, edge: { kind: "bevel", run_mm: 6 })])
    expect(bevelled.drop(1).map { |piece| piece.size_mm.map(&:round) }).to eq([[60, 40], [54, 34]])
    sliced = pieces(forms: [form("mound", "hill", round(48), crown_mm: 24, profile: "cone", material: "cork_tile")])
    expect(sliced.drop(1).map(&:sheet_mm)).to eq([6, 6, 6, 6])
  end

  it "marks cuts where they go through a sheet, and cuts forms off at the plinth's edge" do
    found = pieces(forms: [lift(10, rectangle(140, 60)), cut(6, rectangle(40, 20))])
    expect(found[1].size_mm).to eq([100.0, 60.0])
    expect(found[1].cut_lines.map { |shape, depth| [shape.area.round, depth] }).to eq([[800, 6.0]])
    expect(found[2].note).to eq("cut 6 mm deep")
  end

  describe GreenPlinth::Templates::Packing do
    def box(key, width, depth, may_turn: true) = described_class::Box.new(key, width.to_f, depth.to_f, may_turn)

    it "turns a piece where that saves a sheet, and never against the grain" do
      boxes = [box(1, 90, 50), box(2, 50, 90)]
      expect(described_class.new([100, 100], boxes).sheets.size).to eq(1)
      kept = [box(1, 90, 50, may_turn: false), box(2, 50, 90, may_turn: false)]
      expect(described_class.new([100, 100], kept).sheets.size).to eq(2)
    end

    it "fills a sheet with what just fits" do
      expect(described_class.new([300, 200], Array.new(6) { |i| box(i, 100, 100) }).sheets.map(&:size)).to eq([6])
    end

    it "lays no two over each other, none off the sheet, and beats no bound" do
      random = Random.new(7)
      30.times do
        boxes = Array.new(random.rand(1..24)) do |i|
          box(i, random.rand(8..190), random.rand(8..290))
        end.map { |one| box(one.key, [one.width, 190].min, one.depth) }
        packing = described_class.new([300, 200], boxes)
        placed = packing.sheets
        expect(placed.flatten.map(&:key)).to match_array(boxes.map(&:key))
        expect(placed.size).to be >= packing.lower_bound
        placed.each do |sheet|
          expect(sheet).to all(satisfy { |one|
            one.x >= 0 && one.y >= 0 && one.x + one.width <= 300.001 && one.y + one.depth <= 200.001
          })
          expect(sheet.combination(2).count do |a, b|
            a.x < b.x + b.width - 1e-6 && b.x < a.x + a.width - 1e-6 && a.y < b.y + b.depth - 1e-6 && b.y < a.y + a.depth - 1e-6
          end).to eq(0)
        end
      end
    end
  end

  it "plans sheets by material and thickness, and says what must be joined" do
    told = GreenPlinth::Templates::CuttingPlan.new(
      pieces(plinth: plain_file["plinth"].merge("outline" => rectangle(400, 200)),
        forms: [lift(3, rectangle(390, 190), id: "wide"),
          lift(3, rectangle(140, 90), id: "small", sheets: 2)]), catalogue, 1).to_a
    expect(told.size).to eq(1)
    expect(told.first).to include("material" => "cork_sheet", "sheet_mm" => 3.0, "lower_bound" => 1,
      "too_large" => [1])
    expect(told.first["sheets"].first["yield_pct"]).to be_within(0.1).of(100 * 2 * 140 * 90 / 60_000.0)
  end

  describe GreenPlinth::Exports::TemplatePdf do
    point = 72 / 25.4
    def pdf(page: "a4", **members) = described_class.new(evaluation(plain_file(**members)), paper: page).write
    # Straight lines drawn on the first page, as their lengths in mm.
    define_method(:lines) do |bytes|
      PDF::Reader.new(StringIO.new(bytes))
        .pages.first.raw_content.scan(/(-?[\d.]+) (-?[\d.]+) m\s+(-?[\d.]+) (-?[\d.]+) l\s+S/).map do |numbers|
        x0, y0, x1, y1 = numbers.map(&:to_f)
        Math.hypot(x1 - x0, y1 - y0) / point
      end
    end

    # Source: ISO 216 for A4 and A3; ANSI/ASME Y14.1 for Letter.
    { "a4" => [210, 297], "a3" => [297, 420], "letter" => [215.9, 279.4] }.each do |page, size|
      it "prints on #{page}" do
        found = PDF::Inspector::Page.analyze(pdf(page: page)).pages.first[:size]
        expect(found.map { |points| points / point }).to match(size.map { |side| be_within(0.1).of(side) })
      end
    end

    it "carries a ruler of 50 mm and a diagonal of the length it tells, on every page" do
      bytes = pdf
      expect(lines(bytes)).to include(be_within(0.01).of(50), be_within(0.01).of(Math.hypot(190, 253)))
      expect(PDF::Inspector::Text.analyze(bytes).strings).to include("50 mm",
        "check: this diagonal is #{format("%.1f", Math.hypot(190, 253))} mm")
    end

    it "draws 100 mm as 100 mm" do
      pages = PDF::Reader.new(StringIO.new(pdf)).pages
      # The plan's outline, as the numbers its path is made of: points of the page.
      corners = pages.first.raw_content.scan(/(-?[\d.]+) (-?[\d.]+) [ml]/).map do |pair|
        pair.map do |value|
          value.to_f / point
        end
      end
      spans = corners.combination(2).map { |(x0, y0), (x1, y1)| [(x1 - x0).abs, (y1 - y0).abs] }
      expect(spans).to include([be_within(0.01).of(100), be_within(0.01).of(0)],
        [be_within(0.01).of(0), be_within(0.01).of(60)])
    end

    it "tiles what is larger than a page, with the same cross on both pages of a seam" do
      plinth = plain_file["plinth"].merge("outline" => rectangle(400, 200))
      bytes = pdf(plinth: plinth)
      texts = PDF::Inspector::Page.analyze(bytes).pages.map { |page| page[:strings] }.reject { |page| page.join(" ").include?("edge skin") }
      expect(texts.size).to eq(3)
      expect(texts[0] & texts[1]).to include("B0", "B1")
      expect(texts[1].join(" ")).to include("page B1 of 3 × 1")
    end

    it "prints any name it is given" do
      expect(pdf(title: "Żółw 亀 “moor”")).to start_with("%PDF")
    end
  end

  it "writes pieces as SVG and DXF that read back at their size" do
    made = pieces(forms: [lift(3, rectangle(90, 40), id: "board")]).drop(1)
    svg = GreenPlinth::Imports::SvgOutline.points(GreenPlinth::Exports::TemplateSvg.new(evaluation(plain_file)).drawn(made, "Specimen"))
    dxf = GreenPlinth::Imports::DxfOutline.points(GreenPlinth::Exports::TemplateDxf.new(evaluation(plain_file)).drawn(made))
    [svg, dxf].each do |points|
      expect(points.transpose.map do |axis|
        axis.max - axis.min
      end).to match([be_within(0.02).of(90), be_within(0.02).of(40)])
    end
  end

  it "weighs by material, and tells what a gram costs in drying" do
    lines = GreenPlinth::Balance::ByMaterial.new(evaluation(plain_file(forms: [lift(10, rectangle(100, 60))],
      zones: [zone(course("earth_paste", thickness_mm: 2))]))).lines
    cork = lines.find { |line| line.material == "cork_sheet" }
    paste = lines.find { |line| line.material == "earth_paste" }
    # 100 × 60 × 10 mm at 0.2 g/ml; 12 ml of paste at 1.5.
    expect([cork.grams, paste.grams]).to match([be_within(0.05).of(12), be_within(0.05).of(18)])
    expect(paste.min_per_g).to be_within(0.01).of(paste.drying_min / paste.grams)
  end
end
