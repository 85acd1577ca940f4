# frozen_string_literal: true

RSpec.describe "Building up", type: :feature do
  let(:file) do
    plain_file(forms: [lift(10, rectangle(100, 60), id: "board", name: "board"), cut(6, rectangle(40, 20), name: "hollow")],
      zones: [zone(course("earth_paste", id: "paste"), course("acrylic_paint", id: "paint"), name: "ground")],
      subjects: [figure(round(10), name: "heron", at_mm: [30, 20], height_mm: 30, mass_g: 5)],
      waters: [water(9, rectangle(40, 20), name: "weir pool", medium: "two_part_resin")])
  end
  let!(:id) { open_build(file) }

  def stored = ServerSpec.store.find(id).file

  describe "with the pointer" do
    it "drags a figure by whole millimetres" do
      drag(on_plan(30, 20), on_plan(20.2, 12.1))
      eventually { stored["subjects"][0]["at_mm"] == [20, 12] }
      expect(saved(id).undo).to eq("Move heron")
    end

    it "selects by a tap, and then moves and reshapes by its grips" do
      click_button "Hollow"
      expect(page).to have_css("[data-grip=width]")
      drag(on_plan(20, 0), on_plan(25, 0))
      eventually { stored["forms"][1]["outline"]["width_mm"] == 50 }
      expect(page).to have_field("Width", with: "50")
    end

    it "turns by the turning grip" do
      click_button "Hollow"
      grip = all("[data-grip=turn] circle").last.native.node.find_position
      centre = on_plan(0, 0)
      drag(grip, [centre[0] - (centre[1] - grip[1]), centre[1]])
      eventually { (stored["forms"][1]["outline"]["turn_deg"] || 0).between?(88, 92) }
    end

    it "draws a zone corner by corner" do
      find("[role=combobox]", text: "Draw…").click
      find("[role=option]", text: "ground zone").click
      expect(page).to have_no_css(".MuiModal-root")
      [[-40, -20], [-10, -20], [-10, 10], [-40, -20]].each { |corner| tap(on_plan(*corner)) }
      eventually { stored["zones"].size == 2 }
      expect(stored["zones"][1]["outline"]["points_mm"].size).to eq(3)
      expect(page).to have_text(/Zone 1|Ground zone 1/i)
    end

    it "gives up a drawing with Escape, leaving nothing" do
      find("[role=combobox]", text: "Draw…").click
      find("[role=option]", exact_text: "cut").click
      expect(page).to have_no_css(".MuiModal-root")
      tap(on_plan(-40, -20))
      press(:Escape)
      expect(page).to have_no_text("Stop drawing")
      expect(stored["forms"].size).to eq(2)
    end

    it "moves the section line across the plan" do
      before = find("section[aria-label=Section] svg", match: :first)[:"aria-label"]
      find("[data-grip=cut-to]").native.node.find_position.then { |grip| drag(grip, on_plan(0, 30)) }
      eventually { find("section[aria-label=Section] svg", match: :first)[:"aria-label"] != before }
    end

    it "zooms with the wheel and fits again" do
      width = -> { on_plan(50, 0)[0] - on_plan(-50, 0)[0] }
      before = width.call
      click_button "Look nearer"
      eventually { width.call > before * 1.2 }
      click_button "Fit"
      eventually { (width.call - before).abs < 1 }
    end
  end

  describe "with the keyboard" do
    it "nudges, turns, takes out and undoes" do
      click_button "Hollow"
      press(:Right)
      eventually { stored["forms"][1]["outline"]["at_mm"] == [1, 0] }
      press([:Shift, :Up])
      eventually { stored["forms"][1]["outline"]["at_mm"] == [1, 5] }
      press("[")
      eventually { stored["forms"][1]["outline"]["turn_deg"] == 5 }
      press(:Delete)
      eventually { stored["forms"].size == 1 }
      4.times { |i| press([:Control, "z"]) and eventually { ServerSpec.store.find(id).version == 6 + i } }
      expect(stored).to eq(JSON.parse(JSON.generate(file)))
      press([:Control, :Shift, "z"])
      eventually { stored["forms"][1]["outline"]["at_mm"] == [1, 0] }
    end

    it "types exact values, and keeps no nonsense" do
      click_button "Hollow"
      fill_in "Depth of cut", with: "lots"
      expect(page).to have_text("Type a number of mm")
      find_field("Depth of cut").send_keys(:escape)
      fill_in "Depth of cut", with: "4,5"
      find_field("Depth of cut").send_keys(:enter)
      eventually { stored["forms"][1]["depth_mm"] == 4.5 }
    end

    it "says what the keys do" do
      press("?")
      expect(page).to have_css("[role=dialog]", text: /Nudge the lit part 1 mm/)
      press(:Escape)
      expect(page).to have_no_css("[role=dialog]")
    end
  end

  describe "the vitals" do
    it "move with an edit" do
      ready = find("section[aria-label=Vitals] button", match: :first).text
      click_button "Weir pool"
      fill_in "Level", with: "8"
      find_field("Level").send_keys(:enter)
      expect(page).to have_no_css("section[aria-label=Vitals] button", text: ready, exact_text: true)
      expect(page).to have_css("section[aria-label='Exact values']", text: /2 mm deep at most/)
    end
  end

  describe "courses" do
    before { click_button "Ground" }

    it "are edited in place, reordered and taken out" do
      find("[data-course='0'] button[aria-expanded]").click
      fill_in "Thickness", with: "3"
      find_field("Thickness").send_keys(:enter)
      eventually { stored["zones"][0]["courses"][0]["thickness_mm"] == 3 }
      click_button "Lay later"
      eventually { stored["zones"][0]["courses"].map { |one| one["id"] } == %w[paint paste] }
      within("section[aria-label=Courses]") { click_button "Take out" }
      eventually { stored["zones"][0]["courses"].size == 1 }
    end

    it "are dragged to another place in the stack" do
      rows = all("[data-course]").map { |row| row.native.node.find_position }
      handle = find("[data-course='1'] [title^='Drag']").native.node.find_position
      drag(handle, [handle[0], rows.last[1] + 30])
      eventually { stored["zones"][0]["courses"].map { |one| one["id"] } == %w[paint paste] }
    end
  end

  it "lights one part in every view" do
    click_button "Ground"
    find("[data-course='0'] button[aria-expanded]").click
    expect(page).to have_css("[data-testid=lit-outline]", visible: :all)
    expect(page).to have_css("[data-stratum='/zones/0/courses/0'] path[stroke='#e3a93a']", visible: :all)
    expect(page).to have_css("[data-step=paste][data-lit]", visible: :all)
    click_link "Quantities"
    expect(page).to have_css("[data-material=earth_paste][data-lit]")
    expect(page).to have_no_css("[data-material=acrylic_paint][data-lit]")
  end

  it "lights the part of a step that is picked on the drying line" do
    find("[data-step=paste]", visible: :all).native.node.click
    expect(page).to have_css("[data-course='0'] [aria-expanded=true]")
  end

  describe "snags" do
    it "go away with one click" do
      skiff = open_build(sample("estuary-skiff"))
      expect(page).to have_css("[data-snag='water/dam']", text: /stands 8\.5 mm against 60\.3 mm of open edge/)
      find("[data-snag='water/dam']").click_button("Give the plinth a lip of 9 mm")
      expect(page).to have_no_css("[data-snag='water/dam']")
      expect(saved(skiff).file["plinth"]["lip_mm"]).to eq(9)
    end

    it "are marked on the plan, and light their part" do
      open_build(sample("estuary-skiff"))
      mark = find("[data-snag-mark='/waters/0']")
      expect(mark.find("title", visible: :all).text(:all)).to match(/Creek stands 8\.5 mm against/)
      mark.find("path").click
      expect(page).to have_css("section[aria-label='Exact values']", text: /of edge to dam/)
    end

    it "say so when a change cannot be made, and leave the build as it was" do
      own = open_build(plain_file(zones: [zone(outline: round(20), name: "patch")]))
      fill_in "Middle, across", with: "400"
      find_field("Middle, across").send_keys(:enter)
      expect(page).to have_text(/That change was not made. patch lies beside the plinth/i)
      expect(saved(own).version).to eq(1)
      expect(page).to have_field("Middle, across", with: "0")
    end
  end
end
