# frozen_string_literal: true

RSpec.describe "A sea by hand", type: :feature do
  let(:file) do
    plain_file(title: "Roads", scale: 200, plinth: { outline: rectangle(160, 90), thickness_mm: 10, material: "mdf", lip_mm: 12 },
      subjects: [{ "id" => "smack", "name" => "smack", "kind" => "hull", "footprint" => rectangle(50, 14) }],
      waters: [{ "id" => "sea", "name" => "sea", "medium" => "acrylic_water", "level_mm" => 4, "outline" => rectangle(160, 90) }])
  end

  def kept(id) = ServerSpec.store.find(id).file

  def lay(name)
    fill_in "Lay another course on top", with: name
    find("[role=option]", text: /\A#{name}\z/i).click
  end

  it "gets its courses, its waves and a wake, which are drawn, undone and taken out" do
    id = open_build(file, "build-up")
    find("button", text: /\ASea\z/).click
    lay("white foam paste")
    eventually { kept(id)["waters"][0]["courses"] == [{ "material" => "foam_paste" }] }
    choose("Lies on", "crests")
    eventually { kept(id)["waters"][0]["courses"][0]["on"] == "crests" }
    expect(page).to have_no_css("path[data-part='/waters/0/courses/0'][d*=M]")
    expect(page).to have_text("White foam paste is to lie on crests of sea, and there is no such place: it lies still.")
    fill_in("Sea state", with: "3").send_keys(:enter)
    expect(page).to have_css("path[data-part='/waters/0/courses/0'][d*=M]")
    find("button", text: /All parts/).click
    find("button", text: /\ASmack\z/).click
    fill_in("Speed", with: "9").send_keys(:enter)
    expect(page).to have_css("polyline[data-wake=arm]", minimum: 2)
    expect(page).to have_css("polyline[data-wake=transverse]")
    2.times { click_button "Add a waterplane" }
    planes = -> { kept(id)["subjects"][0]["immersed"]&.map { |plane| [plane["depth_mm"], plane["outline"]["width_mm"]] } }
    eventually { planes.call == [[3, 40], [6, 32]] }
    within("[aria-label='Waterplane 2']") { fill_in("Broad", with: "2").send_keys(:enter) }
    eventually { kept(id)["subjects"][0]["immersed"][1]["outline"]["depth_mm"] == 2 }
    click_button "Take out waterplane 1"
    eventually { kept(id)["subjects"][0]["immersed"].size == 1 }
    4.times { find("button[aria-label^='Undo']", match: :first).click.then { sleep(0.5) } }
    eventually { kept(id)["subjects"][0]["immersed"].nil? }
    expect(barriers).to be_empty
    find("button[aria-label^='Undo']", match: :first).click
    expect(page).to have_no_css("polyline[data-wake]")
    find("button", text: /All parts/).click
    find("button", text: /\ASea\z/).click
    find("[data-course='0'] button", match: :first).click
    choose("Lies on", "a place drawn by hand")
    click_button "Lay it along section A"
    eventually { kept(id)["waters"][0]["courses"][0]["outline"]&.fetch("kind") == "strip" }
    expect(page).to have_css("path[data-part='/waters/0/courses/0'][d*=M]")
    # All but a hole: drawn on the plan, dragged there, and its corners by numbers.
    choose("Lies on", "all but a place drawn by hand")
    click_button "Draw its place anew"
    expect(page).to have_text("Drawing: where foam paste lies")
    within("[aria-label='Plan tools']") { all("[role=combobox]").last.click }
    find("[role=option]", exact_text: "rectangle").click
    expect(page).to have_no_css(".MuiModal-root")
    [[-70, -40], [-40, -20]].each { |point| tap(on_plan(*point)) }
    place = -> { kept(id)["waters"][0]["courses"][0]["outline"] }
    eventually { place.call.slice("kind", "at_mm") == { "kind" => "rectangle", "at_mm" => [-55, -30] } }
    expect(page).to have_css("[data-testid=lit-outline]")
    drag(on_plan(-55, -30), on_plan(-45, -30))
    eventually { place.call["at_mm"] == [-45, -30] }
    within("[data-course='0']") { typed("Width", "24") }
    eventually { place.call["width_mm"] == 24 }
    within("[data-course='0']") { click_button "Take out" }
    eventually { kept(id)["waters"][0]["courses"] == [] }
  end
end

RSpec.describe "The sides of a plinth by hand", type: :feature do
  it "are finished by courses of their own, one side or all round" do
    id = open_build(plain_file(title: "Plate"), "build-up")
    click_button "The plinth itself"
    click_button "Finish a side of it"
    expect(page).to have_text("Bare so far. What is laid here first?")
    fill_in "Lay another course on top", with: "acrylic primer"
    find("[role=option]", exact_text: "acrylic primer").click
    eventually { ServerSpec.store.find(id).file["sides"] == [{ "id" => "side-1", "courses" => [{ "material" => "acrylic_primer" }] }] }
    expect(page).to have_css("[data-step]", text: /the plinth, all round/)
    find("[aria-label='Exact values'] [role=combobox]").click
    find("[role=option]", exact_text: "the front").click
    expect(page).to have_css("[data-step]", text: /the plinth, the front/)
    find("[data-course='0'] button[aria-expanded]", match: :first).click
    click_button "Take out", match: :first
    eventually { ServerSpec.store.find(id).file["sides"] == [] }
    expect(page).to have_css("[data-step]", text: /rim/i)
  end
end
