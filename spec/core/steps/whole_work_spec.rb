# frozen_string_literal: true

# Work that comes with a part, and work that a maker adds by a technique.
RSpec.describe "The work of a base" do
  def order(**members) = evaluation(plain_file(**members)).batches
  def titles(made) = made.steps.map(&:title)
  def before?(made, first, later)
    at = made.network.sorted.map(&:id)
    at.index(first) < at.index(later)
  end

  describe "coats of a feature" do
    let(:wall) do
      { id: "dyke", kind: "wall", outline: rectangle(40, 4), height_mm: 10,
        courses: [{ material: "acrylic_primer" }, { material: "acrylic_paint", coats: 2 }] }
    end

    it "are laid on it by itself, before it is bedded" do
      made = order(features: [wall])
      expect(titles(made)).to include("Build dyke", "Prime dyke", "Bed dyke")
      expect(titles(made).grep(/Paint dyke, coat/).size).to eq(2)
      expect(before?(made, "dyke", "dyke/1-acrylic_primer")).to be(true)
      expect(before?(made, "dyke/2-acrylic_paint/coat-2", "dyke/bed")).to be(true)
    end

    it "cover its top and its sides, by hand" do
      # 40 × 4 on top, 2 × (40 + 4) × 10 round it: 160 + 880 mm² = 0.104 dm²; priming takes 8 min and 1 a dm².
      made = order(features: [wall.merge(courses: [{ material: "acrylic_primer" }])])
      primer = made.steps.find { |step| step.title == "Prime dyke" }
      expect(primer.each_min).to be_within(1e-6).of(0.104)
    end

    it "are none where it has none" do
      expect(titles(order(features: [wall.except(:courses)]))).to include("Build dyke")
        .and(all(satisfy { |title| !title.start_with?("Bed") }))
    end
  end

  it "ballasts track, and takes it for granted nowhere else" do
    expect(titles(order(features: [{ id: "siding", kind: "track", outline: rectangle(80, 20) }])))
      .to include("Lay siding", "Ballast siding")
    expect(titles(order(features: [{ id: "lane", kind: "road", outline: rectangle(80, 20) }])).grep(/Ballast/)).to be_empty
  end

  it "sets a hull that lies in water, and fills the gap before the last layer" do
    hull = { id: "skiff", kind: "hull", footprint: rectangle(20, 8) }
    made = evaluation(pool_file(level: 8, subjects: [hull])).batches
    expect(made.steps.map(&:id)).to include("skiff/hull", "skiff/gap")
    expect(titles(made).grep(/Glue skiff/)).to be_empty
    last = made.steps.select { |step| step.phase == :pour }.map(&:id).max
    expect(before?(made, "skiff/gap", last)).to be(true)
    expect(titles(order(subjects: [hull]))).to include("Glue skiff")
  end

  it "hides the disc under a figure when it is mounted" do
    made = order(subjects: [figure(round(10), disc: { outline: round(25), thickness_mm: 2 })])
    expect(before?(made, "figure/mount", "figure/disc")).to be(true)
  end

  it "glues tufts, or presses them where they stick by themselves" do
    zones = [zone(course("tufts", count: 40))]
    glued, pressed = [{},
                      { tufts: "self_adhesive" }].map { |schools| order(zones: zones,
                        schools: schools).steps.find { |step| step.phase == :tufts } }
    expect(glued.uses.map(&:material)).to include("tacky_glue")
    expect(pressed.uses.map(&:material)).to eq(["tufts"])
    expect(pressed.hands_on_min).to be < glued.hands_on_min
    expect(pressed.tail_min).to eq(0)
  end

  describe "a task by a technique" do
    let(:task) { { id: "mask", title: "Mask", technique: "mask_ground", on: "ground", amount: 3 } }
    let(:zones) { [zone(course("fine_sand"))] }

    it "has its time, its tool and its place in the order" do
      made = order(zones: zones, tasks: [task])
      step = made.steps.find { |one| one.id == "mask" }
      expect(step).to have_attributes(title: "Mask ground", hands_on_min: 9, rig: "hands", phase: :mask)
      sand = made.steps.find { |one| one.where.include?("/zones/0/courses/0") }
      expect(sand.after.find { |after| after.first == "mask" }).to have_attributes(code: "order/mask_before_scatter", strength: :must)
    end

    it "takes the maker's own minutes before the usual ones" do
      made = order(zones: zones, tasks: [task.merge(hands_on_min: 25)])
      expect(made.steps.find { |one| one.id == "mask" }.hands_on_min).to eq(25)
    end

    it "needs minutes or a technique" do
      expect(problems(plain_file(tasks: [{ id: "x", title: "X" }])).map(&:pointer)).to include("/tasks/0")
    end
  end

  it "tells how often plaster is mixed, and takes the time for it" do
    board = { outline: rectangle(300, 200), thickness_mm: 20, material: "mdf", key: "scuffed" }
    made = order(plinth: board, zones: [zone(course("plaster", thickness_mm: 4))])
    step = made.steps.find { |one| one.material == "plaster" }
    # 6 dm² at 4 min each are 24 min of laying, and it sets in 8: three mixes.
    expect(step.mixes).to eq(3)
    expect(step.hands_on_min).to be >= (step.mixes - 1) * GreenPlinth::Batching::Mixing::AGAIN_MIN
  end

  it "stays by water for its bubbles, in the same sitting" do
    made = evaluation(pool_file(level: 8, medium: "acrylic_water",
      calendar: { start: "2027-03-01T09:00", weekly: [{ day: "mon", from: "19:00", to: "19:40" }] }))
    made.steps.select { |one| one.phase == :pour }.each do |pour|
      expect(pour.stay_min).to eq(10)
      start = made.schedule.start(pour.id)
      close = made.schedule.network.sittings.find { |from, to| from <= start && start < to }.last
      expect(made.schedule.finish(pour.id) + 10).to be <= close
    end
  end
end
