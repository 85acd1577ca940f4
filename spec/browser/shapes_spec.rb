# frozen_string_literal: true

RSpec.describe "Shapes on the plan", type: :feature do
  let!(:id) do
    open_build(plain_file(forms: [lift(6, polygon([-30, -20], [30, -20], [30, 20], [-30, 20]), name: "slab")]))
  end

  def stored = ServerSpec.store.find(id).file
  def slab = stored["forms"][0]["outline"]["points_mm"]

  it "draws a rectangle and an oval by two corners" do
    start_drawing("cut", "rectangle")
    [[-20, -10], [0, 5]].each { |corner| tap(on_plan(*corner)) }
    eventually { stored["forms"].size == 2 }
    expect(stored["forms"][1]["outline"]).to include("kind" => "rectangle", "width_mm" => 20, "depth_mm" => 15)

    click_button "All parts"
    start_drawing("mound", "oval")
    [[5, -10], [25, 10]].each { |corner| tap(on_plan(*corner)) }
    eventually { stored["forms"].size == 3 }
    expect(stored["forms"][2]).to include("kind" => "mound", "outline" => include("kind" => "oval", "width_mm" => 20))
  end

  it "draws a strip that ends with Enter" do
    start_drawing("ground zone", "strip")
    [[-40, 0], [0, 8], [40, 0]].each { |corner| tap(on_plan(*corner)) }
    press(:Enter)
    eventually { (stored["zones"] || []).size == 1 }
    expect(stored["zones"][0]["outline"]).to include("kind" => "strip", "width_mm" => 20)
  end

  it "draws a water without a level, which is said, and filled with one click" do
    start_drawing("water", "oval")
    [[-15, -10], [15, 10]].each { |corner| tap(on_plan(*corner)) }
    expect(page).to have_text("Without a level nothing is known of it")
    find("[data-snag='water/level_unknown']").click_button("Fill it 2 mm deep")
    eventually { stored["waters"][0]["level_mm"] == 8 }
    expect(page).to have_no_css("[data-snag='water/level_unknown']")
  end

  describe "corners" do
    before { click_button "Slab" }

    it "are pulled, with the others where they were" do
      drag(on_plan(30, 20), on_plan(40, 25))
      eventually { slab == [[-30, -20], [30, -20], [40, 25], [-30, 20]] }
    end

    it "are added between two others" do
      drag(on_plan(0, 20), on_plan(0, 28))
      eventually { slab.size == 5 }
      expect(slab).to include([0, 28])
    end

    # Two taps far apart, as on a machine that is busy, are no double click: it is made again until it was one.
    def click_twice_on_the_last_corner
      corner = on_plan(*slab.last)
      2.times { tap(corner) }
      sleep 0.5 # the answer, or none
    end

    it "are taken out by a double click, but never the last three" do
      eventually do
        click_twice_on_the_last_corner
        slab.size < 4
      end
      3.times { click_twice_on_the_last_corner }
      expect(slab.size).to eq(3)
    end
  end

  it "moves what is lit by dragging it, and lets go on the mat" do
    click_button "Slab"
    drag(on_plan(-10, -8), on_plan(-4, -5))
    eventually { slab.first == [-24, -17] }
    tap(on_plan(-49, 29))
    expect(page).to have_css("section[aria-label=Parts]")
  end

  it "is fine with Alt: tenths instead of whole millimetres" do
    click_button "Slab"
    press([:Alt, :Right])
    eventually { slab.first == [-29.9, -20] }
  end

  it "tells heights under the pointer in the section" do
    run = find("[data-stratum='/forms/0'] path", match: :first).native.node.find_position
    mouse.move(x: run[0], y: run[1])
    expect(page).to have_css("section[aria-label=Section] [role=status]", text: /Slab: 6 mm thick, top at 6 mm/i)
  end

  it "stretches heights in the section, and says so" do
    click_button "Heights drawn 5 times"
    expect(page).to have_css("section[aria-label=Section] svg text", text: /heights ×/, visible: :all)
  end

  it "stretches time on the drying line and shows all of it again" do
    click_button "Stretch time"
    expect(page).to have_button("All of it", disabled: false)
    click_button "All of it"
    expect(page).to have_button("All of it", disabled: true)
  end

  it "changes stage by number" do
    press("4")
    expect(page).to have_css("h1", text: "Order of work")
    press("3")
    expect(page).to have_css("section[aria-label=Plan]")
  end

  it "takes inches where millimetres are asked for" do
    click_button "The plinth itself"
    fill_in "Width", with: "4 in"
    find_field("Width").send_keys(:enter)
    eventually { stored["plinth"]["outline"]["width_mm"] == 101.6 }
  end
end
