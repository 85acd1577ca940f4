# frozen_string_literal: true

# A sitting at the bench, by tapping alone. The clock is the server's, and handed in.
RSpec.describe "The bench by hand", type: :feature do
  let(:weekly) { %w[mon wed fri].map { |day| { day: day, from: "19:00", to: "22:00" } } }
  let(:file) do
    plain_file(title: "Scree", calendar: { start: "2027-03-01T09:00", weekly: weekly },
      forms: [lift(3, rectangle(60, 40), id: "shelf")],
      zones: [zone(course("earth_paste", thickness_mm: 2, id: "paste"), course("acrylic_paint", id: "tone"))])
  end

  def kinds(id) = ServerSpec.store.events(id).map { |event| event["kind"] }
  def progress(id) = ServerSpec.store.find(id).progress || {}

  def bench(file = self.file)
    open_build(file, "brief").tap do |id|
      visit("/builds/#{id}/bench")
      expect(page).to have_css("[aria-label=Clock]")
    end
  end

  # What is shown at another moment.
  def later(clock)
    ServerSpec.at(clock)
    page.refresh
  end

  def done(id, *steps, clock: "18:00:00")
    steps.each do |step|
      event = { "id" => SecureRandom.uuid, "kind" => "laid", "at" => "2027-03-01T#{clock}+00:00", "step" => step }
      ServerSpec.store.add_events(id, [event]) do |all|
        log = GreenPlinth::Events::Log.new(all.map { |row| GreenPlinth::Events::Event.of(row) })
        GreenPlinth::Events::Standing.new(log).progress
      end
    end
  end

  before { ServerSpec.at("19:00:00") }

  it "asks how much was used, takes it out of the stores at a tap, and gives it back" do
    ServerSpec.store.add_jars([{ "material" => "earth_paste", "pack" => 200, "unit" => "ml", "full" => 1 }])
    # Long after the jar was put there by the database's own clock.
    ServerSpec.at("2040-03-01T20:00:00")
    id = bench(file.merge("calendar" => { "start" => "2040-03-01T09:00" }))
    done(id, "plinth/prepare", "shelf/stack")
    page.refresh
    find("[data-begin='paste'] button", match: :first).click
    click_button "Done: hands off"
    group = find("[role=group][aria-label^='Earth texture paste, for']", match: :first)
    reckoned = group.find(".MuiButton-contained").text
    group.click_button(reckoned)
    eventually { kinds(id).last == "used" }
    expect(page).to have_no_css("[role=group][aria-label^='Earth texture paste, for']")
    visit("/stores")
    expect(page).to have_text(/18\d(\.\d)? ml/)
    visit("/builds/#{id}/bench")
    click_button "Take back: used", match: :first
    eventually { kinds(id).last == "took_back" }
    expect(page).to have_css("[role=group][aria-label^='Earth texture paste, for']")
    expect(barriers).to be_empty
  end

  it "goes along for an evening: begin, pause, go on, hands off, found dry" do
    id = bench
    expect(page).to have_css("[aria-label=Clock]", text: "19:00")
    click_button "Begin: Prepare the plinth"
    expect(page).to have_css("section[aria-label='In hand: Prepare the plinth'] [role=timer]")
    eventually { kinds(id) == %w[started] }
    # The page's clock goes on between the server's words, by as long as a busy machine takes to click.
    later "19:04:40"
    expect(page).to have_css("[role=timer]", text: /\A4:\d\d\z/)
    click_button "Pause"
    eventually { kinds(id) == %w[started paused] }
    later "19:10:00"
    expect(page).to have_css("[role=timer]", text: /\A4:\d\d\z/)
    click_button "Go on"
    later "19:12:00"
    click_button "Done: hands off"
    eventually { progress(id)["done"]&.first&.fetch("step") == "plinth/prepare" }
    expect(progress(id)["done"].first["hands_on_min"]).to be_within(0.7).of(6.5)
    expect(page).to have_css("[data-begin='shelf/stack']")
    click_button "Begin: Stack cork sheet: shelf"
    later "19:25:00"
    click_button "Done: hands off"
    within("section[aria-label='Wet now']") { expect(page).to have_css("[data-wet='shelf/stack']", text: /shelf.*until/m) }
    later "20:30:00"
    within("[data-wet='shelf/stack']") { click_button "It is dry" }
    eventually { progress(id)["done"].last["dry"] == "2027-03-01T20:30" }
    within("section[aria-label='Wet now']") { expect(page).to have_text("Nothing is wet") }
  end

  it "takes back whatever was tapped wrongly, for as long as one likes" do
    id = bench
    click_button "Begin: Prepare the plinth"
    click_button "Done: hands off"
    eventually { progress(id).key?("done") }
    click_button "Take back: done Prepare the plinth"
    expect(page).to have_css("section[aria-label='In hand: Prepare the plinth']")
    click_button "Take back: begun Prepare the plinth"
    expect(page).to have_button("Begin: Prepare the plinth")
    eventually { progress(id).empty? }
  end

  it "says what should not be begun any more, and moves it with the reason when the sitting ends" do
    id = bench
    later "21:59:00"
    within("section[aria-label='Not any more in this sitting']") do
      expect(page).to have_text(/Prepare the plinth: it takes .+ min, and 1 min are left/)
    end
    click_button "End the sitting"
    expect(page).to have_css("section[aria-label='End of the sitting']")
    find("button", text: /Stop for today: go on Wed 3 Mar/).click
    eventually { kinds(id) == ["replanned"] }
    expect(ServerSpec.store.find(id).progress["as_of"]).to eq("2027-03-03T19:00")
  end

  it "rips out what went wrong, chosen on the drawing, after the price was told" do
    id = bench
    done(id, "plinth/prepare", "shelf/stack", "paste")
    later "21:57:00"
    click_button "Something came off"
    find("[role=button][aria-label=shelf]").click
    expect(page).to have_css("li", text: /Stack cork sheet: shelf/)
    expect(page).to have_css("li", text: /Spread earth texture paste/)
    expect(page).to have_text(/It costs \d+ min of work and .+ of material; it is ready .+ later/)
    expect(ServerSpec.store.events(id).size).to eq(3)
    click_button "came loose"
    click_button "Take it off"
    eventually { progress(id)["done"].map { |row| row["step"] } == ["plinth/prepare"] }
    expect(page).to have_text(/Stack cork sheet: shelf: it takes 6 min, and 3 min are left/)
    click_button "End the sitting"
    expect(page).to have_text(/mostly because “Stack cork sheet: shelf” has to be done again: came loose/)
    expect(page).to have_css("svg[aria-label^='The plan before and after']")
    later "2027-03-03T19:05:00"
    click_button "Begin: Stack cork sheet: shelf"
    expect(page).to have_text(/Last time it went wrong.+came loose/)
  end

  it "marks bases one by one, and tells the rate" do
    id = bench(file.merge("copies" => 4))
    click_button "Begin: Prepare the plinth"
    within("[role=group][aria-label=Bases]") { click_button "Base 1" }
    later "19:08:00"
    expect(page).to have_text(/1 of 4 done, 8 min each; the last is in hand at 19:32/)
    click_button "All up to …"
    click_button "Base 3"
    expect(page).to have_text("3 of 4 done")
    click_button "Base 4"
    eventually { progress(id)["done"]&.map { |row| row["step"] } == ["plinth/prepare"] }
    expect(progress(id)["done"].first["hands_on_min"]).to be_within(0.3).of(8)
    expect(page).to have_no_css("section[aria-label^='In hand']")
  end

  it "is begun from what can be done over all builds, which then knows it as under hand" do
    id = bench
    visit("/now?at=2027-03-01T19:00")
    click_button "Begin: Prepare the plinth"
    expect(page).to have_css("section[aria-label='In hand: Prepare the plinth']")
    eventually { kinds(id) == %w[started] }
    visit("/now?at=2027-03-01T19:05")
    within("section[aria-label='In hand']") { expect(page).to have_text(/Prepare the plinth.*Scree: begun/m) }
    expect(page).to have_no_button("Begin: Prepare the plinth")
    expect(barriers).to be_empty
    click_on "To the bench: Prepare the plinth"
    expect(page).to have_css("[role=timer]")
  end

  it "keeps a reason in the maker's own words" do
    id = bench
    done(id, "plinth/prepare", "shelf/stack")
    later "20:00:00"
    click_button "Something came off"
    find("[role=button][aria-label=shelf]").click
    fill_in "Or in your own words", with: "the cat sat on it"
    click_button "Take it off"
    eventually { kinds(id).last == "redone" }
    expect(ServerSpec.store.events(id).last["data"]).to include("why" => "the cat sat on it", "off" => ["shelf/stack"])
  end

  it "shows on a second page what happened on the first" do
    id = bench
    other = open_new_window
    within_window(other) { visit("/builds/#{id}/bench") && expect(page).to(have_button("Begin: Prepare the plinth")) }
    click_button "Begin: Prepare the plinth"
    within_window(other) { expect(page).to have_css("section[aria-label='In hand: Prepare the plinth']", wait: 2) }
    other.close
  end

  it "goes on without the network, and tells everything when it is back" do
    id = bench
    page.driver.browser.network.emulate_network_conditions(offline: true)
    click_button "Begin: Prepare the plinth"
    expect(page).to have_css("[role=status]", text: /Without the server: 1 thing noted here/)
    expect(page).to have_css("section[aria-label='In hand: Prepare the plinth'] [role=timer]")
    click_button "Done: hands off"
    expect(page).to have_no_css("section[aria-label^='In hand']")
    page.driver.browser.network.emulate_network_conditions(offline: false)
    eventually(10) { kinds(id) == %w[started laid] }
    expect(page).to have_css("[role=status]", text: "All is noted", wait: 8)
  ensure
    page.driver.browser.network.emulate_network_conditions(offline: false)
  end

  [[1024, 768], [820, 1180], [390, 844]].each do |width, height|
    it "is reached by a finger and read from afar at #{width} px" do
      page.current_window.resize_to(width, height)
      id = bench
      done(id, "plinth/prepare", "shelf/stack")
      later "19:10:00"
      click_button "Begin: Spread earth texture paste on ground"
      expect(page).to have_css("[role=timer]")
      small = page.evaluate_script(<<~JS)
        [...document.querySelectorAll("main button, main [role=button]:not(path)")].map((one) => one.getBoundingClientRect())
          .filter((box) => box.width > 0 && (box.height < 44 || box.width < 44)).length
      JS
      expect(small).to eq(0)
      expect(page.evaluate_script("document.documentElement.scrollWidth <= window.innerWidth")).to be(true)
      expect(barriers).to be_empty
    ensure
      page.current_window.resize_to(1280, 800)
    end
  end
end
