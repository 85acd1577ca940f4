# frozen_string_literal: true

# Addresses, titles, going back, and what a reload must not lose.
RSpec.describe "Pages", type: :feature do
  it "go back through the stages, and are called by what they show" do
    open_build(plain_file(title: "Weir"), "brief")
    expect(page).to have_title("Brief · Weir · Green Plinth")
    click_link "Order"
    expect(page).to have_title("Order · Weir · Green Plinth")
    click_link "Quantities"
    expect(page).to have_css("h1", text: "Quantities")
    page.go_back
    expect(page).to have_css("h1", text: "Order of work")
    page.go_back
    expect(page).to have_css("h1", text: "Brief")
  end

  it "say so where nothing lies at an address" do
    id = open_build(plain_file)
    ["/nowhere", "/builds/#{id}/nothing"].each do |path|
      visit path
      expect(page).to have_css("h1", text: "There is no such page")
      expect(page).to have_text(path)
      expect(page).to have_link("To the shelf")
    end
    visit "/builds/99999/order"
    expect(page).to have_css("h1", text: "There is no such build")
  end

  it "keep unfinished words, what was lit and what was open over a reload" do
    id = open_build(plain_file(forms: [cut(3, rectangle(20, 10), name: "hollow")]))
    click_button "Hollow"
    click_button "Turntable"
    page.refresh
    expect(page).to have_field("Depth of cut", with: "3")
    expect(page).to have_css("button[aria-pressed=true]", text: "Turntable")
    visit "/builds/#{id}/daybook"
    fill_in "Note", with: "the putty is still"
    page.refresh
    expect(page).to have_field("Note", with: "the putty is still")
    visit "/new"
    fill_in "Title", with: "Half a na"
    page.refresh
    expect(page).to have_field("Title", with: "Half a na")
  end

  describe "the week" do
    def weekly = ServerSpec.store.find(@id).file["calendar"]["weekly"]
    def strip(day) = page.evaluate_script("document.querySelector('[data-day=#{day}]').getBoundingClientRect().toJSON()")
    def at(day, hour) = strip(day).then { |box| [box["left"] + (box["width"] * hour / 24.0), box["top"] + (box["height"] / 2)] }

    before do
      tuesday = { day: "tue", from: "19:00", to: "21:00" }
      @id = open_build(plain_file(calendar: { start: "2027-03-01T09:00", weekly: [tuesday] }), "brief")
    end

    it "is painted, pulled longer, typed once for each time, and begins the next new build" do
      page.execute_script("document.querySelector('[data-day=tue]').scrollIntoView({ block: 'center' })")
      drag(at("thu", 18), at("thu", 20.5))
      eventually { weekly.last == { "day" => "thu", "from" => "18:00", "to" => "20:30" } }
      drag(at("tue", 21), at("tue", 22))
      eventually { weekly.first == { "day" => "tue", "from" => "19:00", "to" => "22:00" } }
      before = ServerSpec.store.find(@id).version
      find("button[aria-label='tue 19:00 to 22:00']").click
      field = find("[aria-label='The lit stretch']")
      field.find("[role=spinbutton]", match: :first).click
      press("2030", :Tab)
      find_field("Title").click
      eventually { weekly.first["from"] == "20:30" }
      expect(ServerSpec.store.find(@id).version).to eq(before + 1)
      visit "/new"
      expect(page).to have_css("button[aria-label='tue 20:30 to 22:00']")
    end
  end
end
