# frozen_string_literal: true

# What a maker would say of a plan: for each snag a scene that must raise it, the nearest that must not, and its fix, which
# makes it go away.
RSpec.describe "Snags of the trade" do
  def found(file, code) = evaluation(file).snags.select { |snag| snag.code == code }

  rect = ->(width, depth, at = [0, 0]) { { "kind" => "rectangle", "width_mm" => width, "depth_mm" => depth, "at_mm" => at } }
  spot = ->(across, at = [0, 0]) { { "kind" => "round", "diameter_mm" => across, "at_mm" => at } }
  left = { "kind" => "polygon", "points_mm" => [[-50, -30], [0, -30], [0, 30], [-50, 30]] }
  line = { "kind" => "strip", "points_mm" => [[-45, 0], [45, 0]], "width_mm" => 16 }
  ground = lambda { |*courses, **more|
    { "id" => "ground", "ground" => "earth", "outline" => { "kind" => "rest" }, "courses" => courses }.merge(more.transform_keys(&:to_s))
  }
  zone = ->(*courses, **more) { { zones: [ground[*courses, **more]] } }
  course = ->(material, **more) { { "material" => material }.merge(more.transform_keys(&:to_s)) }
  form = ->(kind, outline, **more) { { "id" => "form", "kind" => kind, "outline" => outline }.merge(more.transform_keys(&:to_s)) }
  part = ->(kind, outline, **more) { { "id" => kind, "kind" => kind, "outline" => outline }.merge(more.transform_keys(&:to_s)) }
  board = form["lift", rect[100, 60], id: "board", material: "cork_sheet", sheet_mm: 6]
  foam = board.merge("id" => "foam", "material" => "xps_foam", "sheet_mm" => 20)
  mud = ->(*parts) { [{ "id" => "own", "parts" => parts.map { |key, amount| { "material" => key, "amount" => amount } } }] }

  tall = { "id" => "a", "kind" => "figure", "footprint" => spot[10], "height_mm" => 45, "at_mm" => [0, -10] }
  soil = zone[course["earth_paste"]]
  white, cement = %w[white_glue plastic_cement].map { |glue| { "glue" => glue } }
  styrene = board.merge("id" => "sheet", "material" => "styrene_sheet", "sheet_mm" => 2)
  doors = [{ "id" => "doors", "title" => "Doors", "technique" => "cut_openings", "on" => "building" }]
  ramp = form["ramp", rect[100, 60], material: "cork_tile", from_mm: [-50, 0], to_mm: [50, 0], from_z_mm: 0, to_z_mm: 40]

  sea = ->(**more) { { waters: [part["sea", rect[60, 40], medium: "acrylic_water", level_mm: 3, **more].except("kind")] } }

  lipless = { "outline" => rect[100, 60], "thickness_mm" => 20, "material" => "mdf", "key" => "scuffed" }
  brook = lambda do |*marks, **more|
    fall = marks.map { |x, level| { "at_mm" => [x, 0], "level_mm" => level } }
    { waters: [part["brook", rect[80, 10], medium: "acrylic_water", fall: fall, **more].except("kind")] }
  end
  edge = ->(**more) { { waters: [part["pool", rect[60, 30, [0, -20]], level_mm: 3, **more].except("kind")], plinth: lipless } }
  lamp = ->(**more) { { features: [part["light", spot[4], height_mm: 30, **more]] } }
  led = { powered: true, cable_mm: [[0, 0], [0, 31]] }
  pinned = lambda do |x, mount|
    { subjects: [{ "id" => "man", "kind" => "figure", "footprint" => spot[8], "at_mm" => [x, 15], "height_mm" => 40, "mount" => mount }] }
  end
  room = lambda do |at: [0, 0], clear: 9, **more|
    block = form["ramp", rect[100, 60], material: "xps_foam", from_mm: [-50, 0], to_mm: [50, 0], from_z_mm: 12, to_z_mm: 12]
    { forms: [block, form["cavity", rect[20, 20, at], invert_mm: 0, clear_mm: clear, **more].merge("id" => "room")] }
  end
  culvert = lambda do |clear|
    bank = form["ramp", rect[30, 60], material: "xps_foam", from_mm: [-15, 0], to_mm: [15, 0], from_z_mm: 10, to_z_mm: 10]
    { forms: [bank, form["culvert", rect[30, 8], invert_mm: 1, clear_mm: clear].merge("id" => "pipe")] }
  end

  # [code, what it is about, scene that raises it, nearest scene that does not, which fix heals it (nil: none is offered)]
  [
    ["scale/grain_too_coarse", "grains that are not what the maker says", zone[course["gravel", grain_mm: [2, 3], represents: "sand"]],
      zone[course["gravel", grain_mm: [2, 3]]], 0],
    ["scale/grain_too_coarse", "grains beyond all boulders", zone[course["stones", grain_mm: [40, 70]]],
      zone[course["stones", grain_mm: [40, 55]]], 0],
    # State 3 goes to 1.25 m: 35.7 mm at 1:35, and a tenth more that nobody sees, 39.3 mm.
    ["scale/waves", "waves higher than the sea state that was named", sea[sea_state: 3, waves: { "height_mm" => 40, "length_mm" => 800 }],
      sea[sea_state: 3, waves: { "height_mm" => 39, "length_mm" => 800 }], 0],
    ["scale/waves", "waves lower than it", sea[sea_state: 5, waves: { "height_mm" => 60, "length_mm" => 800 }],
      sea[waves: { "height_mm" => 60, "length_mm" => 800 }], 1],
    # The steepest that stands is 0.142.
    ["water/waves_break", "waves steeper than water stands", sea[waves: { "height_mm" => 10, "length_mm" => 70 }],
      sea[waves: { "height_mm" => 10, "length_mm" => 71 }], 0],
    ["water/waves_break", "the same where they break", sea[waves: { "height_mm" => 10, "length_mm" => 70 }],
      sea[surface: "surf", waves: { "height_mm" => 10, "length_mm" => 70 }], 0],
    ["water/uphill", "a stream that rises on its way", brook[[-40, 6], [0, 4], [40, 5]], brook[[-40, 6], [0, 5], [40, 5]], 0],
    # 3 in 100 and more breaks: 2.4 mm over 80.
    ["water/white_wanted", "a stream that breaks, with nothing white on it", brook[[-40, 6], [40, 3.5]], brook[[-40, 6], [40, 3.7]], 0],
    ["water/white_wanted", "the same with foam where it is steep", brook[[-40, 6], [40, 3.5]],
      brook[[-40, 6], [40, 3.5], courses: [course["foam_paste", on: "steep"]]], 0],
    ["water/course_nowhere", "white where nothing is steep", brook[[-40, 6], [40, 6], courses: [course["foam_paste", on: "steep"]]],
      brook[[-40, 6], [40, 2], courses: [course["foam_paste", on: "steep"]]], 0],
    # A millimetre of roof is left at the least: 10 mm of ground, a floor at 1 mm.
    ["relief/culvert_bare", "a culvert as high as its bank", culvert[8.1], culvert[8], 0],
    # Acrylic water loses far more than a tenth; two-part resin next to nothing.
    ["water/crawls", "acrylic water against the side", edge[medium: "acrylic_water"], edge[medium: "two_part_resin"], 0],
    ["water/crawls", "the same with its edge coated", edge[medium: "acrylic_water"],
      edge[medium: "acrylic_water", courses: [course["gloss_glaze", on: "edge"]]], 0],
    ["fit/no_cable", "a lamp without a cable", lamp[powered: true], lamp[], 0],
    ["fit/cable_barred", "a cable that ends within the base", lamp[powered: true, cable_mm: [[0, 0], [0, 25]]],
      lamp[**led], 0],
    ["fit/no_cable", "a lamp beside what feeds it", lamp[powered: true].merge(room[at: [12.1, 0]]), lamp[powered: true].merge(room[]), 0],
    ["fit/cable_barred", "a cable that ends beside the room for a battery", lamp[powered: true, cable_mm: [[0, 0], [0, -13]]].merge(room[]),
      lamp[powered: true, cable_mm: [[0, 0], [0, -7]]].merge(room[]), 0],
    # Ground at 12, a crown at 9: 3 mm of roof. A pin goes 5 mm down where nobody says how far.
    ["fit/cavity_pierced", "somebody pinned over a room", room[at: [0, 15]].merge(pinned[0, "pinned"]),
      room[at: [0, 15]].merge(pinned[0, "glued"]), 0],
    ["fit/cavity_pierced", "the same, the room made lower", room[at: [0, 15]].merge(pinned[0, "pinned"]),
      room[at: [0, 15], clear: 6].merge(pinned[0, "pinned"]), 1],
    ["fit/cavity_pierced", "a room beside a pin", room[at: [0, 15]].merge(pinned[0, "pinned"]),
      room[at: [14.2, 15]].merge(pinned[0, "pinned"]), 0],
    ["fit/cavity_shut", "a room under the ground that is reached from above", room[reached_from: "above"], room[reached_from: "below"], 0],
    ["fit/cavity_shut", "a lamp over it for good", lamp[powered: true].merge(room[reached_from: "above"]),
      lamp[powered: true, fixing: { "removable" => true }].merge(room[reached_from: "above"]), 0],
    ["fit/cavity_shut", "somebody glued over it", room[at: [0, 15], reached_from: "above"].merge(pinned[0, "glued"]),
      room[at: [0, 15], reached_from: "above"].merge(pinned[0, "loose"]), 1],
    ["relief/culvert_bare", "a room as high as the block that it is cut into", room[clear: 11.1], room[clear: 11], 0],
    ["fit/cable_barred", "a cable under somebody who is pinned", lamp[**led].merge(pinned[0, "pinned"]),
      lamp[**led].merge(pinned[8, "pinned"]), 0],
    ["fit/cable_barred", "the same glued", lamp[**led].merge(pinned[0, "magnet"]),
      lamp[**led].merge(pinned[0, "glued"]), 0],
    # The wind comes from the left and takes everything to the right; an eighth of a turn is let be.
    ["composition/flag_against_wind", "a flag that streams into the wind", lamp[flag_deg: 46].merge(wind: { "from_deg" => 180 }),
      lamp[flag_deg: 45].merge(wind: { "from_deg" => 180 }), 0],
    ["composition/flag_against_wind", "the same where no wind is said", lamp[flag_deg: 180].merge(wind: { "from_deg" => 180 }),
      lamp[flag_deg: 180], 0],
    ["composition/waves_against_wind", "waves from abeam of the wind",
      sea[waves: { "height_mm" => 10, "from_deg" => 100 }].merge(wind: { "from_deg" => 39 }),
      sea[waves: { "height_mm" => 10, "from_deg" => 100 }].merge(wind: { "from_deg" => 40 }), 0],
    ["composition/waves_against_wind", "the same across the turn of the circle",
      sea[waves: { "height_mm" => 10, "from_deg" => -80 }].merge(wind: { "from_deg" => 341 }),
      sea[waves: { "height_mm" => 10, "from_deg" => -80 }].merge(wind: { "from_deg" => 340 }), 0],
    ["water/course_nowhere", "white on the crests of a water that lies still", sea[courses: [course["foam_paste", on: "crests"]]],
      sea[sea_state: 3, courses: [course["foam_paste", on: "crests"]]], 0],
    ["water/course_nowhere", "a gap where there is no hull", sea[courses: [course["water_gel", on: "gap"]]],
      sea[courses: [course["water_gel", on: "gap"]]].merge(subjects: [{ "id" => "boat", "kind" => "hull", "footprint" => spot[12] }]), 0],
    ["water/course_nowhere", "a course on more pours than there are", sea[courses: [course["water_gel", after_pour: 3]]],
      sea[courses: [course["water_gel", after_pour: 1]]], 0],
    ["scale/grain_asked", "grains of which nothing is said", zone[course["gravel", grain_mm: [2, 3]]],
      zone[course["gravel", grain_mm: [2, 3], represents: "cobble"]], 0],
    ["scale/grain_asked", "litter, which is told by its own size", zone[course["gravel", grain_mm: [0.5, 1]]],
      zone[course["leaf_scatter", grain_mm: [0.5, 1], treated: ["baked"]]], 0],
    ["scale/grass_asked", "fibres of which nothing is said", zone[course["static_grass", length_mm: 20]],
      zone[course["static_grass", length_mm: 20, represents: "meadow_grass"]], 0],
    ["scale/grass_length", "fibres longer than any grass", zone[course["static_grass", length_mm: 150]],
      zone[course["paper_leaves", length_mm: 150]], 0],
    ["colour/one_tone", "growth of one tone", zone[course["foam_flock", cover_pct: 80]],
      zone[course["foam_flock", cover_pct: 80], course["tufts"]], 0],
    ["balance/float_gap", "a stack of which nobody said what lies under the magnet",
      { purpose: "floating_display", limits: { float_gap_mm: 15 } }, { purpose: "floating_display", limits: { float_gap_mm: 25 } }, 0],
    ["fit/feature_hangs", "a hut half over a terrace", { forms: [form["lift", rect[50, 60, [-25, 0]], material: "cork_tile", sheet_mm: 6]],
                                                         features: [part["building", rect[20, 16]]], tasks: doors },
      { forms: [form["lift", rect[50, 60, [-25, 0]], material: "cork_tile", sheet_mm: 6]],
        features: [part["building", rect[20, 16, [12, 0]]]], tasks: doors }, 0],
    ["fit/feature_hangs", "a crate on a bank as steep all over, which is no terrace",
      { forms: [form["lift", rect[50, 60, [-25, 0]], material: "cork_tile", sheet_mm: 6]], features: [part["prop", rect[10, 10, [2, 0]]]] },
      { forms: [ramp], features: [part["prop", rect[10, 10, [2, 0]]]] }, 0],
    ["composition/bare_rear", "nothing at the back of what is looked at all round",
      { purpose: "vignette", subjects: [tall], features: [part["rock", spot[12, [20, -14]], height_mm: 12]] },
      { purpose: "vignette", subjects: [tall], features: [part["rock", spot[12, [20, 24]], height_mm: 12]] }, 0],
    ["composition/bare_rear", "the same in a picture, which has no rear",
      { purpose: "vignette", subjects: [tall] }, { purpose: "photo_set", subjects: [tall] }, 0],
    ["compat/matt_over_gloss", "one coat of matt over gloss", zone[course["gloss_varnish"], course["matt_varnish"]],
      zone[course["gloss_varnish"], course["matt_varnish", coats: 2]], 0],
    ["fix/binder_pools", "three coats of glue at a dusting of sand",
      zone[course["fine_sand", thickness_mm: 0.5], course["white_glue", coats: 3]],
      zone[course["fine_sand", thickness_mm: 2], course["white_glue", coats: 3]], 0],
    ["fix/grains_shed", "grain in one coat of glue, at play",
      { purpose: "gaming_base", **zone[course["fine_sand", technique: "drop_in_binder"]] },
      { purpose: "gaming_base", **zone[course["fine_sand", technique: "drop_in_binder"], course["acrylic_primer"]] }, 0],
    ["fix/grains_shed", "grain in one coat of glue that is brushed dry",
      zone[course["fine_sand", technique: "drop_in_binder"], course["acrylic_paint", technique: "dry_brush"]],
      zone[course["fine_sand", technique: "drop_in_binder"]], 0],
    ["habit/school_cost", "self-adhesive tufts in one place", zone[course["tufts", technique: "press_tufts"]],
      { schools: { tufts: "self_adhesive" }, **zone[course["tufts", technique: "press_tufts"]] }, 0],
    ["compat/weak_joint", "metal glued with white glue", { subjects: [tall.merge("material" => "white_metal", "fixing" => white)] },
      { subjects: [tall.merge("material" => "white_metal", "fixing" => { "glue" => "superglue_gel" })] }, 0],
    ["compat/weak_joint", "kit plastic cemented to wood", { subjects: [tall.merge("material" => "kit_plastic", "fixing" => cement)] },
      { plinth: { outline: rect[100, 60], thickness_mm: 3, material: "plastic_base", key: "scuffed" }, forms: [styrene],
        subjects: [tall.merge("material" => "kit_plastic", "fixing" => cement)] }, 0],
    ["compat/weak_joint", "cork glued with white glue to plastic",
      { plinth: { outline: rect[100, 60], thickness_mm: 3, material: "plastic_base", key: "scuffed" },
        forms: [board.merge("fixing" => white)] }, { forms: [board.merge("fixing" => white)] }, 0],
    ["fix/too_weak", "a tall heavy figure on small feet, at play",
      { purpose: "gaming_base", subjects: [tall.merge("mass_g" => 12, "contact_mm2" => 42, "fixing" => white)], **soil },
      { subjects: [tall.merge("mass_g" => 12, "contact_mm2" => 42, "fixing" => white)], **soil }, 0],
    ["fix/too_weak", "the same, carried to a show",
      { limits: { travels: true }, subjects: [tall.merge("mass_g" => 12, "contact_mm2" => 42, "fixing" => white)], **soil },
      { limits: { travels: true }, subjects: [tall.merge("mass_g" => 12, "contact_mm2" => 160, "fixing" => white)], **soil }, 0],
    ["dry/shut_in", "cloth on wet compound, painted over",
      { forms: [form["mound", spot[50], material: "fibre_plaster", crown_mm: 14],
        form["mound", spot[40], material: "plaster_cloth", crown_mm: 2, id: "cloth"]],
        **zone[course["acrylic_paint"]] },
      { forms: [form["mound", spot[50], material: "xps_foam", crown_mm: 14],
        form["mound", spot[40], material: "plaster_cloth", crown_mm: 2, id: "cloth"]],
        **zone[course["acrylic_paint"]] }, 0],
    ["composition/one_sided", "everything high on one side",
      { features: [part["rock", spot[8, [-35, 10]], height_mm: 30, id: "one"], part["sign", spot[2, [-30, -10]], height_mm: 32, id: "two"]],
        subjects: [{ "id" => "a", "kind" => "figure", "footprint" => spot[8], "height_mm" => 8, "at_mm" => [10, 0] }] },
      { features: [part["rock", spot[8, [-35, 10]], height_mm: 30, id: "one"], part["sign", spot[2, [-30, -10]], height_mm: 32, id: "two"]],
        subjects: [{ "id" => "a", "kind" => "figure", "footprint" => spot[8], "height_mm" => 15, "at_mm" => [10, 0] }] }, 0],
    ["dry/layer_too_thick", "a mound thicker at its crown than its material dries through",
      { forms: [form["mound", spot[40], material: "fibre_plaster", crown_mm: 18]] },
      { forms: [form["mound", spot[40], material: "fibre_plaster", crown_mm: 14]] }, 0],
    ["relief/cut_filled", "a cut that its courses fill",
      { forms: [board, form["cut", rect[30, 20], depth_mm: 3]], **zone[course["earth_paste", thickness_mm: 3]] },
      { forms: [board, form["cut", rect[30, 20], depth_mm: 5]], **zone[course["earth_paste", thickness_mm: 3]] }, 0],
    ["relief/zones_step", "paving that hovers over the soil",
      { zones: [ground[course["plaster", thickness_mm: 9], id: "slab", ground: "paving", outline: left], ground[course["earth_paste"]]] },
      { zones: [ground[course["plaster", thickness_mm: 9], id: "slab", ground: "paving", outline: left],
        ground[course["plaster", thickness_mm: 2], course["earth_paste"]]] }, 0],
    ["fit/flangeway", "a road that stands over the rails",
      { features: [part["track", line, gauge_mm: 16.5, height_mm: 3]], **zone[course["road_plaster", thickness_mm: 5], ground: "road"] },
      { features: [part["track", line, gauge_mm: 16.5, height_mm: 3]],
        **zone[course["road_plaster", thickness_mm: 3], ground: "road"] }, 0],
    ["order/hidden_coat", "a wash that the next coat covers", zone[course["acrylic_wash"], course["acrylic_paint"]],
      zone[course["acrylic_wash"], course["acrylic_paint", technique: "dry_brush"]], 0],
    ["colour/stirred_in", "paint stirred in and primed over",
      { mixes: mud[["earth_paste", 4], ["acrylic_paint", 1]], **zone[course["mix:own"], course["acrylic_primer"]] },
      { mixes: mud[["earth_paste", 4], ["acrylic_paint", 1]], **zone[course["mix:own"], course["acrylic_wash"]] }, 0],
    ["colour/bare_showing", "texture with gaps over foam", { forms: [foam], **zone[course["earth_paste", cover_pct: 70]] },
      { forms: [foam], **zone[course["earth_paste", cover_pct: 70], course["acrylic_paint"]] }, 0],
    ["compat/chips", "one coat of wall paint on plaster", zone[course["plaster"], course["wall_paint"]],
      zone[course["plaster"], course["wall_paint", coats: 2]], 0],
    ["compat/varnish_flood", "alcohol over varnish",
      zone[course["earth_paste"], course["matt_varnish"], course["fine_sand"]],
      zone[course["earth_paste"], course["fine_sand"], course["matt_varnish"]], 0],
    ["order/prime_pale_ground", "thin grain over white filler", { forms: [form["lift", rect[100, 60], material: "plaster", sheet_mm: 5]],
                                                                   **zone[course["fine_sand"]] },
      { forms: [form["lift", rect[100, 60], material: "plaster", sheet_mm: 5]], **zone[course["acrylic_paint"], course["fine_sand"]] }, 0],
    ["compat/foam_solvent", "a post glued to bare foam", { forms: [foam], features: [part["sign", spot[3]]] },
      { forms: [foam], features: [part["sign", spot[3]]], **zone[course["earth_paste"]] }, 0],
    ["compat/foam_solvent", "foam that nothing touches",
      { forms: [foam], **zone[course["aerosol_primer", rig: "spray_can"]] },
      { forms: [foam, board.merge("id" => "lid")], **zone[course["aerosol_primer", rig: "spray_can"]] }, 0],
    ["compat/poor_bond", "crackle on a form of plaster", { forms: [form["lift", rect[100, 60], material: "plaster", sheet_mm: 5]],
                                                           **zone[course["crackle_medium"]] },
      { forms: [form["lift", rect[100, 60], material: "plaster", sheet_mm: 5, seal: ["matte_medium"]]],
        **zone[course["crackle_medium"]] }, 0],
    ["compat/poor_bond", "crackle on a mix that holds plaster",
      { mixes: mud[["earth_paste", 4], ["plaster", 1]], **zone[course["mix:own"], course["crackle_medium"]] },
      { mixes: mud[["earth_paste", 4], ["fine_sand", 1]], **zone[course["mix:own"], course["crackle_medium"]] }, 0],
    ["compat/soft_under_hard", "plaster over packing foam",
      { forms: [foam.merge("material" => "packing_foam"), form["lift", rect[50, 30], material: "plaster", sheet_mm: 3]] },
      { forms: [foam, form["lift", rect[50, 30], material: "plaster", sheet_mm: 3]] }, 0],
    ["compat/warps", "a wall of card that is painted",
      { features: [part["wall", rect[30, 4], material: "card", courses: [course["acrylic_paint"]]]] },
      { features: [part["wall", rect[30, 4], material: "styrene_sheet", courses: [course["acrylic_paint"]]]] }, 0],
    ["compat/warps", "balsa laid as a course and wetted", zone[course["balsa"], course["acrylic_wash"]],
      zone[course["balsa"], course["enamel_wash"]], 0],
    ["compat/weak_joint", "plastic held with white glue",
      { features: [part["prop", spot[6], material: "styrene_sheet", fixing: { "glue" => "white_glue" }]] },
      { features: [part["prop", spot[6], material: "bark", treated: ["baked"], fixing: { "glue" => "white_glue" }]] }, 0],
    ["fit/features_overlap", "two rocks in one place",
      { features: [part["log", spot[10], id: "one"], part["prop", spot[8, [3, 0]], id: "two"]] },
      { features: [part["log", spot[10], id: "one"], part["prop", spot[8, [8.8, 0]], id: "two"]] }, 0],
    ["fit/feature_off", "a tree over the edge", { features: [part["tree", spot[10, [48, 0]]]] },
{ features: [part["tree", spot[10, [45, 0]]]] }, 0],
    ["habit/checklist", "a building without a list of its openings", { features: [part["building", rect[20, 20]]] },
      { features: [part["building", rect[20, 20]]],
        tasks: [{ "id" => "doors", "title" => "Doors", "technique" => "cut_openings", "on" => "building" }] }, 0],
    ["habit/dry_fit", "a large part painted before it was tried",
      { features: [part["log", rect[60, 12], courses: [course["acrylic_paint"]]]] },
      { features: [part["log", rect[15, 12], courses: [course["acrylic_paint"]]]] }, 0],
    ["colour/too_dark", "rock painted darker than daylight lets it be",
      zone[course["earth_paste"], course["acrylic_paint", colour: "#2c2a28"], ground: "rock"],
      zone[course["earth_paste"], course["acrylic_paint", colour: "#7c776c"], ground: "rock"], 0],
    ["colour/too_dark", "rock painted colder than daylight lets it be",
      zone[course["earth_paste"], course["acrylic_paint", colour: "#6a7488"], ground: "rock"],
      zone[course["earth_paste"], course["acrylic_paint", colour: "#6a7488"], ground: "mud"], 0],
    ["colour/meant_alike", "two fields nearly of one tone",
      { zones: [ground[course["acrylic_paint", colour: "#6b5a44"], id: "one", outline: left],
        ground[course["acrylic_paint", colour: "#74604a"]]] },
      { zones: [ground[course["acrylic_paint", colour: "#6b5a44"], id: "one", outline: left],
        ground[course["acrylic_paint", colour: "#a89878"]]] }, 0],
    ["colour/stone_alike", "a wall as grey as the rock beside it",
      { features: [part["rock", spot[8], courses: [course["acrylic_paint", colour: "#77736c"]]],
        part["wall", rect[20, 4, [25, 0]], courses: [course["acrylic_paint", colour: "#7a766f"]]]] },
      { features: [part["rock", spot[8], courses: [course["acrylic_paint", colour: "#77736c"]]],
        part["wall", rect[20, 4, [25, 0]], courses: [course["acrylic_paint", colour: "#a39a86"]]]] }, nil],
    ["dry/too_soon", "paint on paste that was not dry",
      { **zone[course["earth_paste", id: "paste"], course["acrylic_paint", id: "paint"]],
        progress: { done: [{ step: "paste", finished: "2027-03-01T10:00" }, { step: "paint", finished: "2027-03-01T12:00" }] } },
      { **zone[course["earth_paste", id: "paste"], course["acrylic_paint", id: "paint"]],
        progress: { done: [{ step: "paste", finished: "2027-03-01T10:00" }, { step: "paint", finished: "2027-03-03T12:00" }] } }, nil],
    ["colour/grounds_alike", "bare soil and growth, which are never alike",
      { zones: [ground[course["earth_paste"], id: "one", outline: left], ground[course["earth_paste"], ground: "mud"]] },
      { zones: [ground[course["earth_paste"], id: "one", outline: left],
        ground[course["earth_paste"], course["static_grass", length_mm: 4, cover_pct: 40], ground: "mud"]] }, nil]
  ].each do |code, about, raising, nearest, fix|
    describe "#{code}: #{about}" do
      let(:file) { plain_file(**raising) }

      it("is raised") { expect(found(file, code)).not_to be_empty }
      it("is not raised by the nearest that is right") { expect(found(plain_file(**nearest), code)).to be_empty }

      next unless fix

      it "is healed by its fix, which leaves a valid file" do
        snag = found(file, code).first
        healed = GreenPlinth::Patch.apply(file, snag.fixes.fetch(fix).patch)
        expect(problems(healed)).to be_empty
        expect(found(healed, code).map(&:where)).not_to include(snag.where)
      end
    end
  end

  it "puts a glue that eats foam at the course that brings it" do
    snag = found(plain_file(forms: [foam], zones: [ground[course["stones", treated: ["washed"]]]]), "compat/foam_solvent").first
    expect(snag.where).to eq("/zones/0/courses/0")
  end

  it "reckons the load on a small foot to the gram" do
    foot = { "id" => "a", "kind" => "figure", "footprint" => spot[10], "contact_mm2" => 120, "mass_g" => 40 }
    expect(found(plain_file(subjects: [foot]), "fix/contact_small").first.message).to include("33.3 g on each 100 mm²")
  end

  it "does not call a road or a track crowding" do
    road = { "kind" => "road", "outline" => rect[100, 58], "id" => "road" }
    expect(found(plain_file(features: [road]), "composition/crowded")).to be_empty
  end

  it "calls many small things crowded, though they take little" do
    things = Array.new(12) { |n| part["sign", spot[2, [-45 + (n * 8), 0]], id: "s#{n}"] }
    small = { "plinth" => { "outline" => rect[100, 60], "thickness_mm" => 20, "material" => "mdf", "key" => "scuffed" } }
    expect(found(plain_file(features: things).merge(small), "composition/crowded")).not_to be_empty
    expect(found(plain_file(features: things.first(5)).merge(small), "composition/crowded")).to be_empty
  end
end
