# frozen_string_literal: true

RSpec.describe "Composing", type: :feature do
  let(:file) do
    plain_file(purpose: "vignette", forms: [lift(6, rectangle(100, 60), id: "floor")],
      subjects: [figure(rectangle(24, 10), name: "cart", kind: "vehicle", at_mm: [0, 0], height_mm: 20, mass_g: 8, focal: true)])
  end

  def stored = ServerSpec.store.find(@id).file
  def shown(label) = find("[aria-label='Draw #{label} on the plan']", visible: :all).trigger("click")

  it "lays out a vignette from nothing: places, drags, is told, mends with one click" do
    @id = open_build(plain_file(purpose: "vignette"), "compose")
    fill_in "A subject", with: "standing"
    find("[role=option]", text: "Standing figure").click
    eventually { stored["subjects"]&.size == 1 }
    expect(page).to have_css("section[aria-label='Dry fit']", text: /standing figure.*within the plinth/im)
    drag(on_plan(0, 0), on_plan(47, 0))
    eventually { stored["subjects"][0]["at_mm"] == [47, 0] }
    expect(page).to have_css("[data-snag='fit/off_plinth']", text: /off the top/)
    within("[data-snag='fit/off_plinth']") { click_button("Move standing figure", exact: false) }
    expect(page).to have_no_css("[data-snag='fit/off_plinth']")
    press([:Control, "d"])
    eventually { stored["subjects"].size == 2 }
    fill_in "A feature", with: "brick"
    find("[role=option]", text: "Brick wall").click
    expect(page).to have_css("[data-testid=unit-count]", text: /bricks in the wall/)
  end

  it "says how it would stand while a hand drags" do
    @id = open_build(file, "compose")
    drag_from, over = on_plan(0, 0), on_plan(30, 0)
    mouse.move(x: drag_from[0], y: drag_from[1])
    mouse.down
    mouse.move(x: over[0], y: over[1])
    expect(page).to have_css("section[aria-label='Dry fit']", text: "as it would stand")
    expect(page).to have_css("[data-judgement=dead_centre]", text: "30 mm")
    mouse.up
    eventually { stored["subjects"][0]["at_mm"] == [30, 0] }
  end

  it "draws a judgement on the plan when it is ticked" do
    @id = open_build(file, "compose")
    expect(page).to have_css("[data-judgement=edge_angle]", text: /0 ° ▲ trouble/)
    shown("Angle to the edges")
    expect(page).to have_css("[data-testid=marks] path")
    expect(page).to have_css("[data-testid=marks] text", text: "0°")
  end

  it "previews another arrangement, and takes it" do
    @id = open_build(file, "compose")
    click_button "Try another arrangement"
    click_button "Show", match: :first, wait: 15
    expect(stored["subjects"][0]["at_mm"]).to eq([0, 0])
    click_button "Take it", match: :first
    eventually { stored["subjects"][0]["at_mm"] != [0, 0] }
    click_button "Undo"
    eventually { stored["subjects"][0]["at_mm"] == [0, 0] }
  end

  it "walks round the base and judges from there" do
    @id = open_build(file, "compose")
    2.times { click_button "Walk 15° to the right" }
    expect(page).to have_css("section[aria-label='Sight view'] svg[aria-label='The base seen from 30° and 20° up']")
    click_button "Judge from here"
    eventually { stored["eye"] == { "direction_deg" => 30, "elevation_deg" => 20 } }
  end

  it "takes a subject's size in metres of life" do
    @id = open_build(file, "compose")
    click_button "Cart", match: :first
    fill_in "Long, in life", with: "1,4"
    find_field("Long, in life").send_keys(:enter)
    eventually { stored["subjects"][0]["footprint"]["width_mm"] == 40 }
    fill_in "Long, in life", with: "long"
    expect(page).to have_text("Type a number of m")
  end

  it "draws what unit bases do to their neighbours" do
    @id = open_build(sample("moor-riders"), "compose")
    expect(page).to have_css("[data-testid=marks] text", text: "56.5 mm²")
    within("[data-snag='fit/neighbours']") { click_button("Turn it by", exact: false) }
    expect(page).to have_css("[data-judgement=rank_and_file]", text: "well")
  end

  it "asks the scale desk" do
    visit "/scale?ratio=35"
    expect(page).to have_text("4–6 mm at 1:35 is 140 mm to 210 mm in life")
    fill_in "In life", with: "20 ft 8 in"
    expect(page).to have_field("In the model", with: "180 mm")
    fill_in "In life", with: "a lot"
    expect(page).to have_text("must be a length")
    expect(barriers).to be_empty
  end

  it "stands in nobody's way" do
    @id = open_build(sample("peat-bank"), "compose")
    expect(page).to have_css("section[aria-label='Sight view'] svg")
    expect(barriers).to be_empty
  end
end
