# frozen_string_literal: true

require "prop_check"

# Builds put together at random from all that the catalogue has: whatever a maker may write down is planned without breaking,
# nothing is laid before what it lies on, and no wait is unknown.
RSpec.describe "Generated builds" do
  # How many builds; each takes a quarter of a second.
  builds = 24

  def materials(trait) = catalogue.materials.values.select { |material| material.trait?(trait) }.map(&:key)

  # Windows of their own in what another work has just laid: they need a scene that gives them one.
  def techniques = catalogue.techniques.values.reject { |one| one.phase == :press || one.phase == :unmask }.map(&:key)

  def box(random)
    { "kind" => "rectangle", "width_mm" => 5 + random.rand(60), "depth_mm" => 5 + random.rand(40),
      "at_mm" => [random.rand(80) - 40, random.rand(40) - 20] }
  end

  def course_at_random(random)
    made = course(materials("laid").sample(random: random))
    made["technique"] = techniques.sample(random: random) if random.rand < 0.15
    made["coats"] = 2 if random.rand < 0.2
    made["cover_pct"] = 20 + random.rand(80) if random.rand < 0.4
    made
  end

  def courses(random) = Array.new(random.rand(6)) { course_at_random(random) }

  def form_at_random(random, id)
    material = materials("of_forms").sample(random: random)
    [form("lift", id, box(random), material: material, sheet_mm: 1 + random.rand(8)), cut(1 + random.rand(5), box(random), id: id),
      form("mound", id, box(random), material: material, crown_mm: 2 + random.rand(10)),
      form("skim", id, box(random), material: material, slope_deg: 20 + random.rand(40))].sample(random: random)
  end

  def feature_at_random(random, id)
    kinds = catalogue.kinds["features"].values.reject { |kind| kind.key == "ruts" }
    made = { "id" => id, "kind" => kinds.sample(random: random).key, "outline" => box(random), "height_mm" => 1 + random.rand(30) }
    made["material"] = materials("of_features").sample(random: random) if random.rand < 0.5
    made["courses"] = courses(random).first(3) if random.rand < 0.4
    made
  end

  def water_at_random(random, id)
    water(1 + random.rand(8), box(random), id: id, medium: materials("fills_water").sample(random: random),
      surface: catalogue.kinds["surfaces"].keys.sample(random: random))
  end

  def build_at_random(random)
    kinds = catalogue.kinds
    grounds = Array.new(2) { kinds["grounds"].keys.sample(random: random) }
    plain_file(scale: [35, 72, 87, 160].sample(random: random), purpose: kinds["purposes"].keys.sample(random: random),
      forms: Array.new(random.rand(4)) { |n| form_at_random(random, "f#{n}") },
      zones: [zone(*courses(random), id: "z0", outline: box(random), ground: grounds[0]),
        zone(*courses(random), id: "z1", ground: grounds[1])],
      features: Array.new(random.rand(6)) { |n| feature_at_random(random, "e#{n}") },
      subjects: Array.new(random.rand(3)) { |n| figure(round(8), id: "s#{n}", at_mm: box(random)["at_mm"], paint_min: n * 30) },
      waters: Array.new(random.rand(2)) { |n| water_at_random(random, "w#{n}") })
  end

  # Pairs of steps of one pile, the lower first.
  def piles(told)
    laid = told.order.works.select(&:stack).group_by { |work| work.stack[0] }.except("forms").values
    laid.flat_map { |works| works.sort_by { |work| [work.stack[1], work.coat] }.each_cons(2).to_a }
  end

  it "are planned without breaking, each course after what it lies on, each wait known" do
    PropCheck.forall(PropCheck::Generators.choose(0..1_000_000)).with_config(n_runs: builds).check do |seed|
      file = build_at_random(Random.new(seed))
      told = evaluation(file)
      expect(told.infeasible).to be_nil, -> { "#{seed}: #{told.infeasible.message}" }
      expect(told.steps.select { |step| step.tail_min.nil? }.map(&:id)).to be_empty, seed.to_s
      finish = told.steps.group_by(&:work_id).transform_values { |steps| steps.map { |step| told.schedule.finish(step.id) }.max }
      start = told.steps.group_by(&:work_id).transform_values { |steps| steps.map { |step| told.schedule.start(step.id) }.min }
      wrong = piles(told).select { |lower, upper| start.fetch(upper.id) < finish.fetch(lower.id) }
      expect(wrong.map { |pair| pair.map(&:id) }).to be_empty, seed.to_s
      told.to_h
    end
  end

  it "are told of by fixes that leave valid files" do
    PropCheck.forall(PropCheck::Generators.choose(0..1_000_000)).with_config(n_runs: builds / 3).check do |seed|
      file = build_at_random(Random.new(seed))
      evaluation(file).snags.flat_map { |snag| snag.fixes.map { |fix| [snag.code, fix] } }.each do |code, fix|
        expect(problems(GreenPlinth::Patch.apply(file, fix.patch))).to be_empty, "#{seed} #{code}: #{fix.label}"
      end
    end
  end
end
