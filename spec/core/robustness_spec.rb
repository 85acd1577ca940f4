# frozen_string_literal: true

# Valid files of every odd kind: whatever the maker composes, the whole of the evaluation comes back, with figures that
# can be true.
RSpec.describe "Any valid file" do
  def whole(file)
    made = evaluation(file)
    { told: made.to_h, drawing: made.drawing, section: made.section([-40.0, -20.0], [40.0, 20.0]),
      plan: GreenPlinth::Exports::PlanSvg.new(made).write }
  end

  def expect_true(answer)
    told = answer[:told]
    expect(told["plinth"]["area_mm2"]).to be > 0
    expect(told["relief"]["forms"].map { |form| form["volume_mm3"] }).to all_there_are(be >= 0)
    expect(told["relief"]["zones"].sum { |zone| zone["area_mm2"] }).to be <= told["plinth"]["area_mm2"] * 1.001
    told["waters"].reject { |pool| pool["volume_ml"].nil? }.each do |pool|
      expect(pool.values_at("area_mm2", "volume_ml", "spill_mm2", "dam_mm", "shore_mm", "dry_mm2")).to all_there_are(be >= 0)
      expect(pool["layers"].sum do |layer|
        layer["volume_ml"]
      end).to be_within(0.01 + (pool["volume_ml"] * 0.01)).of(pool["volume_ml"])
    end
    expect(told["quantities"].filter_map { |line| line["amount"] }).to all_there_are(be >= 0)
    expect(told["steps"].map { |step| step["hands_on_min"] }).to all_there_are(be >= 1)
    expect(JSON.generate(answer)).to be_a(String)
  end

  # Everything a screen or a printer asks for beside the evaluation: finite numbers, closed pieces, no surprise.
  def expect_drawn(made)
    answers = [made.sight_view(GreenPlinth::Composition::Eye.new(200.0, 35.0)), made.relief_map(nil), made.templates.map(&:to_h),
      made.edge_skin.to_h([297.0, 210.0]), GreenPlinth::Balance::ByMaterial.new(made).lines.map(&:to_h)]
    expect { JSON.generate(answers) }.not_to raise_error
    cutting = GreenPlinth::Templates::CuttingPlan.new(made.templates, made.catalogue, made.design.copies).to_a
    expect(cutting).to all_there_are(satisfy { |plan| plan["sheets"].size >= plan["lower_bound"] })
    expect(made.judgements.map(&:sentence)).to all_there_are(end_with("."))
  end

  {
    "nothing on it" => {},
    "a polygon plinth with a hook" => { plinth: { outline: { kind: "polygon",
                                                             points_mm: [[-50, -30], [50, -30], [50, 30], [20, 30], [20, 0],
                                                               [-50, 0]] } } },
    "a strip of a plinth" => { plinth: { outline: { kind: "strip", points_mm: [[-60, 0], [0, 20], [60, 0]],
                                                    width_mm: 30 } } },
    "the smallest base" => { plinth: { outline: { kind: "round", diameter_mm: 4 }, thickness_mm: 0.5 } },
    "the largest base" => { plinth: { outline: { kind: "rectangle", width_mm: 5000, depth_mm: 3000 } } },
    "a base all cut away" => { forms: [{ id: "all", kind: "cut", depth_mm: 500,
                                         outline: { kind: "round", diameter_mm: 400 } }] },
    "forms beside the plinth" => { forms: [{ id: "far", kind: "lift", sheet_mm: 3,
                                             outline: { kind: "round", diameter_mm: 10, at_mm: [400, 0] } }] },
    "forms without a material" => { forms: [{ id: "a", kind: "lift", sheet_mm: 3, outline: { kind: "round", diameter_mm: 10 } },
      { id: "b", kind: "mound", crown_mm: 3, outline: { kind: "round", diameter_mm: 10 } }] },
    "a level ramp without length" => { forms: [{ id: "r", kind: "ramp", from_mm: [0, 0], to_mm: [0, 0], from_z_mm: 3, to_z_mm: 9,
                                                 outline: { kind: "round", diameter_mm: 20 } }] },
    "a ramp below the ground" => { forms: [{ id: "r", kind: "ramp", from_mm: [-5, 0], to_mm: [5, 0], from_z_mm: -9, to_z_mm: -3,
                                             outline: { kind: "round", diameter_mm: 20 } }] },
    "a skim as steep as may be" => { forms: [{ id: "a", kind: "lift", sheet_mm: 9, outline: { kind: "round", diameter_mm: 20 } },
      { id: "s", kind: "skim", slope_deg: 80, outline: { kind: "round", diameter_mm: 40 } }] },
    "a bevel wider than its form" => { forms: [{ id: "a", kind: "lift", sheet_mm: 9, edge: { kind: "bevel", run_mm: 80 },
                                                 outline: { kind: "round", diameter_mm: 20 } }] },
    "zones under zones" => { zones: Array.new(6) do |i|
      { id: "z#{i}", ground: "earth", outline: { kind: "rest" }, courses: [{ material: "earth_paste" }] }
    end },
    "a water over everything" => { waters: [{ id: "sea", medium: "two_part_resin", level_mm: 40,
                                              outline: { kind: "rectangle", width_mm: 100, depth_mm: 60 } }] },
    "a water beside the plinth" => { waters: [{ id: "w", medium: "acrylic_water", level_mm: 2,
                                                outline: { kind: "round", diameter_mm: 10, at_mm: [300, 0] } }] },
    "a water of a single cell" => { waters: [{ id: "w", medium: "uv_resin", level_mm: 2,
                                               outline: { kind: "round", diameter_mm: 0.2 } }] },
    "every medium there is" => { waters: %w[acrylic_water water_gel two_part_resin uv_resin gloss_glaze swamp_gel
      foam_paste].each_with_index.map do |key, i|
      { id: "w#{i}", medium: key, level_mm: 1,
        outline: { kind: "round", diameter_mm: 8, at_mm: [-36 + (i * 12), 0] } }
    end },
    "subjects far off the base" => { subjects: [{ id: "a", kind: "aircraft", footprint: { kind: "round", diameter_mm: 5 },
                                                  silhouette: { kind: "rectangle", width_mm: 400, depth_mm: 5 }, at_mm: [300, 300] }] },
    "features of no outline" => { features: [{ id: "a", kind: "light", powered: true },
      { id: "b", kind: "plaque" }] },
    "a workshop at its worst" => { climate: { temperature_c: 0, humidity_pct: 95, airflow: "still" },
                                   zones: [{ id: "z", ground: "mud", outline: { kind: "rest" },
                                             courses: [{ material: "mud_paste", thickness_mm: 60 }] }] },
    "five hundred copies" => { copies: 500,
                               subjects: [{ id: "a", kind: "figure", footprint: { kind: "round", diameter_mm: 5 }, paint_min: 20 }],
                               calendar: { weekly: [{ day: "mon", from: "19:00", to: "22:00" }] } },
    "away for ever" => { calendar: { weekly: [{ day: "mon", from: "19:00", to: "22:00" }],
                                     away: [{ from: "2027-01-01T00:00", to: "2040-01-01T00:00" }] } },
    "wishes in a circle" => { tasks: [{ id: "a", title: "A", hands_on_min: 1 }, { id: "b", title: "B", hands_on_min: 1 }],
                              order: [{ first: "a", then: "b" }, { first: "b", then: "a" }] },
    "a wish that cannot be kept in time" => { tasks: [{ id: "a", title: "A", hands_on_min: 1 }, { id: "b", title: "B", hands_on_min: 1 }],
                                              order: [{ first: "a", then: "b", at_least_min: 100,
                                                        at_most_min: 10 }] },
  }.each do |what, members|
    it("gets its evaluation: #{what}") { expect_true(whole(plain_file(**members))) }

    it("is drawn, told and cut: #{what}") { expect_drawn(evaluation(plain_file(**members))) }
  end

  it "gets its evaluation with every material as a course" do
    catalogue.materials.keys.each_slice(12) do |keys|
      courses = keys.map { |key| course(key) }
      expect_true(whole(plain_file(zones: [zone(*courses)])))
    end
  end

  it "gets its evaluation with every kind of feature and subject" do
    kinds = %w[wall fence road track bridge building steps kerb tree bush hedge rock log roots debris prop sign
      plaque ruts light]
    features = kinds.each_with_index.map do |kind, i|
      { id: "f#{i}", kind: kind, outline: { kind: "strip", points_mm: [[-40 + (i * 4), -20], [-38 + (i * 4), 0]], width_mm: 2 },
        height_mm: 5, mass_g: 1 }
    end
    subjects = %w[figure mounted animal vehicle aircraft hull prop].each_with_index.map do |kind, i|
      { id: "s#{i}", kind: kind, footprint: { kind: "round", diameter_mm: 6 }, at_mm: [-36 + (i * 12), 20] }
    end
    expect_true(whole(plain_file(features: features, subjects: subjects)))
  end

  it "gets its evaluation after one value of it was changed for another that is valid" do
    files = sample_names.map { |name| sample(name) }
    values = [0, 0.5, 1, 3, 45, 200, [[0, 0], [10, 0], [10, 10]], "two_part_resin", "superglue_thin", true]
    PropCheck.forall(PropCheck::Generators.tuple(*[PropCheck::Generators.choose(0..1_000_000)] * 3)) do |which, where, what|
      file = Marshal.load(Marshal.dump(files[which % files.size]))
      Mutation.change(file, where, values[what % values.size])
      expect_true(whole(file)) if problems(file).empty?
    end
  end
end
