# frozen_string_literal: true

RSpec.describe GreenPlinth::Screens::OrderRows do
  def rows(file) = described_class.new(GreenPlinth.evaluate(design(file), memo: GreenPlinth::Memo.new)).to_a
  def design(file) = GreenPlinth::Files::PlinthFile.new(GreenPlinth::Catalogue.default).build(JSON.parse(JSON.generate(file)))
  def told(rows, name) = rows.find { |row| row["name"] == name }["steps"].map { |step| step["told"] }

  let(:file) do
    plain_file(
      forms: [lift(3, rectangle(60, 30), name: "bank")], subjects: [figure(round(8), name: "warden")],
      features: [{ id: "ash", name: "ash", kind: "tree", outline: round(4, at: [20, 0]), height_mm: 60, crown_mm: 30 },
        { id: "stone", name: "boulder", kind: "rock", outline: round(6, at: [-20, 0]), height_mm: 5 }],
      zones: [zone(course("earth_paste"), course("static_grass", length_mm: 2), name: "grass"),
        zone(course("mud_paste"), id: "mud", name: "mud", outline: rectangle(20, 20))],
      tasks: [{ id: "sign", title: "Print the sign", hands_on_min: 20 }]
    )
  end

  it "lie as the parts do: what is done on the bench, the plinth, forms, ground, what stands, and crowns above all" do
    names = rows(file).map { |row| row["name"] }
    expect(names.first(2)).to eq(["Print the sign", "plinth"])
    expect(names.last).to eq("ash")
    expect(names & %w[plinth bank grass boulder warden ash]).to eq(%w[plinth bank grass boulder warden ash])
  end

  it "tell what is done without where, even where grass is laid on grass" do
    grass = told(rows(file), "grass")
    expect(grass).to include("Spread earth texture paste", "Lay 2 mm grass")
    expect(grass).to all(satisfy { |words| !words.match?(/ (?:on|in|into|of)\z/) })
  end

  it "tell where on a part something is done in that part's row alone" do
    drawn = rows(JSON.parse(File.read("samples/withy-crossing.json")))
    expect(told(drawn, "keeper's house")).to include("Paint the walls", "Wash the foot of the walls with acrylic wash")
    expect(told(drawn, "lane to the beds")).to include("Paint", "Dust dry pigment")
    expect(told(drawn, "lane to the beds")).to all(satisfy { |words| !words.match?(/wall|weather/) })
    expect(told(drawn, "crossing deck")).to include("Wash with acrylic wash")
  end

  it "hold every step, and one that works on several parts in the row of each" do
    Dir["samples/*.json"].each do |path|
      evaluation = GreenPlinth.evaluate(design(JSON.parse(File.read(path))), memo: GreenPlinth::Memo.new)
      drawn = described_class.new(evaluation).to_a
      expect(drawn.flat_map { |row| row["steps"].map { |step| step["id"] } }.uniq).to match_array(evaluation.steps.map(&:id))
      evaluation.steps.each do |step|
        where = drawn.select { |row| row["steps"].any? { |one| one["id"] == step.id } }.map { |row| row["pointer"] }
        expect(where.compact).to all(satisfy { |pointer| step.where.any? { |at| at == pointer || at.start_with?("#{pointer}/") } })
      end
      expect(drawn.flat_map { |row| row["steps"].map { |step| step["told"] } }).to all(match(/\A\S.*\S\z/m))
      expect(drawn.map { |row| row["name"] }).to all(match(/\S/))
    end
  end

  it "hold numbered parts of one name that go through the same steps in one" do
    posts = (1..4).map { |i| { id: "post-#{i}", name: "post #{i}", kind: "prop", outline: round(2, at: [i * 8, -20]), height_mm: 12 } }
    other = { id: "post-9", name: "post 9", kind: "prop", outline: round(2, at: [-20, -20]), height_mm: 12,
              courses: [course("acrylic_paint")] }
    drawn = rows(plain_file(features: [*posts, other])).select { |row| row["name"].start_with?("post") }
    expect(drawn.map { |row| row.values_at("name", "pointer", "others") })
      .to contain_exactly(["post 1–4", "/features/0", %w[/features/1 /features/2 /features/3]], ["post 9", "/features/4", []])
  end

  it "name the parts of further bodies with their body" do
    names = rows(JSON.parse(File.read("samples/charcoal-brook.json"))).map { |row| row["name"] }
    expect(names).to include("plinth", "plinth (water meadow)")
    expect(names.index("plinth (water meadow)")).to be > names.index("thorn bush")
  end
end
