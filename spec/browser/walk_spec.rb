# frozen_string_literal: true

RSpec.describe "A first walk", type: :feature do
  def card = "[role=dialog][aria-label='A first walk']"

  it "is offered once on the shelf, goes round a build in five steps, back by the browser too, and is left by a key" do
    id = open_build(plain_file(title: "Scree", zones: [zone(course("earth_paste"))]))
    visit "/"
    click_link "Show me round"
    within(card) do
      expect(page).to have_css("[role=img][aria-label='Step 1 of 5']")
      4.times { click_button "Next" }
      expect(page).to have_css("[role=img][aria-label='Step 5 of 5']")
    end
    expect(page).to have_current_path("/builds/#{id}/order?walk=5")
    expect(page).to have_css("[data-testid=walk-shade]")
    page.go_back
    expect(page).to have_css("#{card} [aria-label='Step 4 of 5']")
    expect(barriers).to be_empty
    press(:Escape)
    expect(page).to have_no_css(card)
    visit "/"
    expect(page).to have_css("h1", text: "Shelf")
    expect(page).to have_no_link("Show me round")
    visit "/builds/#{id}/build-up"
    click_button "Keys"
    click_button "Walk round this build in five steps"
    within(card) { click_button "Skip the walk" }
    expect(page).to have_no_css(card)
  end
end
