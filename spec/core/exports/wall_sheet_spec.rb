# frozen_string_literal: true

require "pdf/inspector"

RSpec.describe GreenPlinth::Exports::WallSheetPdf do
  def evaluated(file)
    GreenPlinth.evaluate(GreenPlinth::Files::PlinthFile.new(GreenPlinth::Catalogue.default).build(file), memo: GreenPlinth::Memo.new)
  end
  def printed(evaluation, **more) = described_class.new(evaluation, **more).write
  def words(pdf) = PDF::Inspector::Text.analyze(pdf).strings.join("\n")
  def pages(pdf) = PDF::Inspector::Page.analyze(pdf).pages.size

  let(:file) do
    plain_file(title: "Reed pool", zones: [zone(course("earth_paste"), course("acrylic_paint", colour: "#57482f"))], copies: 3,
      subjects: [figure(round(8), name: "scout", paint_min: 30)])
  end
  let(:evaluation) { evaluated(file) }

  it "holds each step in its sitting with a box to tick, and each material to have at hand" do
    pdf = printed(evaluation)
    told = words(pdf)
    expect(told).to include("Reed pool", "1:35", "100 × 60 mm", "3 bases", "Order of work", "To have at hand")
    evaluation.steps.each { |step| expect(told.delete("\n ")).to include(step.title.delete(" ")) }
    evaluation.quantities.each { |line| expect(told.delete("\n ")).to include(line.name.delete(" ")) }
    boxes = PDF::Inspector::Graphics::Rectangle.analyze(pdf).rectangles.count { |box| [box[:width], box[:height]] == [8, 8] }
    expect(boxes).to eq(evaluation.steps.size + evaluation.quantities.size)
  end

  it "draws plan and section to the largest usual scale that fits, and says which" do
    # 100 mm fit twice into the 190 mm of a page, not five times; 20 mm of plinth under some mm of ground as well.
    expect(words(printed(evaluation))).to match(/Plan, 1:1\n.*Section from A to A', 1:1/m)
    wide = evaluated(file.merge("plinth" => { "outline" => rectangle(600, 250), "thickness_mm" => 12 }))
    expect(words(printed(wide))).to include("Plan, 1:5")
    small = evaluated(file.merge("plinth" => { "outline" => rectangle(30, 30), "thickness_mm" => 3 }, "subjects" => []))
    expect(words(printed(small))).to include("Plan, 2:1")
  end

  it "carries a code back to the build where it has an address, module by module" do
    link = [[true, false], [true, true]]
    squares = ->(pdf) { PDF::Inspector::Graphics::Rectangle.analyze(pdf).rectangles.count { |box| box[:width] == 31 && box[:height] == 31 } }
    expect(squares[printed(evaluation, link: link)]).to eq(3)
    expect(squares[printed(evaluation)]).to eq(0)
  end

  it "tells what is wanted though it is a snag, with the reason" do
    snag = evaluation.snags.find { |one| one.severity != "stops" } || raise("no snag to want")
    entry = { "code" => snag.code, "of" => evaluation.accepted.of(snag), "reason" => "lost on the moor" }.compact
    expect(words(printed(evaluated(file.merge("accepted" => [entry]))))).to include("Wanted so", "lost on the moor")
    expect(words(printed(evaluation))).not_to include("Wanted so")
  end

  it "takes one to four pages of every sample, on each paper, and no dates where there are none" do
    %w[charcoal-brook drifting-islet lineside-set].each do |name|
      sample = evaluated(JSON.parse(File.read("samples/#{name}.json")))
      described_class.papers.each { |paper| expect(pages(printed(sample, paper: paper))).to be_between(1, 4), "#{name} on #{paper}" }
    end
    never = evaluated(file.merge("calendar" => { "start" => "2027-03-01T09:00", "weekly" => [] }))
    expect { printed(never) }.not_to raise_error
  end
end
