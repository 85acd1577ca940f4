# frozen_string_literal: true

# Laws that what is seen must keep, whatever stands where.
RSpec.describe "Looking at a base" do
  def scene(random, turn: 0)
    place = ->(x, y) { turned([x, y], turn) }
    walls = Array.new(3) do |i|
      { "id" => "w#{i}", "kind" => "wall", "height_mm" => random.rand(5..60),
        "outline" => rectangle(random.rand(6..30), 3, at: place.call(random.rand(-30..30), random.rand(-20..20)), turn_deg: turn) }
    end
    figures = Array.new(3) do |i|
      figure(round(8), id: "s#{i}", at_mm: place.call(random.rand(-30..30), random.rand(-20..20)),
        height_mm: random.rand(15..50))
    end
    plain_file(plinth: { "outline" => round(160), "thickness_mm" => 10 }, features: walls, subjects: figures)
  end

  def turned((x, y), degrees)
    angle = degrees * Math::PI / 180
    [(x * Math.cos(angle)) - (y * Math.sin(angle)), (x * Math.sin(angle)) + (y * Math.cos(angle))].map do |value|
      value.round(6)
    end
  end

  def seen(file)
    evaluation(file).then { |told| told.design.subjects.map { |subject| told.sight.visible_pct(subject) } }
  end
  def from(file, direction, elevation = 20)
    file.merge("eye" => { "direction_deg" => direction, "elevation_deg" => elevation })
  end

  it "is between nothing and all" do
    8.times { |seed| expect(seen(scene(Random.new(seed)))).to all(be_between(0, 100)) }
  end

  it "sees no less from higher up" do
    6.times do |seed|
      file = scene(Random.new(seed))
      low, middle, high = [5, 25, 60].map { |elevation| seen(from(file, 40, elevation)) }
      expect(low.zip(middle)).to all(satisfy { |a, b| a <= b + 0.2 })
      expect(middle.zip(high)).to all(satisfy { |a, b| a <= b + 0.2 })
    end
  end

  it "sees no more behind a taller wall" do
    6.times do |seed|
      file = scene(Random.new(seed))
      raised = file.merge("features" => file["features"].map do |wall|
        wall.merge("height_mm" => wall["height_mm"] + 10)
      end)
      expect(seen(raised).zip(seen(file))).to all(satisfy { |taller, as_it_was| taller <= as_it_was + 0.01 })
    end
  end

  it "sees the same when base and eye turn together" do
    4.times do |seed|
      as_drawn = seen(from(scene(Random.new(seed)), 0))
      turned_by = seen(from(scene(Random.new(seed), turn: 70), 70))
      expect(turned_by.zip(as_drawn)).to all(satisfy { |a, b| (a - b).abs < 3 })
    end
  end

  it "does not change the distances between subjects when all of them move" do
    random = Random.new(11)
    outlines = Array.new(3) { rectangle(random.rand(5..20), random.rand(4..10)) }
    measured = lambda do |dx, dy|
      subjects = outlines.each_with_index.map do |outline, i|
        figure(outline, id: "s#{i}", at_mm: [(i * 26) - 26 + dx, dy], turn_deg: i * 31)
      end
      evaluation(plain_file(subjects: subjects)).layout.clearances.map { |pair| pair["mm"] }
    end
    expect(measured[7.5, -3.25]).to match(measured[0, 0].map { |mm| be_within(0.002).of(mm) })
  end

  it "finds a mirrored layout wholly symmetrical, and a lone thing on one side not at all" do
    pair = [figure(rectangle(10, 6), id: "a", at_mm: [-22, 5]), figure(rectangle(10, 6), id: "b", at_mm: [22, 5])]
    expect(evaluation(plain_file(subjects: pair)).layout.symmetry_pct).to be_within(0.01).of(100)
    expect(evaluation(plain_file(subjects: pair.first(1))).layout.symmetry_pct).to eq(0)
    expect(evaluation(plain_file).layout.symmetry_pct).to be_nil
  end

  it "keeps what is farther behind what is nearer, from every side" do
    file = plain_file(subjects: [figure(round(6), id: "one", at_mm: [20, 0], height_mm: 20),
      figure(round(6), id: "two", at_mm: [-20, 0], height_mm: 20)])
    order = lambda do |direction|
      view = evaluation(file).sight_view(GreenPlinth::Composition::Eye.new(direction.to_f, 20.0))
      view["items"].filter_map { |item| item["name"] }
    end
    expect(order[90]).to eq(%w[two one])
    expect(order[270]).to eq(%w[one two])
  end

  describe GreenPlinth::Composition::Facets do
    def solid(kind, outline, height, **more)
      part = { "id" => "x", "kind" => kind, "outline" => outline,
               "height_mm" => height }.merge(more.transform_keys(&:to_s))
      evaluation(plain_file(features: [part])).solids.all
    end

    # Faces that look outward from a closed body sum to its volume; these stand open below, where nothing looks.
    def lateral_faces(faces) = faces.count { |face| face.map(&:last).uniq.size > 1 }

    it "stands a wall as a box" do
      faces = described_class.faces(solid("wall", rectangle(30, 4), 20).first)
      expect(faces.size).to eq(5)
      expect(faces.flatten(1).map(&:last).minmax).to eq([0, 20])
    end

    it "roofs a house along its longer side" do
      faces = described_class.faces(solid("building", rectangle(40, 20), 30).first)
      ridge = faces.flatten(1).select { |_, _, z| z == 30 }.uniq
      expect(ridge.map(&:first).minmax).to eq([-20, 20])
      expect(ridge.map { |corner| corner[1] }.uniq).to eq([0])
      expect(lateral_faces(faces)).to eq(8)
    end

    it "stands a tree as a trunk and a crown" do
      trunk, crown = solid("tree", round(2), 60, crown_mm: 30)
      expect([trunk.low, trunk.high, crown.low, crown.high]).to eq([0, 20, 20, 60])
      expect(crown.shape.area).to be_within(1).of(Math::PI * 225)
    end

    it "leaves out what has no height, or none that is known" do
      expect(solid("ruts", rectangle(10, 4), 0)).to be_empty
      expect(evaluation(plain_file(subjects: [figure(round(8))])).solids.all).to be_empty
    end

    it "floats a hull on its water and stands a figure on the ground" do
      told = evaluation(pool_file(level: 8, subjects: [figure(rectangle(12, 4), id: "boat", kind: "hull", height_mm: 5),
        figure(round(4), id: "man", at_mm: [-40, 0], height_mm: 20)]))
      expect(told.solids.all.map(&:low)).to match([be_within(0.01).of(8), be_within(0.01).of(10)])
    end
  end
end
