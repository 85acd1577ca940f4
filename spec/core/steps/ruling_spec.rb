# frozen_string_literal: true

RSpec.describe GreenPlinth::Steps::Ruling do
  def ruled(file)
    made = evaluation(file)
    expansion = GreenPlinth::Steps::Expansion.new(made.design, made.terrain, made.pools)
    [expansion.works, expansion.places, made.design]
  end

  def scene(**changes)
    zones = [zone(course("earth_paste", id: "paste", thickness_mm: changes[:thickness_mm] || 2), course("static_grass", id: "grass"))]
    plain_file(zones: zones, subjects: [figure({ kind: "round", diameter_mm: 20 }, at_mm: changes[:at_mm] || [0, 0])],
      features: [post(changes[:post] || [40, 0])],
      order: changes[:order] || [])
  end

  def post(at)
    { "id" => "post", "kind" => "sign", "outline" => { "kind" => "round", "diameter_mm" => 3, "at_mm" => at }, "height_mm" => 12 }
  end

  def serves(ruling, works, places, design) = ruling.serves?(described_class.ruled(works, design), places)

  let(:first) { described_class.new(*ruled(scene)) }

  it "serves where only the amount of work or a place within the same ground is another" do
    expect(serves(first, *ruled(scene(at_mm: [6, 2])))).to be(true)
    expect(serves(first, *ruled(scene(post: [42, 1])))).to be(true)
  end

  it "does not serve where a wait, a wish or what meets what is another" do
    expect(serves(first, *ruled(scene(thickness_mm: 4)))).to be(false)
    expect(serves(first, *ruled(scene(order: [{ "first" => "post", "then" => "grass" }])))).to be(false)
    expect(serves(first, *ruled(scene(post: [1, 1])))).to be(false)
  end

  it "says of works that it serves what a ruling of their own says" do
    moved = ruled(scene(at_mm: [6, 2], post: [42, 1]))
    one, own = [first, described_class.new(*moved)].map { |ruling| GreenPlinth::Steps::OrderOfWork.new(moved.first, ruling) }
    expect(one.fields == own.fields).to be(true)
  end
end

RSpec.describe GreenPlinth::Steps::Ranks do
  it "refuses an edge exactly where a way leads back, as a walk over all edges finds" do
    pairs = PropCheck::Generators.array(PropCheck::Generators.tuple(PropCheck::Generators.choose(0..9), PropCheck::Generators.choose(0..9)),
      max: 40)
    PropCheck.forall(pairs) do |edges|
      ranks, onward = described_class.new(10), Hash.new { |all, from| all[from] = [] }
      edges.each do |from, to|
        met = [to]
        met.each { |node| met.concat(onward[node] - met) }
        expect(ranks.add?(from, to)).to be(!met.include?(from))
        onward[from] |= [to] unless met.include?(from)
      end
    end
  end
end
