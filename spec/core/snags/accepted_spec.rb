# frozen_string_literal: true

RSpec.describe GreenPlinth::Snags::Accepted do
  def evaluated(file)
    GreenPlinth.evaluate(GreenPlinth::Files::PlinthFile.new(GreenPlinth::Catalogue.default).build(file), memo: GreenPlinth::Memo.new)
  end
  def snag(code, where, severity = "advice")
    GreenPlinth::Snags::Snag.new(code: code, where: where, severity: severity, message: "so", fixes: [])
  end

  let(:file) do
    { "zones" => [{ "id" => "turf", "courses" => [{ "id" => "grass", "material" => "static_grass" }, { "material" => "tufts" }] }],
      "bodies" => [{ "id" => "top", "zones" => [{ "id" => "rim" }] }], "accepted" => entries }
  end
  let(:entries) { [{ "code" => "a/b", "of" => "grass", "reason" => "meant" }, { "code" => "c/d" }] }
  let(:accepted) { described_class.new(file) }

  it "knows a snag by its code and the innermost part with an id that it is told of, wherever that lies" do
    expect(accepted.of(snag("a/b", "/zones/0/courses/0/length_mm"))).to eq("grass")
    expect(accepted.of(snag("a/b", "/zones/0/courses/1"))).to eq("turf")
    expect(accepted.of(snag("a/b", "/bodies/0/zones/0"))).to eq("rim")
    expect([accepted.of(snag("a/b", "")), accepted.of(snag("a/b", "/plinth/lip_mm")), accepted.of(snag("a/b", "/zones/9"))]).to all(be_nil)
  end

  it "parts what is wanted from what counts: the same code of another part counts" do
    wanted, other, whole = snag("a/b", "/zones/0/courses/0"), snag("a/b", "/zones/0"), snag("c/d", "/plinth")
    expect(accepted.parted([wanted, other, whole])).to eq([[other], [wanted, whole]])
    expect(accepted.to_h(wanted)).to include("of" => "grass", "wanted" => { "reason" => "meant", "path" => "/accepted/0" })
    expect(accepted.to_h(other)).to include("of" => "turf", "wanted" => nil)
  end

  it "never keeps quiet what stops the work" do
    expect(accepted.parted([snag("c/d", "/plinth", "stops")])).to eq([[snag("c/d", "/plinth", "stops")], []])
  end

  describe "in a build" do
    let(:file) { plain_file(subjects: [figure(round(6), id: "scout")], purpose: "vignette") }

    def shares(told, list) = told[list].select { |one| one["code"] == "composition/share" }

    it "goes from the snags to what is wanted, counts for nothing on the shelf, and comes back when it is dropped" do
      before = evaluated(file)
      found = shares(before.to_h, "snags")
      expect(found.size).to eq(1)
      quiet = evaluated(file.merge("accepted" => [{ "code" => "composition/share", "of" => found[0]["of"],
"reason" => "lost on the moor" }.compact]))
      expect(shares(quiet.to_h, "snags")).to be_empty
      expect(shares(quiet.to_h, "wanted_snags")).to contain_exactly(include("wanted" => include("reason" => "lost on the moor")))
      expect(quiet.snags.size).to eq(before.snags.size - 1)
    end

    it "says where an entry is wrong" do
      reader = GreenPlinth::Files::PlinthFile.new(GreenPlinth::Catalogue.default)
      problems = reader.problems(file.merge("accepted" => [{ "reason" => "none" }]))
      expect(problems.map(&:pointer)).to eq(["/accepted/0"])
    end
  end
end
