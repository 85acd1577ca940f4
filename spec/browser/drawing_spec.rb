# frozen_string_literal: true

# Drawing that loses no corner, by pointer and by keyboard alone.
RSpec.describe "Drawing", type: :feature do
  let(:file) { plain_file(zones: [zone(id: "moor", name: "moor")]) }
  let!(:id) { open_build(file) }

  def stored = ServerSpec.store.find(id).file
  def zones = stored["zones"]

  # Pressed, moved along these places and let go.
  def stroke(*places)
    first, *rest = places.map { |place| on_plan(*place) }
    mouse.move(x: first[0], y: first[1])
    mouse.down
    rest.each { |x, y| mouse.move(x: x, y: y) }
    mouse.up
  end

  it "lets the corners of the base be tapped: nothing lies over them" do
    start_drawing("ground zone")
    [[-50, 30], [50, 30], [50, -30], [-50, -30]].each { |corner| tap(on_plan(*corner)) }
    click_button "Close it"
    eventually { zones.size == 2 }
    expect(zones[1]["outline"]["points_mm"]).to eq([[-50, 30], [50, 30], [50, -30], [-50, -30]])
  end

  it "takes the last corner back, and is not moved by a pull" do
    start_drawing("ground zone")
    [[-40, -20], [0, -20], [20, 25]].each { |corner| tap(on_plan(*corner)) }
    press(:Backspace)
    drag(on_plan(-10, 0), on_plan(10, 5))
    click_button "Back one corner"
    [[-10, -20], [-10, 10]].each { |corner| tap(on_plan(*corner)) }
    press(:Enter)
    eventually { zones.size == 2 }
    expect(zones[1]["outline"]["points_mm"]).to eq([[-40, -20], [-10, -20], [-10, 10]])
  end

  it "keeps what is half drawn over a reload, and forgets what was given up" do
    start_drawing("ground zone")
    [[-40, -20], [0, -20]].each { |corner| tap(on_plan(*corner)) }
    page.refresh
    expect(page).to have_button("Stop drawing")
    tap(on_plan(0, 20))
    press(:Enter)
    eventually { zones.size == 2 }
    expect(zones[1]["outline"]["points_mm"]).to eq([[-40, -20], [0, -20], [0, 20]])
    start_drawing("ground zone")
    tap(on_plan(-40, -20))
    click_button "Stop drawing"
    page.refresh
    expect(page).to have_css("[role=combobox]", text: "Draw…")
  end

  it "closes on the ring of the first corner, never near it" do
    start_drawing("ground zone")
    [[-40, -20], [0, -20], [0, 10], [-37, -17]].each { |corner| tap(on_plan(*corner)) }
    expect(page).to have_button("Close it")
    tap(on_plan(-40, -20))
    eventually { zones.size == 2 }
    expect(zones[1]["outline"]["points_mm"].size).to eq(4)
  end

  it "draws a round from its middle, and an outline by hand in one stroke" do
    start_drawing("ground zone", "round")
    [[10, 0], [20, 0]].each { |place| tap(on_plan(*place)) }
    eventually { zones.size == 2 }
    expect(zones[1]["outline"]).to eq("kind" => "round", "diameter_mm" => 20, "at_mm" => [10, 0])

    click_button "All parts"
    start_drawing("ground zone", "by hand")
    stroke(*(0..36).map { |step| [-25 + (15 * Math.cos(step * Math::PI / 18)), 15 * Math.sin(step * Math::PI / 18)] })
    eventually { zones.size == 3 }
    outline = zones[2]["outline"]
    expect(outline["curved"]).to be(true)
    expect(outline["points_mm"].size).to be_between(6, 30)
    expect(outline["points_mm"]).to all(satisfy { |x, y| (Math.hypot(x + 25, y) - 15).abs < 1 })
    expect(GreenPlinth::Plan::Outline.polygon(outline).area).to be_within(20).of(Math::PI * 15 * 15)
  end

  it "lies down on the corners of its neighbours" do
    click_button "All parts"
    start_drawing("cut", "rectangle")
    [[-20, -10], [0, 10]].each { |corner| tap(on_plan(*corner)) }
    eventually { stored["forms"]&.size == 1 }
    click_button "All parts"
    start_drawing("ground zone")
    [[0.6, 9.5], [30, 9], [30, -12], [0.4, -9.6]].each { |corner| tap(on_plan(*corner)) }
    press(:Enter)
    eventually { zones.size == 2 }
    expect(zones[1]["outline"]["points_mm"].values_at(0, 3)).to eq([[0, 10], [0, -10]])
  end

  it "draws a house, which has walls, a roof and courses of its own" do
    click_button "All parts"
    start_drawing("building")
    [[-15, -10], [15, 10]].each { |corner| tap(on_plan(*corner)) }
    eventually { stored["features"]&.size == 1 }
    expect(stored["features"][0]).to include("kind" => "building", "outline" => include("kind" => "rectangle", "width_mm" => 30))
    fill_in "Lay another course on top", with: "wall paint"
    find("[role=option]", text: "matt wall paint").click
    eventually { stored.dig("features", 0, "courses") == [{ "material" => "wall_paint" }] }
  end

  it "sets corners and nothing else where there are snag marks" do
    pool = water(9, rectangle(30, 16), name: "pool").merge("level_mm" => 40)
    id = open_build(plain_file(forms: [lift(8, rectangle(100, 60))], waters: [pool], zones: [zone(name: "moor")]))
    mark = find("[data-snag-mark='/waters/0']").native.node.find_position
    start_drawing("ground zone")
    expect(page).to have_no_css("[data-snag-mark]")
    mouse.click(x: mark[0], y: mark[1])
    expect(page).to have_button("Back one corner", disabled: false)
    press(:Escape)
    expect(page).to have_css("[data-snag-mark='/waters/0']")
    expect(ServerSpec.store.find(id).version).to eq(1)
  end

  it "makes and reshapes ground without a pointer" do
    page.execute_script("document.querySelector('[role=toolbar] [role=combobox]').focus()")
    press(:Enter)
    expect(page).to have_css("[role=option]", text: "ground zone")
    press("ground")
    press(:Enter)
    expect(page).to have_no_css(".MuiModal-root")
    # From the middle of what is seen: 10 mm right, then up, then left.
    2.times { press([:Shift, :Right]) }
    press(" ")
    3.times { press([:Shift, :Up]) }
    press(" ")
    4.times { press([:Shift, :Left]) }
    press(" ")
    press(:Enter)
    eventually { zones.size == 2 }
    a, b, c = zones[1]["outline"]["points_mm"]
    expect([b[0] - a[0], b[1] - a[1], c[0] - b[0], c[1] - b[1]]).to eq([0, 15, -20, 0])
    click_button "3 corners as numbers"
    typed("3, across", "-33")
    eventually { zones[1]["outline"]["points_mm"][2][0] == -33 }
    click_button "Add a corner after 3"
    eventually { zones[1]["outline"]["points_mm"].size == 4 }
    choose("Shape", "oval")
    eventually { zones[1]["outline"]["kind"] == "oval" }
  end
end
