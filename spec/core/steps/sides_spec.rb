# frozen_string_literal: true

# The finish of the plinth's sides: areas and amounts by hand.
RSpec.describe GreenPlinth::Steps::Expansion::SideWorks do
  # A board of 100 × 60, 20 thick, with a lip of 4: its sides are 24 high.
  def made(*sides, **more)
    evaluation(plain_file(plinth: { outline: rectangle(100, 60), thickness_mm: 20, material: "mdf", lip_mm: 4 }, sides: sides, **more))
  end

  def side(on, *courses) = { "id" => on, "on" => on, "courses" => courses }
  def amount(evaluation, id) = evaluation.steps.find { |step| step.id == id }.uses.first.amount

  it "takes the area of what looks to its side" do
    skin = made.edge_skin
    expect([skin.extent(nil), skin.extent([0, -1]), skin.extent([1, 0])])
      .to match([[320, 320 * 24], [100, 100 * 24], [60, 60 * 24]].map { |pair| pair.map { |value| be_within(1e-6).of(value) } })
    round = evaluation(plain_file(plinth: { outline: round(80), thickness_mm: 10, material: "mdf" })).edge_skin
    quarters = [[0, -1], [0, 1], [-1, 0], [1, 0]].map { |toward| round.extent(toward).first }
    expect(quarters).to all(be_within(2).of(Math::PI * 20))
    expect(quarters.sum).to be_within(1e-6).of(round.length_mm)
  end

  it "is painted by its area, coat by coat, in place of the rim" do
    whole = made(side("all", { "id" => "black", "material" => "acrylic_paint", "coats" => 2 }))
    ids = whole.steps.map(&:id)
    expect(ids).to include("black/coat-1", "black/coat-2")
    expect(ids.grep(/rim/)).to be_empty
    front = made(side("front", { "id" => "black", "material" => "acrylic_paint", "coats" => 2 }))
    expect(amount(front, "black/coat-1") / amount(whole, "black/coat-1")).to be_within(1e-3).of(100 / 320.0)
    expect(made.steps.map(&:id)).to include("plinth/rim/coat-1")
    expect(made(side("all")).steps.map(&:id)).to include("plinth/rim/coat-1")
  end

  it "comes after everything that would soil it, its courses in their order, and before the plaque" do
    plaque = { "id" => "plate", "kind" => "plaque", "outline" => rectangle(20, 6, at_mm: [0, -25]), "height_mm" => 1 }
    done = made(side("all", { "id" => "primer", "material" => "acrylic_primer" }, { "id" => "tone", "material" => "acrylic_paint" }),
      zones: [zone(course("earth_paste", thickness_mm: 1, id: "paste"))], features: [plaque])
    starts = done.schedule.starts
    plate = done.steps.find { |step| step.phase == :plaque }.id
    ids = ["paste", "primer", "tone", plate]
    expect(ids.sort_by { |id| starts.fetch(id) }).to eq(ids)
  end

  it "is seen on the turntable" do
    front = side("front", { "material" => "acrylic_paint", "colour" => "#123456" })
    all = side("all", { "material" => "acrylic_paint", "colour" => "#654321" })
    colours = ->(*sides) { made(*sides).turntable["sides"].map { |band| band["colour"] }.uniq }
    expect(colours[front]).to include("#123456", made.design.plinth.material.colour)
    # What is laid all round after it covers it.
    expect(colours[front, all]).to eq(["#654321"])
    expect(colours[all, front]).to contain_exactly("#123456", "#654321")
  end

  it "refuses what is no material" do
    wrong = plain_file(sides: [side("all", { "material" => "moon_dust" })])
    expect(problems(wrong).map(&:pointer)).to eq(["/sides/0/courses/0/material"])
  end
end
