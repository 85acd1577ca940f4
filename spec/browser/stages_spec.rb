# frozen_string_literal: true

RSpec.describe "The other stages", type: :feature do
  describe "order of work" do
    let!(:id) { open_build(sample("peat-bank"), "order") }

    it "groups the steps by sitting, and says why each is where it is" do
      expect(page).to have_css("section[aria-label='Sitting 1']", text: /Prepare the plinth/)
      find("[data-step='pool/pour-1'] button", match: :first).click
      details = find("[data-step='pool/pour-1']")
      expect(details).to have_text("Why here?")
      expect(details).to have_text(/Seal the bed of bog pool.*at least .* before: pores breathe bubbles/m)
      expect(details).to have_text("Skin sensitiser: gloves")
      expect(details).to have_text("safety data sheet")
      expect(details).to have_text(/Why so long\?.*thin layer/m)
      details.click_button("Seal the bed of bog pool")
      expect(page).to have_css("[data-step='pool/seal']", text: "What waits for it")
    end

    it "gives the calendar as a file" do
      expect(page).to have_link("Calendar file (.ics)", href: "/api/builds/#{id}/export.ics")
    end

    it "says why when no date can be given" do
      open_build(
        plain_file(tasks: [{ id: "mural", title: "Paint the mural", hands_on_min: 500 }],
          calendar: { weekly: [{ day: "mon", from: "19:00", to: "20:00" }] }), "order")
      expect(page).to have_text("No dates can be given")
      expect(page).to have_text("Paint the mural")
    end
  end

  it "tells quantities with packs, a mix card for each batch, and what is too little to measure" do
    open_build(sample("peat-bank"), "quantities")
    expect(page).to have_css("section[aria-label='Pour cards']", text: /Bog pool, layer 1 of 2/m)
    card = find("[data-mix=two_part_resin]", text: /layer 1 of 2/)
    expect(card).to have_text(/Resin : hardener: 2 : 1 by mass, 1.77 : 1 by volume/)
    expect(card).to have_text(/Too little to measure truly: mix 15 g/)
    card.find("button", match: :first).click
    card.find_field("hardener, g").set("12").send_keys(:enter)
    eventually { card.find_field("resin, g").value == "24" }
    expect(page).to have_css("[data-material=two_part_resin] svg[aria-label='1 pack to buy']")
  end

  describe "brief" do
    let!(:id) { open_build(plain_file(zones: [zone(course("earth_paste"))]), "brief") }

    def stored = ServerSpec.store.find(id).file

    it "changes what is said once, and everything follows" do
      fill_in "Scale 1:", with: "72"
      find_field("Scale 1:").send_keys(:enter)
      eventually { stored["scale"] == 72 }
      fill_in "Humidity", with: "75"
      find_field("Humidity").send_keys(:enter)
      eventually { stored["climate"] == { "humidity_pct" => 75 } }
      click_button "Add an evening"
      eventually { stored["calendar"]["weekly"]&.size == 1 }
      fill_in "Title", with: "Renamed"
      find_field("Humidity").click
      eventually { stored["title"] == "Renamed" }
      expect(page).to have_css("h1", text: "Renamed")
    end

    it "lets the start be moved and the wanted date be dropped" do
      find("[role=spinbutton][aria-label=Day]", match: :first).click
      press("01", "may", "2027", "1000")
      find_field("Scale 1:").click
      eventually { stored["calendar"]["start"] == "2027-05-01T10:00" }
      expect(page).to have_css("section[aria-label=Vitals]", text: /May/)
    end
  end

  it "turns dark and stays so" do
    open_build(plain_file)
    background = -> { page.evaluate_script("getComputedStyle(document.body).backgroundColor") }
    before = background.call
    click_button "Light or dark"
    eventually { background.call != before }
    dark = background.call
    visit current_path
    expect(page).to have_button("Undo", disabled: :all, wait: 20)
    expect(background.call).to eq(dark)
  end

  describe "for everybody" do
    { "shelf" => "/", "new build" => "/new" }.each do |name, path|
      it "#{name}: no barrier that axe knows of" do
        open_build(sample("peat-bank"))
        visit path
        expect(page).to have_css("h1")
        expect(barriers).to be_empty
      end
    end

    %w[brief build-up order quantities].each do |stage|
      it "#{stage}: no barrier that axe knows of, light and dark" do
        open_build(sample("peat-bank"), stage)
        expect(barriers).to be_empty
        click_button "Light or dark"
        sleep 0.4 # the colours change over a moment
        expect(barriers).to be_empty
      end
    end

    it "fits a tablet without scrolling sideways" do
      page.driver.resize(820, 1180)
      open_build(sample("peat-bank"))
      expect(page.evaluate_script("document.documentElement.scrollWidth")).to be <= 820
      page.driver.resize(1280, 800)
    end
  end
end
