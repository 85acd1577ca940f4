# frozen_string_literal: true

# Areas by hand, from the sides of rectangles.
RSpec.describe GreenPlinth::Questions::Grounds do
  def grounds(*zones) = @grounds = described_class.new(evaluation(@file = plain_file(zones: zones)))
  def changed(patch) = GreenPlinth::Patch.apply(@file, patch)["zones"]
  def area(zone) = GreenPlinth::Plan::Outline.polygon(zone["outline"]).area

  let(:bank) do
    zone(course("earth_paste", id: "paste"), id: "bank", name: "bank", outline: rectangle(40, 20, at: [-10, 0]), moisture: "damp")
  end

  describe "split" do
    it "parts ground along a line: both keep what is laid, each an id of its own" do
      left, right = changed(grounds(bank).split(0, [0, -30, 0, 30]))
      expect([area(left), area(right)]).to eq([30.0 * 20, 10.0 * 20])
      expect([left["id"], right["id"], right["name"], right["moisture"]]).to eq(["bank", "bank-1", "bank 2", "damp"])
      expect(right["courses"]).to eq([{ "material" => "earth_paste" }])
      expect(problems(@file.merge("zones" => [left, right]))).to be_empty
    end

    it "parts what takes all the rest by what it takes" do
      rest_zone = zone(id: "moor", name: "moor")
      one, other, = changed(grounds(rest_zone, zone(id: "path", outline: rectangle(100, 10, at: [0, 25]))).split(0, [0, -40, 0, 40]))
      expect([area(one), area(other)]).to eq([50.0 * 50, 50.0 * 50])
    end

    it "makes as many as the line leaves apart" do
      hoof = polygon([-30, -20], [30, -20], [30, 20], [10, 20], [10, 0], [-10, 0], [-10, 20], [-30, 20])
      parts = changed(grounds(zone(id: "hoof", outline: hoof)).split(0, [40, 10, -40, 10]))
      # Seen along the line from right to left, its left is below: the bridge stays, two stumps of 20 × 10 go.
      expect(parts.map { |one| area(one) }).to eq([(60.0 * 30) - (20 * 10), 200.0, 200.0])
    end

    it "parts a strip, a round and a turned box across their middle into halves" do
      strip = { "kind" => "strip", "points_mm" => [[-30, 0], [30, 0]], "width_mm" => 8 }
      box = rectangle(40, 12).merge("turn_deg" => 30)
      [strip, round(30), box].each do |outline|
        whole = area("outline" => outline)
        halves = changed(grounds(zone(id: "piece", outline: outline)).split(0, [0, -40, 0, 40])).map { |one| area(one) }
        expect(halves.size).to eq(2)
        expect(halves).to all(be_within(0.005 * whole).of(whole / 2))
      end
    end

    it "gives an id that no other part has" do
      lake = water(2, rectangle(6, 6), id: "bank-1")
      file = plain_file(zones: [bank], waters: [lake])
      added = described_class.new(evaluation(file)).split(0, [0, -30, 0, 30]).last["value"]
      expect(added["id"]).to eq("bank-2")
    end

    it "refuses a line that parts nothing, and one of a single point" do
      expect { grounds(bank).split(0, [40, -30, 40, 30]) }.to raise_error(GreenPlinth::InvalidFile, /does not part bank/)
      expect { grounds(bank).split(0, [1, 1, 1, 1]) }.to raise_error(GreenPlinth::InvalidFile, /two points/)
      expect { grounds(bank).split(4, [0, 0, 1, 1]) }.to raise_error(GreenPlinth::InvalidFile, /no zone at place 4/)
    end
  end

  describe "joined" do
    let(:spit) { zone(id: "spit", name: "spit", outline: rectangle(20, 20, at: [20, 0])) }

    it "makes one of what touches, named and laid as the first" do
      zones = changed(grounds(bank, zone(id: "moor"), spit).joined([0, 2]))
      expect(zones.map { |one| one["id"] }).to eq(%w[bank moor])
      expect(area(zones[0])).to eq(60.0 * 20)
      expect(zones[0]["courses"].size).to eq(1)
    end

    it "counts what lies over each other once" do
      over = zone(id: "over", outline: rectangle(40, 20, at: [0, 0]))
      expect(area(changed(grounds(bank, over).joined([0, 1]))[0])).to eq(50.0 * 20)
    end

    it "refuses what does not touch, what leaves a hole, what takes the rest, and one alone" do
      far = zone(id: "far", name: "far", outline: rectangle(4, 4, at: [45, 25]))
      expect { grounds(bank, far).joined([0, 1]) }.to raise_error(GreenPlinth::InvalidFile, /bank and far do not touch/)
      frame = [[0, 15, 60, 4], [0, -15, 60, 4], [-28, 0, 4, 30], [28, 0, 4, 30]].each_with_index.map do |(x, y, w, d), i|
        zone(id: "side-#{i}", outline: rectangle(w, d, at: [x, y]))
      end
      expect { grounds(*frame).joined([0, 1, 2, 3]) }.to raise_error(GreenPlinth::InvalidFile, /would have a hole/)
      expect { grounds(bank, zone(id: "moor", name: "moor")).joined([0, 1]) }.to raise_error(GreenPlinth::InvalidFile, /moor takes all/)
      expect { grounds(bank).joined([0, 0]) }.to raise_error(GreenPlinth::InvalidFile, /two zones/)
    end
  end

  it "gives back, split and joined, what there was" do
    12.times do |turn|
      along = [Math.cos(turn * 0.5), Math.sin(turn * 0.5)]
      line = [-10 - along[0], 1 - along[1], -10 + along[0], 1 + along[1]]
      parts = changed(grounds(bank).split(0, line))
      whole = described_class.new(evaluation(plain_file(zones: parts))).joined([0, 1])[0]["value"]
      expect(area("outline" => whole)).to be_within(1).of(800)
    end
  end
end
