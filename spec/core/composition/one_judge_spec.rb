# frozen_string_literal: true

# A judgement and the snag of the same thing ask one object: they say the same, and offer the same.
RSpec.describe "Judgements and their snags" do
  spot = ->(across, at) { { "kind" => "round", "diameter_mm" => across, "at_mm" => at } }
  box = ->(wide, deep, at = [0, 0]) { { "kind" => "rectangle", "width_mm" => wide, "depth_mm" => deep, "at_mm" => at } }
  stone = ->(n, at) { { "id" => "s#{n}", "kind" => "sign", "outline" => spot[2, at], "height_mm" => 8 } }
  person = lambda do |**more|
    { "id" => "a", "kind" => "figure", "footprint" => box[16, 8], "height_mm" => 30 }.merge(more.transform_keys(&:to_s))
  end
  bank = { "id" => "bank", "kind" => "lift", "material" => "cork_tile", "sheet_mm" => 6, "outline" => box[50, 60, [-25, 0]] }

  def looked(key, code, scene)
    told = evaluation(plain_file(**scene))
    [told.judgements.find { |verdict| verdict.key == key }, told.snags.select { |snag| snag.code == code }]
  end

  { # judgement => [code, what must raise both, what must raise neither]
    "crowding" => ["composition/crowded", { features: Array.new(12) { |n| stone[n, [-44 + (n * 8), 10]] } },
      { features: [stone[1, [0, 10]]] }],
    "presence" => ["composition/share", { purpose: "vignette", subjects: [person[]] },
      { purpose: "vignette", subjects: [person["footprint" => box[60, 50]]] }],
    "heights" => ["composition/flat", { subjects: [person["height_mm" => 2]] }, { subjects: [person[]] }],
    "edge_angle" => ["composition/square_to_edge", { subjects: [person[turn_deg: 2]] }, { subjects: [person[turn_deg: 14]] }],
    "raised" => ["fit/raised", { purpose: "gaming_base", limits: { raise_mm: 5 }, forms: [bank], subjects: [person[at_mm: [-25, 0]]] },
      { purpose: "gaming_base", limits: { raise_mm: 6 }, forms: [bank], subjects: [person[at_mm: [-25, 0]]] }],
    "standing_room" => ["fit/no_standing_spot", { forms: [bank], subjects: [person[at_mm: [0, 10]]] },
      { forms: [bank], subjects: [person[at_mm: [20, 10]]] }]
  }.each do |key, (code, raising, not_raising)|
    it "agree on #{key.tr("_", " ")}, and on its fixes" do
      verdict, snags = looked(key, code, raising)
      expect(verdict.verdict).to match(/look|trouble/)
      expect(snags.flat_map(&:fixes).map(&:to_h)).to eq(verdict.fixes.map(&:to_h))
      expect(snags).not_to be_empty
      verdict, snags = looked(key, code, not_raising)
      expect([verdict.verdict, snags]).to eq(["good", []])
    end
  end
end
