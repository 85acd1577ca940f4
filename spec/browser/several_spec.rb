# frozen_string_literal: true

RSpec.describe "What a build is made of, by hand", type: :feature do
  def kept(id) = ServerSpec.store.find(id).file
  def shown(name) = within("[aria-label='Bases of this build']") { find("button", text: name).click }
  def part(name) = find("button", exact_text: name).click

  def typed(label, value, **more)
    fill_in(label, with: value, **more).send_keys(:enter)
  end

  describe "copies that differ" do
    let(:file) do
      plain_file(title: "Watch", copies: 4, purpose: "unit_base", plinth: { outline: round(30), thickness_mm: 3, material: "mdf" },
        formation: { "rows" => 1, "columns" => 4 }, subjects: [figure(round(10), id: "man", name: "man", height_mm: 30)])
    end

    it "are made, changed by themselves, placed, undone and let be as the others again" do
      id = open_build(file, "compose")
      click_button "Copies that differ…"
      eventually { kept(id)["variants"] == [{ "id" => "variant-1", "name" => "other copy", "count" => 1 }] }
      expect(page).to have_text("As the others until something is changed here")
      find("[aria-label=Plan] [data-part='/subjects/0']").click
      typed("Height", "34")
      eventually { kept(id)["variants"][0]["changed"] == { "man" => { "height_mm" => 34 } } }
      expect(kept(id)["subjects"][0]["height_mm"]).to eq(30)
      expect(page).to have_text("Man is other.")
      find("[aria-label='Place 2']").click
      eventually { kept(id)["variants"][0]["places"] == [2] }
      expect(barriers).to be_empty
      shown("All others, 3")
      find("[aria-label=Plan] [data-part='/subjects/0']").click
      expect(page).to have_field("Height", with: "30")
      shown("Other copy, 1 base")
      2.times { find("button[aria-label^='Undo']", match: :first).click.then { sleep(0.4) } }
      eventually { kept(id)["variants"][0]["changed"].nil? }
      click_button "As the others again"
      eventually { kept(id)["variants"] == [] }
      expect(page).to have_no_button("As the others again")
    end
  end

  it "further bodies are added, composed by themselves, moved and taken out" do
    id = open_build(plain_file(title: "Islet"), "build-up")
    click_button "A further body…"
    eventually { kept(id)["bodies"]&.size == 1 }
    fill_in "Lay another course on top", with: "sand texture paste"
    find("[role=option]", exact_text: "sand texture paste").click
    eventually { kept(id)["bodies"][0]["zones"][0]["courses"] == [{ "material" => "sand_paste" }] }
    find("[aria-label='Bases of this build'] [role=combobox]").click
    find("[role=option]", exact_text: "floating above it").click
    typed("Gap", "12")
    eventually { kept(id)["bodies"][0]["place"].slice("how", "gap_mm") == { "how" => "above", "gap_mm" => 12 } }
    shown("The base")
    expect(page).to have_css("[data-body='body-1']")
    expect(page).to have_css("[data-step]", text: "further body")
    # By hand: dragged, nudged and turned by keys; a tap or Enter composes it by itself.
    x, y = kept(id)["bodies"][0]["place"]["at_mm"]
    drag(on_plan(x, y - 15), on_plan(x + 15, y - 10))
    eventually { kept(id)["bodies"][0]["place"]["at_mm"] == [x + 15, y + 5] }
    page.execute_script("document.querySelector('[data-body]').focus()")
    press(:Right)
    eventually { kept(id)["bodies"][0]["place"]["at_mm"] == [x + 16, y + 5] }
    press("[")
    eventually { kept(id)["bodies"][0]["place"]["turn_deg"] == 5 }
    press(:Enter)
    expect(page).to have_field("Gap")
    shown("The base")
    tap(on_plan(x + 16, y - 10))
    expect(page).to have_field("Gap")
    shown("Further body")
    click_button "Take out", match: :first
    eventually { kept(id)["bodies"] == [] }
  end

  it "a brook is let run, its levels typed, and stands level again" do
    file = plain_file(title: "Brook", forms: [form("ramp", "hill", rectangle(100, 60), material: "xps_foam", from_mm: [50, 0],
      to_mm: [-50, 0], from_z_mm: 2, to_z_mm: 12)],
      waters: [{ "id" => "brook", "name" => "brook", "medium" => "acrylic_water", "outline" => rectangle(90, 10) }])
    id = open_build(file, "build-up")
    part("Brook")
    click_button "Let it run downhill"
    eventually { kept(id)["waters"][0]["fall"]&.size == 5 }
    expect(page).to have_css("[data-grip^=fall-]", count: 5)
    within("[aria-label='Mark 5']") { typed("5: surface at", "1") }
    eventually { kept(id)["waters"][0]["fall"][4]["level_mm"] == 1 }
    expect(page).to have_css("[data-step]", text: "brook, cascade", minimum: 1)
    click_button "Take out mark 3"
    eventually { kept(id)["waters"][0]["fall"].size == 4 }
    click_button "Let it stand level"
    eventually { kept(id)["waters"][0].slice("fall", "level_mm") == { "level_mm" => 1 } }
  end

  it "subjects are grouped" do
    men = [-20, 0, 20].map.with_index { |x, at| figure(round(8), id: "man-#{at}", name: "man #{at}", at_mm: [x, 0], height_mm: 30) }
    id = open_build(plain_file(title: "Group", subjects: men), "compose")
    click_button "Make a group"
    within("[aria-label='Groups']") { find("[role=button]", text: "man 1").click }
    eventually { kept(id)["groups"] == [{ "id" => "group-1", "name" => "group", "members" => %w[man-0 man-1] }] }
    expect(page).to have_text("Group: 12 mm from one to the next")
    click_button "Dissolve"
    eventually { kept(id)["groups"] == [] }
  end

  it "a house gets its roof and its door, and a road its lines" do
    house = { "id" => "house", "name" => "house", "kind" => "building", "outline" => rectangle(40, 30), "height_mm" => 45 }
    road = { "id" => "road", "name" => "lane", "kind" => "road", "outline" => { "kind" => "strip", "points_mm" => [[-45, -25], [45, -25]],
                                                                           "width_mm" => 10 } }
    id = open_build(plain_file(title: "House", features: [house, road]), "build-up")
    part("House")
    find(:xpath, "(//*[contains(@class,'MuiTextField-root')][.//*[text()='Roof']]//*[@role='combobox'])[1]").click
    find("[role=option]", exact_text: "gabled").click
    eventually { kept(id)["features"][0]["roof"] == { "kind" => "gable" } }
    expect(page).to have_css("svg[aria-label^='Its faces: front wall']")
    click_button "Cut an opening"
    within("[role=group][aria-label=door]") { typed("From left", "12") }
    eventually { kept(id)["features"][0]["openings"]&.first&.fetch("from_left_mm") == 12 }
    expect(page).to have_text("1 opening")
    click_button "Take out door"
    eventually { kept(id)["features"][0]["openings"] == [] }
    find("button", text: /All parts/).click
    part("Lane")
    click_button "Paint a line"
    eventually { kept(id)["features"][1]["markings"] == [{ "line" => "centre" }] }
    expect(page).to have_css("[data-step]", text: "Mark lane")
  end
end
