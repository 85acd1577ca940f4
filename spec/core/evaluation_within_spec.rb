# frozen_string_literal: true

# What screens are told of builds that are more than one plain base.
RSpec.describe "Drawings of more than one base" do
  def strip(width, *points) = { "kind" => "strip", "points_mm" => points, "width_mm" => width }

  describe GreenPlinth::Evaluation::VariantSnags do
    def unit(leader)
      plain_file(copies: 4, purpose: "unit_base", plinth: { "outline" => round(30), "thickness_mm" => 3, "material" => "mdf" },
        subjects: [figure(round(8), id: "man", height_mm: 30)], variants: [{ "id" => "leader", "count" => 1 }.merge(leader)])
    end

    def snag(file, code) = evaluation(file).snags.find { |one| one.code == code }
    def mended(file, code) = GreenPlinth::Patch.apply(file, snag(file, code).fixes.first.patch)

    it "point into what only the variant has, and mend it there" do
      file = unit("with" => { "waters" => [water(-5, round(8), id: "puddle")] })
      expect(snag(file, "water/dry").where).to eq("/variants/0/with/waters/0")
      expect(mended(file, "water/dry")["variants"][0]["with"]["waters"][0]["level_mm"]).to be > 0
      expect(snag(mended(file, "water/dry"), "water/dry")).to be_nil
    end

    it "make what is other where nothing was" do
      file = unit("without" => [])
      file["subjects"][0]["at_mm"] = [0, 0]
      file["variants"][0]["changed"] = { "man" => { "at_mm" => [16, 0] } }
      later = mended(file, "fit/off_plinth")
      expect(later["variants"][0]["changed"]["man"]["at_mm"][0]).to be < 16
      expect(later["subjects"]).to eq(file["subjects"])
    end

    it "offer nothing where no member of one part can say it" do
      file = unit("with" => { "waters" => [water(0.5, round(8), id: "puddle")] })
      fixes = evaluation(file).snags.select { |one| one.message.start_with?("Leader: ") }.flat_map(&:fixes)
      expect(fixes.flat_map(&:patch).map { |op| op["path"] }).to all(start_with("/variants/0/"))
    end

    it "tell what is wrong with all only once" do
      file = unit({})
      file["subjects"][0]["at_mm"] = [16, 0]
      expect(evaluation(file).snags.count { |one| one.code == "fit/off_plinth" }).to eq(1)
    end
  end

  describe GreenPlinth::Design::VariantPointers do
    let(:file) do
      plain_file(copies: 2, zones: [zone(id: "a"), zone(id: "b", outline: round(10))],
        variants: [{ "id" => "v", "count" => 1, "without" => ["a"], "with" => { "zones" => [zone(id: "c", outline: round(6))] } }])
    end

    # In the variant's file b is the first and c the second.
    it "find each part where the build has it" do
      made = design(file)
      variant = made.variants.first
      pointers = described_class.new(made, variant, variant.design_of(made))
      expect(%w[/zones/0/courses/1 /zones/1/outline /plinth/lip_mm /zones/7].map { |pointer| pointers.place(pointer) })
        .to eq(["/zones/1/courses/1", "/variants/0/with/zones/0/outline", "/plinth/lip_mm", "/variants/0"])
    end
  end

  describe "a plan" do
    it "shows rails, cables and lines on roads" do
      track = { "id" => "track", "kind" => "track", "outline" => strip(20, [-40, 0], [40, 0]), "gauge_mm" => 10, "height_mm" => 3 }
      lamp = { "id" => "lamp", "kind" => "light", "outline" => rectangle(4, 4, at: [0, 20]), "height_mm" => 30, "powered" => true,
               "cable_mm" => [[0, 20], [0, 32]] }
      drawn = evaluation(plain_file(features: [track, lamp])).drawing["features"]
      expect(drawn[0]["rails"].map { |rail| rail.map(&:last).uniq }).to eq([[5.0], [-5.0]])
      expect(drawn.map { |feature| feature["cable"] }).to eq([[], [[0, 20], [0, 32]]])
    end

    it "shows a stream's reaches with their dams, and tinted water by its depth" do
      file = pool_file(level: 8, depth: 6)
      file["waters"][0].delete("level_mm")
      file["waters"][0].merge!("fall" => [[-20, 8], [0, 7.9], [20, 6]].map { |x, z| { "at_mm" => [x, 0], "level_mm" => z } },
        "tint" => { "colour" => "#203040", "drops_per_10ml" => 4, "material" => "acrylic_ink" })
      drawn = evaluation(file).drawing["waters"].first
      expect(drawn["reaches"].map { |reach| [reach["name"], reach["white"], reach["dams"].size] })
        .to eq([["pools and riffles", false, 1], ["cascade", true, 0]])
      expect(drawn["depths"].size).to eq(4)
      expect(drawn["depths"].map { |band| band["from_mm"] }).to eq(drawn["depths"].map { |band| band["from_mm"] }.sort)
    end
  end

  describe "a section" do
    it "leaves the ground over a culvert in a piece of its own" do
      file = plain_file(forms: [lift(20, rectangle(40, 60)), form("culvert", "pipe", rectangle(50, 8), invert_mm: 2, clear_mm: 6)])
      pieces = evaluation(file).section([0, -30], [0, 30])["strata"].select { |one| one["pointer"] == "/forms/0" }
      expect(pieces.size).to eq(2)
      expect(pieces.last["runs"].flatten(1).map { |_, low, high| [low, high] }.uniq).to eq([[8.0, 20.0]])
    end
  end
end
