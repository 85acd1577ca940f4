# frozen_string_literal: true

RSpec.describe "Pictures of a base" do
  def evaluated(file)
    GreenPlinth.evaluate(GreenPlinth::Files::PlinthFile.new(GreenPlinth::Catalogue.default).build(file), memo: GreenPlinth::Memo.new)
  end

  let(:left) { rectangle(50, 60, at: [-25, 0]) }

  def grown(*courses) = evaluated(plain_file(zones: [zone(*courses, outline: left)]))

  describe GreenPlinth::Screens::Growth do
    it "sets as many tufts as there are, in their ground and on it" do
      growth = described_class.new(grown(course("earth_paste", thickness_mm: 2),
course("tufts", count: 7, length_mm: 6, colour: "#778833"))).to_a
      expect(growth).to contain_exactly(include("mark" => "tuft", "length_mm" => 6.0, "colour" => "#778833"))
      places = growth[0]["places"].each_slice(3).to_a
      expect(places.size).to eq(7)
      expect(places).to all(satisfy { |x, y, z| x.between?(-50, 0) && y.between?(-30, 30) && (z - 2).abs < 0.3 })
    end

    it "stands for fibres by as many as the ground is covered with, never more than can be drawn" do
      sparse, closed = [5, 100].map { |cover|
 described_class.new(grown(course("static_grass", cover_pct: cover))).to_a[0]["places"].size / 3 }
      # 30 cm² at 1400 for each dm², of which 5 % are 21.
      expect(sparse).to eq(21)
      expect(closed).to eq(420)
      expect(described_class.new(evaluated(plain_file(plinth: { outline: rectangle(300, 200) }, zones: [zone(course("static_grass"))])))
        .to_a[0]["places"].size / 3).to eq(described_class::MOST)
    end

    it "strews grains that are large enough to be seen, unless paste was laid over them" do
      pebbles = course("gravel", grain_mm: [2, 4], cover_pct: 50)
      growth = described_class.new(grown(course("earth_paste"), pebbles)).to_a
      expect(growth).to contain_exactly(include("mark" => "grain", "length_mm" => 3.0))
      # 30 cm², half covered, of which loose grains hide six tenths, 9 mm² each.
      expect(growth[0]["places"].size / 3).to eq(100)
      expect(described_class.new(grown(pebbles, course("earth_paste"))).to_a).to be_empty
      expect(described_class.new(grown(course("earth_paste"), course("gravel", grain_mm: [0.1, 0.3]))).to_a).to be_empty
    end

    it "is the same at every look" do
      one, other = Array.new(2) { described_class.new(grown(course("tufts", count: 5))).to_a }
      expect(one).to eq(other)
    end
  end

  describe "the plan" do
    def greenery(*courses) = grown(*courses).drawing["zones"][0]["greenery"]

    it "tells how many tufts there are, and of fibres that they close" do
      expect(greenery(course("static_grass"), course("tufts", count: 3)))
        .to eq([{ "material" => "static_grass", "count" => nil }, { "material" => "tufts", "count" => 3 }])
      # Three to a dm² where nobody says: 0.3 dm² carry one.
      expect(greenery(course("tufts"))).to eq([{ "material" => "tufts", "count" => 1 }])
      expect(greenery(course("earth_paste"))).to eq([])
    end
  end

  describe "the turntable" do
    def wall(**more) = { id: "one", kind: "wall", outline: rectangle(40, 6), height_mm: 12, **more }
    def unit(feature) = evaluated(plain_file(scale: 35, features: [feature])).turntable["bodies"][0]["unit_mm"]

    it "tells what a wall is built of, so that its courses are drawn" do
      expect(unit(wall(unit: { length_mm: 6, width_mm: 3, height_mm: 2, joint_mm: 0.3 }))).to eq([6, 2, 0.3])
      expect(unit(wall)).to be_nil
    end
  end

  describe "from which side something is seen" do
    # Seen from the front of the base, from its right, from behind and from its left.
    def sides(kind, turn)
      { front: [0, -1], right: [1, 0], back: [0, 1], left: [-1, 0] }.transform_values do |toward|
        subject = design(plain_file(subjects: [figure(rectangle(20, 8), kind: kind, turn_deg: turn)])).subjects.first
        GreenPlinth::Design::SeenFrom.new(subject, toward.map(&:to_f)).to_h.values
      end
    end

    it "is square on or end on, and the other way round from behind" do
      expect(sides("animal", 0)).to eq(front: ["silhouette", false], right: ["end_on", false], back: ["silhouette", true],
        left: ["end_on", true])
    end

    it "goes by how it is turned, a quarter to the left" do
      expect(sides("animal", 90)).to eq(front: ["end_on", true], right: ["silhouette", false], back: ["end_on", false],
        left: ["silhouette", true])
    end

    it "is square on for what is drawn from one side" do
      expect(sides("prop", 90).values.map(&:first).uniq).to eq(%w[silhouette])
    end
  end

  describe "a section" do
    def standing(**feature)
      evaluated(plain_file(features: [{ id: "one", kind: "wall", outline: rectangle(20, 10), height_mm: 12 }.merge(feature)]))
        .section([-50, 0], [50, 0])["standing"][0]
    end

    it "shows what stands as it is seen square to the cut" do
      box = standing["rings"].flatten(1)
      expect(box.map(&:first).minmax).to eq([40.0, 60.0])
      expect(box.map(&:last).minmax).to eq([0.0, 12.0])
      expect(standing["cut"]).to be true
    end

    it "shows the pitch of a roof" do
      house = standing(kind: "building", outline: rectangle(30, 20), height_mm: 30)
      top = house["rings"].flatten(1).map(&:last).max
      widest = house["rings"].flatten(1).map(&:first).minmax
      expect(top).to be_within(0.1).of(30)
      expect(widest[0]).to be_within(2).of(35)
    end

    it "leaves what has a silhouette of its own to that" do
      tree = standing(kind: "tree", outline: round(4), crown_mm: 20, height_mm: 40)
      expect(tree["rings"]).to eq([])
    end
  end

  describe "a hull" do
    let(:faces) do
      hull = { id: "boat", kind: "hull", footprint: oval(80, 20), height_mm: 60, mass_g: 20 }
      evaluated(plain_file(subjects: [hull])).solids.all.first.faces
    end

    def oval(width, depth) = { kind: "oval", width_mm: width, depth_mm: depth }

    it "has a deck no higher than a ninth of its length, a house on it and a mast as high as it is tall" do
      decks = faces.select { |face| face.map(&:last).uniq.size == 1 }.map { |face| face[0][2] }
      expect(decks.max).to be_within(0.1).of(60)
      expect(decks.min).to be_within(0.3).of(8.8)
    end

    it "is narrower below than at its deck" do
      low, high = faces.flatten(1).minmax_by(&:last).map(&:last)
      width = ->(z) { faces.flatten(1).select { |corner| (corner[2] - z).abs < 0.01 }.map { |corner| corner[1].abs }.max }
      expect(width[low]).to be < 9.5
      expect(high).to be_within(0.1).of(60)
    end
  end

  it "stands further bodies' silhouettes at their own height" do
    brook = evaluated(JSON.parse(File.read("samples/charcoal-brook.json")))
    brook.sections(nil).flat_map { |section| section["standing"] }.each do |one|
      one["rings"].flatten(1).each { |_, up| expect(up).to be_between(one["low"] - 0.1, one["high"] + 0.1) }
    end
  end
end
