# frozen_string_literal: true

# One build for each of six purposes, from a bare base to its last course by clicking, dragging and typing alone. What is stored is what
# somebody would have written as a file, but for ids.
RSpec.describe "From nothing by hand", type: :feature do
  include Hand

  let(:evenings) { %w[tue thu].map { |day| { day: day, from: "19:30", to: "22:00" } } }

  # As a file, with what every build begins with.
  def expected(title, purpose, scale, plinth, **members)
    { format: "green-plinth/1", title: title, purpose: purpose, scale: scale, copies: 1, plinth: plinth,
      calendar: { start: stored.dig("calendar", "start"), weekly: evenings } }.merge(members)
  end

  def ground(*courses, **more) = { id: "g", name: "ground", ground: "earth", outline: { kind: "rest" }, courses: courses }.merge(more)
  # As large as in life at 1:56.
  def person
    { id: "man", name: "standing figure", kind: "figure", focal: true, mount: "glued", mass_g: 1.6,
      footprint: { kind: "oval", width_mm: 10.7, depth_mm: 8 }, height_mm: 30.4, represents: "person" }
  end

  def in_under(most) = expect(presses).to(be < most)

  def keeps(file)
    eventually { alike(stored) == alike(file) }
  rescue RuntimeError
    expect(alike(stored)).to eq(alike(file))
  end

  it "a gaming base: a sheet, paste, grass and tufts, and who stands on it" do
    begin_build("Ditch sentry", purpose: "gaming base", scale: "56", shape: "round", size: { "Diameter" => "40", "Thickness" => "3" })
    lay("earth texture paste")
    typed("Thickness", "1,5")
    lay("acrylic paint")
    typed("Coats", "2")
    lay("static", "static grass fibres")
    typed("Length", "4")
    typed("Cover", "40")
    lay("tufts", "grass tufts")
    typed("Pieces", "3")
    draw("raised sheet", "round", [-6, 4], [4, 4])
    typed("Sheet", "2")
    click_link "Compose"
    place("A subject", "Standing figure")
    typed("Stands at, across", "-4")
    typed("Turn", "20")
    keeps(expected("Ditch sentry", "gaming_base", 56, { outline: { kind: "round", diameter_mm: 40 }, thickness_mm: 3 },
      zones: [ground({ material: "earth_paste", thickness_mm: 1.5 }, { material: "acrylic_paint", coats: 2 },
        { material: "static_grass", length_mm: 4, cover_pct: 40 }, { material: "tufts", count: 3 })],
      forms: [{ id: "lift", name: "raised sheet 1", kind: "lift", material: "cork_sheet", sheet_mm: 2, sheets: 1, edge: { kind: "sheer" },
                outline: { kind: "round", diameter_mm: 20, at_mm: [-6, 4] } }],
      subjects: [{ **person, at_mm: [-4, 0], turn_deg: 20 }]))
    in_under(40)
  end

  it "a unit: copies, a pool of mud, and how they stand side by side" do
    begin_build("Reed cutters", purpose: "unit base", scale: "56", shape: "rectangle",
      size: { "Width" => "25", "Depth" => "25", "Bases" => "5" })
    lay("mud texture paste")
    typed("Thickness", "1")
    lay("acrylic wash")
    draw("ground zone", "oval", [-8, -9], [2, -3])
    rename("puddle")
    choose("Ground", "mud")
    lay("gloss glaze")
    click_link "Compose"
    place("A subject", "Standing figure")
    typed("Stands at, depth", "3")
    drag(on_plan(0, 3), on_plan(4, 3))
    click_button "Stand copies side by side"
    typed("Gap", "1")
    keeps(expected("Reed cutters", "unit_base", 56, { outline: { kind: "rectangle", width_mm: 25, depth_mm: 25 }, thickness_mm: 12 },
      copies: 5, formation: { rows: 2, columns: 3, gap_mm: 1 },
      zones: [ground({ material: "mud_paste", thickness_mm: 1 }, { material: "acrylic_wash" }),
        { id: "p", name: "puddle", ground: "mud", courses: [{ material: "gloss_glaze" }],
          outline: { kind: "oval", width_mm: 10, depth_mm: 6, at_mm: [-3, -6] } }],
      subjects: [{ **person, at_mm: [4, 3] }]))
    in_under(60)
  end

  it "a vignette: a ford cut into foam, its bed, its water, and a post beside it" do
    begin_build("Ford below the mill", purpose: "vignette", shape: "rectangle", size: { "Width" => "120", "Depth" => "90" })
    draw("raised sheet", "rectangle", [-60, -45], [60, 45])
    choose("Material", "extruded foam board")
    typed("Sheet", "10")
    draw("cut", "corner by corner", [-50, -20], [-10, -30], [40, -18], [44, 2], [4, 8], [-46, 0])
    typed("Depth of cut", "6")
    draw("ground zone", "corner by corner", [-50, -20], [-10, -30], [40, -18], [44, 2], [4, 8], [-46, 0])
    choose("Ground", "the bed of a water")
    lay("sand texture paste")
    lay("fine gravel")
    draw("water", "corner by corner", [-50, -20], [-10, -30], [40, -18], [44, 2], [4, 8], [-46, 0])
    typed("Level", "7")
    choose("Medium", "two-part resin")
    click_button "All parts"
    click_button "Ground"
    lay("earth texture paste")
    lay("static", "static grass fibres")
    draw("sign", "round", [20, 25], [21.5, 25])
    typed("Height", "40")
    pool = { kind: "polygon", points_mm: [[-50, -20], [-10, -30], [40, -18], [44, 2], [4, 8], [-46, 0]] }
    keeps(expected("Ford below the mill", "vignette", 35, { outline: { kind: "rectangle", width_mm: 120, depth_mm: 90 }, thickness_mm: 12 },
      forms: [{ id: "board", name: "raised sheet 1", kind: "lift", material: "xps_foam", sheet_mm: 10, sheets: 1, edge: { kind: "sheer" },
                outline: { kind: "rectangle", width_mm: 120, depth_mm: 90, at_mm: [0, 0] } },
        { id: "cut", name: "cut 1", kind: "cut", depth_mm: 6, edge: { kind: "sheer" }, outline: pool }],
      zones: [ground({ material: "earth_paste" }, { material: "static_grass" }),
        { id: "bed", name: "ground zone 1", ground: "bed", courses: [{ material: "sand_paste" }, { material: "gravel" }], outline: pool }],
      waters: [{ id: "ford", name: "water 1", medium: "two_part_resin", level_mm: 7, outline: pool }],
      features: [{ id: "post", name: "sign 1", kind: "sign", height_mm: 40, outline: { kind: "round", diameter_mm: 3, at_mm: [20, 25] } }]))
    in_under(90)
  end

  it "a diorama: a lane, a forge with a roof, a fence and a tree" do
    begin_build("Lane past the forge", purpose: "diorama", scale: "72", shape: "rectangle", size: { "Width" => "240", "Depth" => "160" })
    lay("earth texture paste")
    lay("static", "static grass fibres")
    draw("road", "strip", [-120, -30], [0, -40], [120, -20])
    rename("lane")
    draw("building", "rectangle", [20, 20], [80, 60])
    rename("forge")
    choose("Roof", "gabled")
    typed("Height", "60")
    draw("fence", "strip", [-110, 20], [-20, 30])
    typed("Height", "16")
    click_link "Compose"
    place("A feature", "Young broadleaf tree")
    drag(on_plan(0, 0), on_plan(-70, 55))
    place("A subject", "Cart")
    typed("Stands at, depth", "-35")
    typed("Turn", "-8")
    keeps(expected("Lane past the forge", "diorama", 72, { outline: { kind: "rectangle", width_mm: 240, depth_mm: 160 }, thickness_mm: 12 },
      zones: [ground({ material: "earth_paste" }, { material: "static_grass" })],
      features: [{ id: "lane", name: "lane", kind: "road",
                   outline: { kind: "strip", points_mm: [[-120, -30], [0, -40], [120, -20]], width_mm: 76.5 } },
        { id: "forge", name: "forge", kind: "building", height_mm: 60, roof: { kind: "gable" },
          outline: { kind: "rectangle", width_mm: 60, depth_mm: 40, at_mm: [50, 40] } },
        { id: "fence", name: "fence 1", kind: "fence", height_mm: 16,
          outline: { kind: "strip", points_mm: [[-110, 20], [-20, 30]], width_mm: 1.5 } },
        { id: "tree", name: "young broadleaf tree", kind: "tree", height_mm: 97.2, crown_mm: 55.6, mass_g: 0.03, represents: "fruit_tree",
          outline: { kind: "round", diameter_mm: 4.2, at_mm: [-70, 55] } }],
      subjects: [{ id: "cart", name: "cart", kind: "vehicle", focal: true, mount: "glued", mass_g: 5.1, height_mm: 22.2,
                   at_mm: [0, -35], turn_deg: 352, footprint: { kind: "rectangle", width_mm: 44.4, depth_mm: 20.8 } }]))
    in_under(90)
  end

  it "a sea base: a sea with its state, foam on its crests, and a skiff" do
    begin_build("Gig in the roads", purpose: "sea base", scale: "72", shape: "rectangle", size: { "Width" => "200", "Depth" => "90" })
    draw("water", "rectangle", [-100, -45], [100, 45])
    rename("sea")
    typed("Level", "4")
    typed("Sea state", "3")
    lay("white foam paste")
    choose("Lies on", "crests")
    click_link "Compose"
    place("A subject", "Rowing skiff")
    typed("Turn", "12")
    side = [[-32, 7.3], [-12.8, 9.4], [6.4, 9.7], [19.2, 7.8], [26.8, 4.4]]
    hull = side.map { |x, y| [x, -y] } + [[32, 0]] + side.reverse
    keeps(expected("Gig in the roads", "sea_base", 72, { outline: { kind: "rectangle", width_mm: 200, depth_mm: 90 }, thickness_mm: 12 },
      zones: [ground],
      waters: [{ id: "sea", name: "sea", medium: "acrylic_water", level_mm: 4, sea_state: 3,
                 courses: [{ material: "foam_paste", on: "crests" }],
                 outline: { kind: "rectangle", width_mm: 200, depth_mm: 90, at_mm: [0, 0] } }],
      subjects: [{ id: "skiff", name: "rowing skiff", kind: "hull", focal: true, mount: "glued", mass_g: 4.1, height_mm: 8.3,
                   at_mm: [0, 0], turn_deg: 12, footprint: { kind: "polygon", points_mm: hull } }]))
    in_under(50)
  end

  it "a floating piece: a mound of clay with snow, a rock and a sign" do
    begin_build("Shrine on a rock", purpose: "floating display", shape: "round", size: { "Diameter" => "100", "Thickness" => "3" })
    draw("mound", "oval", [-30, -20], [30, 20])
    typed("Crown", "12")
    draw("ground zone", "oval", [-26, -18], [26, 18])
    choose("Ground", "snow")
    lay("snow paste")
    draw("rock", "corner by corner", [-8, -6], [6, -8], [9, 4], [-2, 9])
    typed("Height", "14")
    click_button "All parts"
    click_button "The plinth itself"
    click_button "Finish a side of it"
    lay("acrylic primer")
    keeps(expected("Shrine on a rock", "floating_display", 35, { outline: { kind: "round", diameter_mm: 100 }, thickness_mm: 3 },
      zones: [ground, { id: "s", name: "ground zone 1", ground: "snow", courses: [{ material: "snow_paste" }],
                        outline: { kind: "oval", width_mm: 52, depth_mm: 36, at_mm: [0, 0] } }],
      forms: [{ id: "m", name: "mound 1", kind: "mound", material: "air_dry_clay", crown_mm: 12, profile: "dome",
                outline: { kind: "oval", width_mm: 60, depth_mm: 40, at_mm: [0, 0] } }],
      features: [{ id: "r", name: "rock 1", kind: "rock", height_mm: 14,
                   outline: { kind: "polygon", points_mm: [[-8, -6], [6, -8], [9, 4], [-2, 9]] } }],
      sides: [{ id: "side", courses: [{ material: "acrylic_primer" }] }]))
    in_under(60)
  end
end
