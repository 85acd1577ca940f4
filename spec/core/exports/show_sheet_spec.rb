# frozen_string_literal: true

require "pdf/inspector"

RSpec.describe GreenPlinth::Exports::ShowSheetPdf do
  def printed(file, **more) = described_class.new(evaluation(file), **more).write
  def words(pdf) = PDF::Inspector::Text.analyze(pdf).strings.join("\n")

  let(:file) do
    plain_file(title: "Reed pool", story: "Who waits there?", subjects: [figure(round(8), name: "scout", height_mm: 30)],
      zones: [zone(course("earth_paste"), course("acrylic_paint", colour: "#57482f"), course("acrylic_paint", colour: "#777777"))])
  end

  it "has one page on each paper, with title, story, scale, size and what it is made of, each once" do
    described_class.papers.each do |paper|
      pdf = printed(file, paper: paper)
      expect(PDF::Inspector::Page.analyze(pdf).pages.size).to eq(1)
      expect(words(pdf)).to include("Reed pool", "Who waits there?", "1:35", "100 × 60 mm", "earth texture paste")
      expect(words(pdf).scan("acrylic paint").size).to eq(1)
      expect(words(pdf)).not_to include("glue")
    end
  end

  it "shows photographs of the work beside each other, on the same page" do
    require "vips"
    photographs = [[400, 300], [300, 400], [640, 360]].map { |wide, high| Vips::Image.black(wide, high, bands: 3).jpegsave_buffer }
    sample_names.first(3).each do |name|
      pdf = printed(sample(name), photographs: photographs)
      expect(PDF::Inspector::Page.analyze(pdf).pages.size).to eq(1), name
      expect(pdf.scan("/DCTDecode").size).to eq(3)
    end
  end

  it "fits every sample on its page" do
    sample_names.each do |name|
      expect(PDF::Inspector::Page.analyze(printed(sample(name))).pages.size).to eq(1), name
    end
  end
end

RSpec.describe GreenPlinth::Kinds::Silhouette do
  it "reads lines and curves: half way along one it lies by Bézier's formula, which ends where it ends" do
    rings = described_class.rings("M0 0L1 0Q1 1 0 1ZM.2 .2L.4 .2L.4 -.4Z")
    expect(rings.size).to eq(2)
    expect(rings[0].first(2)).to eq([[0, 0], [1, 0]])
    # (1 - t)² P0 + 2 t (1 - t) P1 + t² P2 at t = ½.
    expect(rings[0][2 + (described_class::CHORDS / 2) - 1]).to eq([0.75, 0.75])
    expect(rings[0].last).to eq([0, 1])
    expect(rings[1]).to eq([[0.2, 0.2], [0.4, 0.2], [0.4, -0.4]])
  end

  it "reads every upright silhouette that ships, within its box" do
    kinds = GreenPlinth::Kinds.default.to_h.slice("subjects", "features").values.flatten
    paths = kinds.flat_map { |kind| kind.to_h.values_at("silhouette", "end_on") }.compact
    expect(paths.size).to be > 10
    points = paths.flat_map { |path| described_class.rings(path).flatten(1) }
    expect(points).to all(satisfy { |x, y| x.between?(-0.6, 0.6) && y.between?(-0.01, 1.05) })
  end
end
