# frozen_string_literal: true

RSpec.describe "Snags where they are", type: :feature do
  def stored = ServerSpec.store.find(@id).file

  before { @id = open_build(sample("estuary-skiff")) }

  it "open in place by hand or keyboard, with their fixes as ghosts before they are taken" do
    find("[data-snag-mark='/waters/0'] path").click
    box = find("[role=dialog][aria-label='Snags here']")
    expect(box).to have_text(/Creek stands 8\.5 mm against/)
    fix = box.find_button("Give the plinth a lip of 9 mm")
    fix.hover
    fix.click
    eventually { stored["plinth"]["lip_mm"] == 9 }
    expect(page).to have_no_css("[role=dialog][aria-label='Snags here'] [data-snag='water/dam']")
  end

  it "are kept quiet with a reason, in the file, and told again" do
    snag = find("section[aria-label=Snags] [data-snag]", text: /Advice|Will show/, match: :first)
    code = snag["data-snag"]
    message = snag.text
    snag.click_button("I want it so")
    fill_in "Why?", with: "the scene is meant so"
    click_button "Keep it so"
    eventually { stored["accepted"] }
    expect(stored["accepted"]).to contain_exactly(include("code" => code, "reason" => "the scene is meant so"))
    wanted = find("[data-wanted='#{code}']")
    expect(wanted).to have_text("the scene is meant so")
    expect(message).to include(wanted.find("p", match: :first).text)
    wanted.click_button("Tell it again")
    expect(page).to have_no_css("[data-wanted]")
    eventually { stored["accepted"] == [] }
    expect(page).to have_css("section[aria-label=Snags] [data-snag='#{code}']")
  end

  it "cannot be wanted where they stop the work" do
    open_build(sample("lineside-set"))
    expect(find("section[aria-label=Snags] [data-snag='schedule/late']")).to have_no_button("I want it so")
  end
end
