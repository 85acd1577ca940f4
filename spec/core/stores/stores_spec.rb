# frozen_string_literal: true

# What is on the shelf, what builds take of it, and how it comes in and out. Packs as core/data has them; sums by hand.
RSpec.describe GreenPlinth::Stores do
  let(:today) { Date.new(2027, 3, 1) }

  def jar(material, pack, unit, **more)
    @id = (@id || 0) + 1
    data = { "material" => material, "pack" => pack, "unit" => unit }.merge(more.transform_keys(&:to_s))
    GreenPlinth::Stores::Jar.new(@id, data, catalogue)
  end

  def shelves(*jars) = GreenPlinth::Stores::Shelves.new(jars, catalogue)
  def codes(shelves, jar) = shelves.remarks(jar, today).map(&:code)

  describe GreenPlinth::Stores::Shelves do
    it "counts full packs and what is in the open one, in any unit that density leads to" do
      there = shelves(jar("earth_paste", 200, "ml", full: 2, open: 50), jar("earth_paste", 1600, "g", full: 1))
      expect(there.amount("earth_paste", nil, "ml")).to be_within(1e-9).of(450 + (1600 / 1.6))
      expect(there.amount("earth_paste", nil, "piece")).to eq(0)
    end

    # 450 of 200 ml at 8.00 are 18.00; half of 17 ml at 3.00 is 1.50; what has no price counts for nothing.
    it "is worth what is left of each pack, and tells how that comes about" do
      paid = shelves(jar("earth_paste", 200, "ml", full: 2, open: 50, price_minor: 800),
        jar("acrylic_paint", 17, "ml", open: 8.5, price_minor: 300))
      expect(paid.worth).to have_attributes(value: 1950, unit: "minor")
      expect(paid.worth.inputs.map(&:value)).to eq([1800, 150])
      expect(shelves.worth.value).to be_nil
      many = shelves(*Array.new(14) { |i| jar("earth_paste", 100, "ml", full: 1, price_minor: 100 + i) })
      expect(many.worth.inputs.last).to have_attributes(name: "2 others", value: 201)
    end

    it "tells paints apart by their colour" do
      red, green = %w[#AA0000 #00aa00].zip([1, 3]).map { |colour, full| jar("acrylic_paint", 17, "ml", full: full, colour: colour) }
      there = shelves(red, green)
      expect([there.amount("acrylic_paint", "#aa0000", "ml"), there.amount("acrylic_paint", "#000000", "ml")]).to eq([17, 0])
    end

    # A quarter of 200 ml is 50.
    it "says what is low, and not what has a full pack behind it" do
      low, just, more = [49, 50, 1].map { |open| jar("earth_paste", 200, "ml", open: open) }
      more.data["full"] = 1
      there = shelves(low, just, more)
      expect([codes(shelves(low), low), codes(shelves(just), just), codes(shelves(more), more)]).to eq([["low"], [], []])
      expect(codes(there, low)).to include("doubled")
    end

    # Two-part resin keeps 6 months open: opened on 1 September, 183 days on (6 × 30.436875 = 182.6), it is over on 3 March.
    it "says what is over, and what soon will be" do
      resin = ->(opened) { jar("two_part_resin", 300, "g", open: 200, opened_on: opened) }
      expect(resin["2026-09-01"].over_on).to eq(Date.new(2027, 3, 3))
      old, soon, fresh = %w[2026-08-01 2026-09-01 2027-02-01].map { |day| resin[day] }
      expect([old, soon, fresh].map { |one| codes(shelves(one), one) }).to eq([["old"], ["soon_old"], []])
      expect(jar("two_part_resin", 300, "g", open: 200, opened_on: "2026-08-01", keeps_months: { "open" => 24 }).old?(today)).to be(false)
    end

    it "says that nobody knows how full an open one is, and takes it for nothing certain" do
      open = jar("earth_paste", 200, "ml", opened_on: "2027-02-01")
      expect(codes(shelves(open), open)).to eq(["unknown"])
      expect([open.level, open.empty?, shelves(open).amount("earth_paste", nil, "ml")]).to eq([nil, false, 0])
    end
  end

  describe GreenPlinth::Stores::Provision do
    def balance(file, *jars) = described_class.new(evaluation(file).quantities, shelves(*jars), file["copies"] || 1)

    let(:file) { plain_file(zones: [zone(course("earth_paste", id: "bed", thickness_mm: 2))]) }
    # 60 cm² under 2 mm of what shrinks by a fifth, and a tenth for waste: 16.5 ml.
    let(:need) { 60 * 0.2 / 0.8 * 1.1 }

    def paste(balance) = balance.lines.find { |one| one.line.material == "earth_paste" }

    it "buys nothing of what is there, and a pack for what is missing" do
      enough = paste(balance(file, jar("earth_paste", 200, "ml", open: 20)))
      expect(enough).to have_attributes(packs: 0, missing: 0, buy_minor: 0, short?: false)
      expect(enough.left).to be_within(0.01).of(20 - need)
      short = paste(balance(file, jar("earth_paste", 200, "ml", open: 10)))
      expect(short).to have_attributes(packs: 1, short?: true)
      expect(short.missing).to be_within(0.01).of(need - 10)
      expect(short.left).to be_within(0.01).of(10 + short.line.pack["amount"] - need)
    end

    # What is laid is no longer on the shelf: of twice 16.5 ml one is still to come.
    it "buys only what is still to be laid" do
      twice = [course("earth_paste", id: "bed", thickness_mm: 2), course("acrylic_paint", id: "tone"),
        course("earth_paste", id: "skim", thickness_mm: 2)]
      laid = ->(*ids) { { done: ids.map { |id| { step: id, finished: "2027-03-01T20:00" } } } }
      found = lambda do |*ids|
        made = evaluation(plain_file(zones: [zone(*twice)], progress: laid[*ids]))
        paste(described_class.new(made.quantities, shelves(jar("earth_paste", 200, "ml", open: 20)), 1, still: made.still_needed))
      end
      expect([found["bed"].line.amount, found["bed"].still]).to match([be_within(0.1).of(2 * need), be_within(0.1).of(need)])
      expect([found["bed"].packs, found[].packs, found["bed", "tone", "skim"].still]).to eq([0, 1, 0.0])
    end

    it "reckons what is to be bought at the price that was paid for such a pack" do
      paid = paste(balance(file, jar("earth_paste", 200, "ml", open: 10, price_minor: 400)))
      other = paste(balance(file, jar("earth_paste", 500, "ml", open: 10, price_minor: 400)))
      expect([paid.buy_minor, other.buy_minor]).to eq([400, other.line.pack["price_minor"]])
    end

    # Half of it is there, paid at 400 for 200 ml: 10 ml are 20; the rest at the same price.
    it "counts what is used up by what was paid" do
      line = paste(balance(file, jar("earth_paste", 200, "ml", open: 10, price_minor: 400)))
      expect(line.used_minor).to be_within(1).of(20 + ((need - 10) / 200 * 400))
    end

    it "says how many bases a pack makes" do
      line = paste(balance(file.merge("copies" => 3)))
      expect(line.yields).to eq((line.line.pack["amount"] / need).floor)
    end
  end

  describe GreenPlinth::Stores::Reservations do
    def plan(title, start)
      file = plain_file(title: title, zones: [zone(course("earth_paste", id: "bed", thickness_mm: 2))],
        calendar: { start: start, weekly: [{ day: "mon", from: "19:00", to: "22:00" }] })
      GreenPlinth::Questions::DatedPlan.new(JSON.parse(JSON.generate(evaluation(file).plan.to_h)))
    end

    def paste(*jars)
      plans = { 2 => plan("Later", "2027-04-05T08:00"), 1 => plan("First", "2027-03-01T08:00") }
      described_class.new(plans, shelves(*jars), catalogue).things.find { |thing| thing.material == "earth_paste" }
    end

    # Each takes 16.5 ml: 20 ml are enough for the first of them, and 33.1 for both.
    it "serves builds in the order of their dates, and says at which step it runs out" do
      thing = paste(jar("earth_paste", 200, "ml", open: 20))
      expect(thing.taken.map(&:title)).to eq(%w[First Later])
      expect(thing.runs_out).to have_attributes(build: 2, step: "bed")
      expect(thing.runs_out.before).to be_within(0.01).of(20 - 16.5)
      expect(thing.missing).to be_within(0.02).of(13)
      expect(paste(jar("earth_paste", 200, "ml", open: 33.1)).runs_out).to be_nil
      expect(paste.runs_out).to have_attributes(build: 1)
    end
  end
end
