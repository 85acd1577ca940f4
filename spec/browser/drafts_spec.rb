# frozen_string_literal: true

RSpec.describe "What is not kept yet", type: :feature do
  def reload = visit(page.current_url)

  it "survives a reload in a recipe, is forgotten once it is kept, and is no start for the next" do
    visit "/mixes"
    click_button "New recipe"
    fill_in "Name", with: "Wet peat"
    reload
    expect(page).to have_field("Name", with: "Wet peat")
    fill_in "The first part", with: "mud"
    find("[role=option]", text: "mud texture paste").click
    click_button "Keep it"
    expect(page).to have_css("nav[aria-label=Recipes]", text: /wet peat/i)
    click_button "New recipe"
    expect(page).to have_field("Name", with: "")
  end

  it "survives a reload and a look at another entry in a material of one's own" do
    visit "/workshop?kind=materials&key=mud_paste"
    fill_in "Name", with: "river mud"
    find_field("Key").click
    expect(page).to have_button("As it was")
    reload
    expect(page).to have_field("Name", with: "river mud")
    visit "/workshop?kind=materials&key=earth_paste"
    expect(page).to have_field("Name", with: "earth texture paste")
    visit "/workshop?kind=materials&key=mud_paste"
    expect(page).to have_field("Name", with: "river mud")
    click_button "As it was"
    reload
    expect(page).to have_field("Name", with: "mud texture paste")
  end

  it "draws a material of one's own as it is written, its windows row by row, and keeps it" do
    visit "/workshop?kind=materials&key=mud_paste"
    within("section[aria-label='As it behaves']") { expect(page).to have_css("svg[aria-label*='dry through after']") }
    fill_in "Key", with: "river_mud"
    fill_in "Window, by name", with: "Rake"
    click_button "Add"
    within("[role=group][aria-label='rake']") do
      fill_in("from", with: "10").send_keys(:enter)
      fill_in("to", with: "2 h").send_keys(:enter)
    end
    expect(page).to have_css("svg[aria-label*='rake: from 10 min to 2 h']")
    fill_in("A pack holds", with: "7,5").send_keys(:enter)
    click_button "Save as my own"
    kept = eventually { ServerSpec.store.own("materials")["river_mud"] }
    expect(kept["windows"]["rake"]).to eq([10, 120])
    expect(kept["pack"]["amount"]).to eq(7.5)
    expect(barriers).to be_empty
  end
end
