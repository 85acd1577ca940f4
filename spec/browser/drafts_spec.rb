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
end
