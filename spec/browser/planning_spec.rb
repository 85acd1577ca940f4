# frozen_string_literal: true

RSpec.describe "Planning by hand", type: :feature do
  def stored(id) = ServerSpec.store.find(id).file

  let(:weekly) { %w[mon wed fri].map { |day| { day: day, from: "19:00", to: "21:00" } } }
  let(:calendar) { { start: "2027-03-01T09:00", finish_by: "2027-04-20T12:00", weekly: weekly } }
  let(:file) do
    plain_file(title: "Scree", zones: [zone(course("earth_paste", thickness_mm: 4), course("acrylic_paint"))], copies: 5,
      subjects: [figure(round(8), paint_min: 30)], calendar: calendar)
  end

  def view(id, name) = visit("/builds/#{id}/order?view=#{name}")

  it "draws what waits for what, and says why when a step is picked" do
    open_build(file, "order")
    click_on "Drawn"
    box = find("[role=button][data-node='plinth/rim/coat-2']")
    box.click
    expect(page).to have_css("[role=status]", text: /Paint the rim, coat 2 of 2.*after Paint the rim, coat 1 of 2.*because/)
    expect(page).to have_css("[role=button][data-node][aria-pressed=true]", count: 1)
    expect(page).to have_css("[data-arrow]", minimum: 1, visible: :all)
    box.send_keys(:enter)
    expect(page).to have_text("Pick a step to be told")
  end

  it "shows the batch as it flows, and what it gains" do
    view(open_build(file, "order"), "batch")
    expect(page).to have_text(/5 bases together/)
    expect(page).to have_text(/Together they are ready .* sooner/)
    expect(page).to have_css("svg [role=button][aria-label^='Paint figure, bases']", minimum: 2)
    visit("/builds/#{open_build(plain_file, "order")}/order")
    expect(page).to have_no_css("[role=tab]", text: "Batch")
  end

  it "takes the other side of a school, with its cost told before" do
    id = open_build(file, "order")
    click_on "Schools"
    expect(page).to have_css("label", text: /Bare.*less at the bench/m)
    find("label", text: /^Bare/m).click
    eventually { stored(id).dig("schools", "rim") == "bare" }
    expect(page).to have_css("label", text: /Bare.*This build goes this way/m)
  end

  it "lays two builds side by side" do
    open_build(plain_file(title: "Other scree", calendar: calendar), "order")
    view(open_build(file, "order"), "compare")
    find("[role=combobox]").click
    find("[role=option]", text: "Other scree").click
    expect(page).to have_css("th", text: "Other scree")
    expect(page).to have_css("section[aria-label='Only in Scree']", text: "Paint figure")
  end

  it "marks a step done, plans the rest round it, and takes the mark off" do
    id = open_build(file, "order")
    find("[data-step='plinth/prepare'] button", match: :first).click
    click_button "Done"
    eventually { ServerSpec.store.find(id).progress&.dig("done", 0, "step") == "plinth/prepare" }
    within("section[aria-label='Done already']") { expect(page).to have_css("[data-step='plinth/prepare']", text: "done") }
    click_button "Neither any more"
    eventually { ServerSpec.store.find(id).progress.nil? }
  end

  it "plans for fewer sittings at a click" do
    id = open_build(file, "order")
    click_button "Fewest sittings"
    eventually { stored(id).dig("calendar", "objective") == "fewest_sittings" }
    expect(page).to have_text("In as few sittings as were found")
  end

  it "tries a thinner layer before it is laid" do
    id = open_build(file, "order")
    within("section[aria-label='What if']") { all("[role=combobox]").last.click }
    find("[role=option]", text: "earth paste on").click
    within("section[aria-label='What if']") do
      find("input[type=range][aria-label='Laid thick']", visible: :all).execute_script("this.focus()")
      10.times { press(:left) }
      expect(page).to have_text("Laid thick 3 mm")
      click_button "Make it so"
    end
    eventually { stored(id).dig("zones", 0, "courses", 0, "thickness_mm") == 3 }
  end

  it "puts up no barrier that axe knows of" do
    id = open_build(file, "order")
    pages = %w[drawing batch schools].map { |name| ["/builds/#{id}/order?view=#{name}", "[data-node], svg [role=button], fieldset"] }
    pages += [["/weeks", "section[aria-label^='Week of']"],
              ["/workshop?kind=materials&key=mud_paste", "[role=group][aria-label='Dry through']"]]
    found = pages.flat_map do |path, drawn|
      visit(path)
      expect(page).to have_css(drawn, minimum: 1)
      barriers.map { |one| "#{path}: #{one}" }
    end
    expect(found).to eq([])
  end

  it "shares one bench among all builds" do
    open_build(file, "order")
    open_build(file.merge("title" => "Second scree"), "order")
    visit("/weeks")
    expect(page).to have_css("table tr", text: /Second scree/)
    expect(page).to have_css("section[aria-label^='Week of'] svg", minimum: 1)
    find("button[aria-label='How is this computed: when Second scree is ready']").click
    within("[role=dialog]") do
      expect(page).to have_text("one pair of hands")
      expect(page).to have_text(/Hands on the others until then\s+[\d.]+ h/)
      expect(page).to have_text("From: of the orders tried, the best.")
    end
  end

  it "copies a material, is told what is wrong with it, and keeps it when it is right" do
    visit("/workshop?kind=materials&key=mud_paste")
    fill_in "Key", with: "bog_paste"
    fill_in "Name", with: "bog paste"
    all("[role=group][aria-label='Dry through'] input")[1].set("2")
    click_button "Save as my own"
    expect(page).to have_css("[role=alert]", text: "must be low, typical, high")
    all("[role=group][aria-label='Dry through'] input")[1].set("30")
    click_button "Save as my own"
    eventually { ServerSpec.store.own("materials").dig("bog_paste", "dry_h") == [12, 30, 48] }
    expect(page).to have_css("[role=button].Mui-selected", text: /Bog paste.*your own/m)
    click_button "Take mine away"
    eventually { ServerSpec.store.own("materials").empty? }
  end
end

RSpec.describe "Own history by hand", type: :feature do
  it "learns from how long a coat really took" do
    id = open_build(plain_file(zones: [zone(course("earth_paste", thickness_mm: 2))]), "order")
    find("[data-step] button", text: "earth texture paste").click
    fill_in "Seen dry after, h", with: "60"
    click_button "Note it"
    expect(page).to have_text("own history")
    expect(page).to have_text(/Noted 1 time, last 2.5 days/)
    expect(ServerSpec.store.events(id).first.dig("data", "observed_min")).to eq(3600)
    click_button "Strike the last"
    expect(page).to have_no_text("own history")
    expect(ServerSpec.store.find(id)).to have_attributes(progress: nil, undo: "Name what is worked on")
  end
end
