# frozen_string_literal: true

RSpec.describe "Shaping", type: :feature do
  let(:file) do
    plain_file(forms: [lift(10, rectangle(100, 60), id: "board", name: "board"), cut(6, rectangle(40, 20), name: "hollow"),
      form("mound", "hill", round(16, at: [36, 14]), crown_mm: 8, material: "cork_tile", name: "hill")],
      zones: [zone(name: "ground")], waters: [water(9, rectangle(40, 20), name: "weir pool", medium: "two_part_resin")])
  end
  let!(:id) { open_build(file) }

  def stored = ServerSpec.store.find(id).file
  def relief(name)
    find("[role=combobox]", text: /Relief|Hills|Contours|Slopes/).click
    find("[role=option]", text: name).click
    expect(page).to have_no_css(".MuiModal-root")
  end

  it "lays the relief over the plan and reads heights under the pointer" do
    relief("contours")
    expect(page).to have_css("[data-testid=contours] path")
    relief("hills shaded")
    expect(page).to have_css("[data-testid=relief-shade]")
    relief("slopes")
    expect(page).to have_css("[role=status]", text: /Level from 0°.*Slides loose grains/m)
    point = on_plan(-40, 20)
    mouse.move(x: point[0], y: point[1])
    expect(page).to have_css("[role=status]", text: "10 mm high, 0° level at -40, 20 mm")
  end

  it "says where water would run" do
    click_button "Where would it run?"
    tap(on_plan(0, 0))
    expect(page).to have_css("[role=status]", text: /fills a hollow, then runs off the edge/)
    expect(page).to have_css("[data-testid=drainage] text", text: /ml to 10 mm/)
    press(:Escape)
    expect(page).to have_no_css("[data-testid=drainage]")
  end

  it "makes room for a battery in the base: drawn, reached otherwise, and taken out" do
    start_drawing("cavity", "rectangle")
    [[-44, 12], [-24, 26]].each { |point| tap(on_plan(*point)) }
    expect(page).to have_field("Name")
    cavity = -> { stored["forms"].find { |form| form["kind"] == "cavity" } }
    eventually { cavity.call&.dig("outline", "width_mm") == 20 }
    typed("Clear height", "7")
    eventually { cavity.call["clear_mm"] == 7 }
    # The ground lies over it: from above nobody reaches it.
    choose("Is reached", "from above")
    within("section[aria-label=Snags]") do
      expect(page).to have_css("[data-snag='fit/cavity_shut']", text: "the ground shuts it in")
      click_button "Reach it from below"
      expect(page).to have_no_css("[data-snag='fit/cavity_shut']")
    end
    eventually { cavity.call["reached_from"] == "below" }
    press(:Delete)
    eventually { cavity.call.nil? }
  end

  it "cuts up to three sections, and drops one" do
    click_button "Another section"
    expect(page).to have_css("h2", text: "Section B–B′")
    drag(find("[data-grip=cut-B-to] circle", match: :first).native.node.find_position, on_plan(30, 20))
    click_button "Another section"
    expect(page).to have_no_button("Another section")
    click_button "Drop section C"
    expect(page).to have_button("Another section")
  end

  it "drags a level in the section with its volume running along" do
    grip = find("[data-grip=level-pool] circle", match: :first).native.node.find_position
    mouse.move(x: grip[0], y: grip[1])
    mouse.down
    mouse.move(x: grip[0], y: grip[1] + 4)
    mouse.move(x: grip[0], y: grip[1] + 6)
    expect(page).to have_css("[data-grip=level-pool] text", text: /ml, .* deep/)
    mouse.up
    eventually { stored["waters"][0]["level_mm"] < 9 }
    expect(saved(id).undo).to eq("Set the level of weir pool")
  end

  it "reaches a height from stock, slices a mound, and piles forms otherwise" do
    click_button "Board"
    fill_in "Reach a height", with: "4"
    find_field("Reach a height").send_keys(:enter)
    click_button "1 × 3 mm + 1 × 1 mm"
    eventually { stored["forms"].size == 4 }
    expect(stored["forms"].first(2).map { |one| one["sheet_mm"] }).to eq([3, 1])
    click_button "All parts"
    click_button "Hill"
    fill_in "Slices of", with: "4"
    find_field("Slices of").send_keys(:enter)
    click_button "Cut it into sheets"
    eventually { stored["forms"].count { |one| one["name"].to_s.include?("slice") } == 2 }
    click_button "All parts" if page.has_button?("All parts", wait: 1)
    click_button "Lay hollow lower"
    eventually { stored["forms"][1]["id"] == "cut" }
  end

  it "lays ground from a height map, and says what is wrong with a file that is none" do
    Dir.mktmpdir do |folder|
      File.write(path = File.join(folder, "ridge.asc"), "ncols 3\nnrows 2\n0 5 9\n0 4 8\n")
      attach_file("Height map file", path, make_visible: true)
      eventually { stored["forms"].size > 3 }
      File.write(path, "a ridge")
      attach_file("Height map file", path, make_visible: true)
      expect(page).to have_text("neither a grey PNG nor an ESRI ASCII grid")
    end
  end

  it "turns the base on the turntable, or draws it where no solid can be drawn" do
    click_button "Turntable"
    expect(page).to have_css("[data-testid=turntable], section[aria-label='Sight view'] svg")
    click_button "Drying line"
    expect(page).to have_text("hands on")
  end

  it "draws templates, sheets, the edge and the masses" do
    visit "/builds/#{id}/quantities"
    expect(page).to have_css("section[aria-label=Templates] button", text: /1\. Board/)
    expect(page).to have_css("[data-testid=sheets-cork_sheet] svg[aria-label*='used']")
    expect(page).to have_css("section[aria-label='Edge skin'] svg")
    expect(page).to have_css("section[aria-label='Mass by material']", text: /\d g/)
    expect(page).to have_link("Templates on paper (.pdf)", href: "/api/builds/#{id}/export.pdf?page=a4")
    expect(barriers).to be_empty
  end
end
