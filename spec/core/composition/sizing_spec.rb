# frozen_string_literal: true

# How large a base may be: rooms and shares by hand.
RSpec.describe GreenPlinth::Composition::Sizing do
  def sizes(margin = 5, board = nil, **more)
    tank = { "id" => "tank", "kind" => "vehicle", "footprint" => rectangle(60, 30), "at_mm" => [0, 0] }
    plinth = { outline: rectangle(100, 60), thickness_mm: 10, material: "mdf" }
    file = plain_file(purpose: "vignette", plinth: plinth, subjects: [tank], **more)
    described_class.new(design(file), margin, board).sizes
  end

  def named(list, label) = list.find { |one| one.label == label }

  it "tells the room that is left, and the share that it stands on" do
    now = named(sizes, "as it is")
    # 60 mm deep, 30 of them taken: 15 on either side; 1,800 of 6,000 mm².
    expect(now).to have_attributes(room_mm: 15.0, share_pct: 30.0, patch: [])
    round = named(sizes, "60 mm round")
    # Half the diagonal of 60 × 30 is 33.5: it hangs over by 3.5.
    expect(round.room_mm).to be_within(0.06).of(30 - Math.hypot(30, 15))
    expect(round.word).to eq("small")
  end

  # 5 : 3, and 5 mm all round 60 × 30: 70 wide, 42 deep; 41 would do for the depth, 70 is needed for the width.
  it "finds the smallest of its shape that keeps the margin, and none smaller" do
    small = named(sizes, "the smallest of its shape")
    expect(small.outline["width_mm"]).to be_between(70, 72)
    expect(small.room_mm).to be >= 5
    expect(small.patch).to eq([{ "op" => "add", "path" => "/plinth/outline", "value" => small.outline }])
    over = named(sizes(-3), "the smallest of its shape")
    expect(over.outline["width_mm"]).to be_between(54, 56)
  end

  it "looks at the board at hand, and says which case a size would no longer go into" do
    case_ = { "fit_in" => [{ "name" => "show case", "width_mm" => 90, "depth_mm" => 210 }, { "name" => "shelf", "depth_mm" => 80 }] }
    list = sizes(5, [200, 85], limits: case_)
    expect(named(list, "the board at hand")).to have_attributes(word: "lost", not_into: ["shelf"])
    expect(named(list, "200 × 150 mm board").not_into).to eq(["show case", "shelf"])
    expect(list.map { |one| one.outline["width_mm"] || one.outline["diameter_mm"] }.first).to be <= 32
  end

  it "has nothing to say where nothing stands on it" do
    expect(described_class.new(design(plain_file), 5).sizes).to eq([])
  end
end
