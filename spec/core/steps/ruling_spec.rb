# frozen_string_literal: true

RSpec.describe GreenPlinth::Steps::Ruling do
  def ruled(file)
    made = evaluation(file)
    expansion = GreenPlinth::Steps::Expansion.new(made.design, made.terrain, made.pools)
    [expansion.works, expansion.places, made.design]
  end

  def scene(**changes)
    zones = [zone(course("earth_paste", id: "paste", thickness_mm: changes[:thickness_mm] || 2), course("static_grass", id: "grass")),
             zone(course("sand_paste", thickness_mm: 2), id: "bank", outline: round(16, at: [-30, 0]))]
    plain_file(zones: zones, climate: { temperature_c: changes[:temperature_c] || 20 },
      subjects: [figure({ kind: "round", diameter_mm: 20 }, at_mm: changes[:at_mm] || [0, 0])],
      features: [post(changes[:post] || [40, 0])],
      order: changes[:order] || [])
  end

  def post(at)
    { "id" => "post", "kind" => "sign", "outline" => { "kind" => "round", "diameter_mm" => 3, "at_mm" => at }, "height_mm" => 12 }
  end

  def serves(ruling, works, places, design) = ruling.serves?(described_class.ruled(works, design), places)

  let(:first) { described_class.new(*ruled(scene)) }

  it "serves where only the amount of work, how long it dries or a place within the same ground is another" do
    expect(serves(first, *ruled(scene(at_mm: [6, 2])))).to be(true)
    expect(serves(first, *ruled(scene(post: [42, 1])))).to be(true)
    expect(serves(first, *ruled(scene(temperature_c: 12)))).to be(true)
  end

  it "does not serve where a wish, what meets what, or what is as thick as what is another" do
    expect(serves(first, *ruled(scene(thickness_mm: 4)))).to be(false)
    expect(serves(first, *ruled(scene(order: [{ "first" => "post", "then" => "grass" }])))).to be(false)
    expect(serves(first, *ruled(scene(post: [1, 1])))).to be(false)
  end

  it "says of works that it serves what a ruling of their own says" do
    moved = ruled(scene(at_mm: [6, 2], post: [42, 1], temperature_c: 12))
    one, own = [first, described_class.new(*moved)].map { |ruling| GreenPlinth::Steps::OrderOfWork.new(*moved, ruling) }
    expect(one.fields == own.fields).to be(true)
    warm = GreenPlinth::Steps::OrderOfWork.new(*ruled(scene), first)
    expect(one.waits.sum(&:at_least_min)).to be > warm.waits.sum(&:at_least_min)
  end

  it "serves every sample in another air as a ruling of its own would" do
    sample_names.each do |name|
      told = [20, 9].map { |degrees| ruled(sample(name).merge("climate" => { "temperature_c" => degrees })) }
      kept = described_class.new(*told.first)
      expect(serves(kept, *told.last)).to be(true)
      one, own = [kept, described_class.new(*told.last)].map { |ruling| GreenPlinth::Steps::OrderOfWork.new(*told.last, ruling) }
      expect(one.fields == own.fields).to be(true), name
    end
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
