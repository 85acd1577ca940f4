# frozen_string_literal: true

RSpec.describe GreenPlinth::Steps::OrderOfWork do
  def order(**members) = evaluation(plain_file(**members)).batches
  def ids(...) = order(...).steps.map(&:id)
  def step(order, id)
    order.steps.find { |one| one.id == id } || raise("no step #{id} among #{order.steps.map(&:id)}")
  end

  describe "expanding a design" do
    it "prepares the plinth and paints the rim, and no more, for a bare board" do
      expect(ids).to contain_exactly("plinth/prepare", "plinth/rim/coat-1", "plinth/rim/coat-2")
    end

    it "prepares no moulded base, and leaves a bare rim bare" do
      file = plain_file(schools: { rim: "bare" }).merge("plinth" => { "outline" => round(32),
                                                                      "material" => "plastic_base" })
      expect(evaluation(file).steps).to be_empty
    end

    it "makes a step of every form, coat, course, feature, subject and water" do
      made = ids(forms: [lift(3, round(40), seal: ["matte_medium"]), cut(2, round(10))],
        zones: [zone(course("earth_paste", id: "paste"), course("acrylic_paint", id: "paint", coats: 2))],
        features: [{ id: "wall", kind: "wall", outline: rectangle(40, 4, at: [0, 20]), height_mm: 12 }],
        subjects: [figure(round(8), paint_min: 30)])
      expect(made).to include("lift/stack", "lift/seal-1", "cut/cut", "paste", "paint/coat-1", "paint/coat-2", "wall", "figure/paint",
        "figure/mount", "subjects/dry-fit")
    end

    it "seals a porous bed, dams an edge and pours layer by layer, unasked" do
      file = pool_file(level: 8, outline: rectangle(40, 20, at: [40, 0]))
      expect(evaluation(file).steps.map(&:id)).to include("pool/seal", "pool/dam", "pool/pour-1", "pool/pour-2")
      sealed = file.tap { |made| made["waters"][0]["sealed"] = true }
      expect(evaluation(sealed).steps.map(&:id)).not_to include("pool/seal")
    end

    it "treats found matter that nobody has treated" do
      soil = course("sifted_soil", id: "soil")
      expect(ids(zones: [zone(soil)])).to include("soil/treat")
      expect(ids(zones: [zone(soil.merge("treated" => %w[sieved baked]))])).not_to include("soil/treat")
    end

    it "fixes loose grain by the maker's school" do
      techniques = %w[wetted_flood thin_superglue drop_in_binder].to_h do |side|
        [side,
          step(order(zones: [zone(course("fine_sand", id: "sand"))], schools: { fixing: side }), "sand").technique]
      end
      expect(techniques).to eq(techniques.keys.to_h { |side| [side, side] })
    end

    it "takes the technique a course names" do
      expect(step(order(zones: [zone(course("acrylic_paint", id: "lights", technique: "dry_brush"))]),
        "lights").technique).to eq("dry_brush")
    end

    it "counts hands-on time as set-up and rate by the amount" do
      # spread_paste: 3 + 4 a dm²; the whole top is 0.6 dm².
      expect(step(order(zones: [zone(course("earth_paste", id: "paste"))]),
        "paste").hands_on_min).to eq((3 + (4 * 0.6)).round)
    end

    it "lays a mix in which nothing sets as the most of it is laid" do
      made = order(zones: [zone(course("mix:earth", id: "dry"))],
        mixes: [{ id: "earth", parts: [{ material: "fine_sand", amount: 2 }, { material: "coarse_sand", amount: 1 }] }])
      plain = order(zones: [zone(course("fine_sand", id: "dry"))])
      expect([made, plain].map { |one| [step(one, "dry").technique, step(one, "dry").tail_min] }.uniq.size).to eq(1)
    end

    it "carries the cautions of technique, material and glue, each once" do
      cautions = step(evaluation(pool_file(level: 8, medium: "two_part_resin")).batches, "pool/pour").cautions
      expect(cautions).to include("sensitiser", "hot")
      expect(cautions).to eq(cautions.uniq)
    end

    it "warns of mist only where something is sprayed" do
      painted = ->(rig) {
        step(order(zones: [zone(course("acrylic_paint", id: "paint", rig: rig))]), "paint").cautions
      }
      expect(painted["airbrush"]).to include("aerosol")
      expect(painted["brush"]).not_to include("aerosol")
    end
  end

  describe "merging" do
    let(:zones) do
      [zone(course("acrylic_primer", id: "a"), id: "west", outline: rectangle(50, 60, at: [-25, 0])),
        zone(course("acrylic_primer", id: "b"), id: "east", outline: rectangle(50, 60, at: [25, 0]))]
    end

    it "does like work in several zones in one go" do
      primed = order(zones: zones).steps.select { |one| one.technique == "prime" }
      expect(primed.size).to eq(1)
      expect(primed.first.where).to contain_exactly("/zones/0/courses/0", "/zones/1/courses/0")
    end

    it "keeps apart what something stands between" do
      made = order(zones: zones, order: [{ first: "a", then: "middle" }, { first: "middle", then: "b" }],
        tasks: [{ id: "middle", title: "Look", hands_on_min: 1 }])
      expect(made.steps.count { |one| one.technique == "prime" }).to eq(2)
    end
  end

  describe "fitting into sittings" do
    let(:weekly) { [{ day: "mon", from: "19:00", to: "20:00" }] }

    it "cuts a batch into as many parts as the sittings have room for, in turn" do
      made = order(copies: 20, subjects: [figure(round(8), paint_min: 10)],
        calendar: { start: "2027-03-01T00:00", weekly: weekly })
      batches = made.steps.select { |one| one.id.start_with?("figure/paint") }
      expect(batches.flat_map { |one| one.copies.to_a }).to eq((1..20).to_a)
      expect(batches.map(&:hands_on_min)).to all(be <= 60)
      expect(batches.size).to eq(4)
      expect(batches.first.title).to match(/bases 1–\d/)
    end

    it "lets a later batch wait only for the bases it works on" do
      made = order(copies: 20, subjects: [figure(round(8), paint_min: 10, mount: "pinned")],
        calendar: { start: "2027-03-01T00:00", weekly: weekly })
      mount = made.steps.find { |one| one.id.start_with?("figure/mount/bases-1-") }
      painted = mount.after.map(&:first).grep(/paint/)
      expect(painted).not_to be_empty
      expect(painted.map { |id| step(made, id).copies }).to all(satisfy { |copies| copies.min <= mount.copies.max })
    end

    it "leaves one piece that cannot be left whole, however long" do
      made = order(tasks: [{ id: "cast", title: "Cast", hands_on_min: 90 }], calendar: { weekly: weekly })
      expect(step(made, "cast").hands_on_min).to eq(90)
    end

    it "splits what may be left and taken up again" do
      made = order(tasks: [{ id: "carve", title: "Carve", hands_on_min: 90, splittable: true }],
        calendar: { weekly: weekly })
      expect(made.steps.select { |one| one.id.start_with?("carve") }.map(&:hands_on_min)).to eq([45, 45])
    end
  end

  describe "waits" do
    let(:made) { evaluation(sample("peat-bank")).batches }

    it "have a reason, a code and a strength" do
      afters = made.steps.flat_map(&:after)
      expect(afters.map(&:why)).to all(be_a(String).and(satisfy { |text| text.length > 5 }))
      expect(afters.map(&:code)).to all(start_with("order/"))
      expect(afters.map(&:strength)).to all(satisfy { |strength| %i[must school advice wish].include?(strength) })
    end

    it "name steps that are there, and come in an order that respects them" do
      seen = []
      made.steps.each do |one|
        expect(one.after.map(&:first) - seen).to be_empty
        seen << one.id
      end
    end

    it "are told once: what follows from others is left out" do
      double = order(zones: [zone(course("earth_paste", id: "a"), course("acrylic_primer", id: "b"),
        course("acrylic_paint", id: "c"))])
      expect(step(double, "c").after.map(&:first)).to eq(["b"])
    end
  end

  it "keeps a wish against a rule, and tells the conflict with the way it runs against" do
    against = evaluation(plain_file(zones: [zone(course("earth_paste", id: "paste"), course("acrylic_paint", id: "paint"))],
      forms: [lift(3, round(30), id: "bank")], order: [{ first: "paste", then: "bank" }]))
    conflict = against.order.conflicts.find { |one| one.wait.code == "order/bulk_before_texture" }
    expect(conflict.path.map(&:code)).to include("order/wish")
    expect(step(against.batches, "bank/stack").after.map(&:code)).to include("order/wish")
  end

  it "holds a wish's own window" do
    made = order(tasks: [{ id: "a", title: "Mix", hands_on_min: 5 }, { id: "b", title: "Pour", hands_on_min: 5 }],
      order: [{ first: "a", then: "b", at_least_min: 10, at_most_min: 30 }])
    expect(step(made, "b").after.first).to have_attributes(at_least_min: 10, at_most_min: 30)
  end

  it "marks setts while the grout is soft: not too early, not too late" do
    made = order(zones: [zone(course("tile_grout", id: "grout"), ground: "setts")])
    expect(step(made, "grout/impress").after.find do |after|
      after.first == "grout"
    end).to have_attributes(at_least_min: 30, at_most_min: 90)
  end
end
