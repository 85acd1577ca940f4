# frozen_string_literal: true

# Composing without a mouse, with typed values, on a tablet, and what is written down where.
RSpec.describe "Composing by hand", type: :feature do
  let(:file) do
    plain_file(purpose: "vignette",
      subjects: [figure(rectangle(24, 10), id: "cart", name: "cart", kind: "vehicle", height_mm: 20, mass_g: 8),
        figure(round(8), id: "dog", name: "dog", kind: "animal", at_mm: [-30, 12], height_mm: 12, mass_g: 1)],
      features: [{ id: "wall", name: "low wall", kind: "wall", height_mm: 14,
                   outline: { kind: "strip", points_mm: [[-20, -20], [20, -20]], width_mm: 4 } }])
  end
  let!(:id) { open_build(file, "compose") }

  def stored = ServerSpec.store.find(id).file
  def subject_at(index) = stored["subjects"][index]

  def put(label, value)
    fill_in label, with: value, match: :first
    find_field(label, match: :first).send_keys(:enter)
  end

  describe "with the keyboard" do
    before { click_button "Dog", match: :first }

    it "nudges, turns, copies and takes out, and undoes all of it" do
      press(:Right)
      eventually { subject_at(1)["at_mm"] == [-29, 12] }
      press([:Shift, :Down])
      eventually { subject_at(1)["at_mm"] == [-29, 7] }
      press("[")
      eventually { subject_at(1)["turn_deg"] == 5 }
      press([:Control, "d"])
      eventually { stored["subjects"].size == 3 }
      expect(subject_at(2)["at_mm"]).to eq([-19, 7])
      press(:Delete)
      eventually { stored["subjects"].size == 2 }
      5.times { press([:Control, "z"]) }
      eventually { stored == JSON.parse(JSON.generate(file)) }
    end
  end

  describe "with typed values" do
    it "places, turns and sizes a subject exactly" do
      click_button "Cart", match: :first
      put "Stands at, across", "12,5"
      eventually { subject_at(0)["at_mm"] == [12.5, 0] }
      put "Turn", "-30"
      eventually { subject_at(0)["turn_deg"] == 330 }
      within("[role=group][aria-label='Line up']") { click_button "12°" }
      eventually { subject_at(0)["turn_deg"] == 12 }
      put "Height", "1 in"
      eventually { subject_at(0)["height_mm"] == 25.4 }
    end

    it "gives a subject a shadow that reaches out, and foot points" do
      click_button "Cart", match: :first
      click_button "Something reaches out: lance, tail, wing"
      eventually { subject_at(0)["silhouette"] == subject_at(0)["footprint"] }
      click_button "Add a foot"
      eventually { subject_at(0)["feet"] == [{ "at_mm" => [0, 0] }] }
      put "Foot, across", "5"
      eventually { subject_at(0)["feet"][0]["at_mm"] == [5, 0] }
      click_button "Take out foot 1"
      eventually { subject_at(0)["feet"].nil? }
    end

    it "traces a hull's waterline from a drawing" do
      click_button "Cart", match: :first
      Dir.mktmpdir do |folder|
        path = File.join(folder, "boat.dxf")
        points = [[0, 0], [40, 0], [50, 6], [40, 12], [0, 12]].map { |x, y| "10\n#{x}\n20\n#{y}\n" }.join
        File.write(path, "0\nSECTION\n2\nENTITIES\n0\nLWPOLYLINE\n70\n1\n#{points}0\nENDSEC\n0\nEOF\n")
        attach_file("From a drawing: SVG or DXF file", path, make_visible: true)
        eventually { subject_at(0)["footprint"]["kind"] == "polygon" }
        File.write(path, "no drawing")
        attach_file("From a drawing: SVG or DXF file", path, make_visible: true)
        expect(page).to have_text(/no DXF drawing/)
      end
    end

    it "builds a wall of bricks and counts them" do
      click_button "Low wall", match: :first
      fill_in "Built of", with: "uk"
      find("[role=option]", text: "Brick, uk").click
      eventually { stored["features"][0]["unit"] == { "represents" => "brick_uk" } }
      expect(page).to have_css("[data-testid=unit-count]",
        text: /bricks in the wall, 1 thick, each 6.14 × 2.93 × 1.86 mm/)
      visit "/builds/#{id}/quantities"
      expect(page).to have_css("section[aria-label=Units]", text: /Low wall: bricks in the wall/)
    end
  end

  it "writes down what it must fit, and says when it does not" do
    visit "/builds/#{id}/brief"
    click_button "It must go into a case, a shelf or a box"
    eventually { stored.dig("limits", "fit_in", 0, "name") == "the case" }
    put "Wide", "90"
    eventually { stored.dig("limits", "fit_in", 0, "width_mm") == 90 }
    put "Deep", "90"
    eventually { stored.dig("limits", "fit_in", 0, "depth_mm") == 90 }
    visit "/builds/#{id}/compose"
    expect(page).to have_css("[data-snag='fit/room']", text: "100 mm wide where 90 mm go")
    visit "/builds/#{id}/brief"
    click_button "Drop"
    eventually { stored.dig("limits", "fit_in") == [] }
  end

  it "stands copies side by side, and limits the raise" do
    visit "/builds/#{open_build(
      plain_file(purpose: "unit_base", copies: 4,
        subjects: [figure(round(20), id: "a", height_mm: 30)]), "compose")}/compose"
    build = -> { ServerSpec.store.all.first }
    click_button "Stand copies side by side"
    eventually do
      ServerSpec.store.find(build.call.id).file["formation"] == { "rows" => 2, "columns" => 2, "gap_mm" => 0 }
    end
    put "Stagger", "50"
    eventually { ServerSpec.store.find(build.call.id).file["formation"]["stagger_mm"] == 50 }
    put "May be raised", "3"
    eventually { ServerSpec.store.find(build.call.id).file["limits"] == { "raise_mm" => 3 } }
    expect(page).to have_css("[data-judgement=rank_and_file]", text: "2 × 2, 0 mm apart")
  end

  it "types the limits of a floating display's leaflet" do
    open_build(sample("drifting-islet"), "compose")
    build = ServerSpec.store.all.first.id
    expect(page).to have_css("section[aria-label=Balance]", text: /off the axis, limit 2.4 mm/)
    put "Works through at most", "1"
    eventually { ServerSpec.store.find(build).file["limits"]["float_gap_mm"] == 1 }
    expect(page).to have_css("[data-snag='balance/float_gap']")
  end

  it "lights a part from the sight view, and the other way about" do
    find("[data-sight='/subjects/1']").click
    expect(page).to have_field("Name", with: "Dog")
  end

  it "turns the base on the turntable by keys" do
    visit "/builds/#{id}/build-up"
    click_button "Turntable"
    if page.has_css?("[data-testid=turntable]", wait: 10)
      find("[role=application]").send_keys(:left, :up, "+")
      click_button "From the front"
    else
      expect(page).to have_text("This machine draws no solids")
    end
  end

  it "can be used on a tablet" do
    page.current_window.resize_to(820, 1100)
    expect(page).to have_css("section[aria-label=Plan]")
    expect(page).to have_button("Walk 15° to the left")
    expect(page.evaluate_script("document.documentElement.scrollWidth <= window.innerWidth")).to be(true)
  ensure
    page.current_window.resize_to(1280, 800)
  end

  it "has the scale desk at the build's own scale" do
    click_link "Scale desk"
    expect(page).to have_css("h1", text: "Scale desk, 1:35")
    fill_in "Find a size", with: "brick"
    expect(page).to have_css("td", text: /BS 3921|DIN 105/)
    expect(page).to have_no_css("td", text: "Horse")
    expect(barriers).to be_empty
  end
end
