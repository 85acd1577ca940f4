# frozen_string_literal: true

# Wishes for the order, work of one's own, mixes of the build and what it may cost, by hand.
RSpec.describe "Order, own work and mixes by hand", type: :feature do
  let(:file) do
    plain_file(zones: [zone(course("earth_paste", id: "paste"), name: "bank", outline: rectangle(40, 30, at: [-25, 0])),
      zone(course("sand_paste", id: "spit-paste"), id: "spit", name: "spit", outline: rectangle(40, 30, at: [25, 0]))])
  end

  def stored = ServerSpec.store.find(@id).file

  it "wishes are made by picking two steps, loosened, tightened and dropped" do
    @id = open_build(file, "order")
    find("[role=tab]", text: "Wishes").click
    choose("Do this", "Spread sand texture paste on spit")
    choose("before this", "Spread earth texture paste on bank")
    click_button "Wish it"
    eventually { stored["order"]&.size == 1 }
    expect(page).to have_text("Sand texture paste on spit before Earth texture paste on bank")
    typed("Later by at least", "90")
    eventually { stored["order"][0]["at_least_min"] == 90 }
    choose("Do this", "Spread earth texture paste on bank")
    choose("before this", "Prepare the plinth")
    click_button "Wish it"
    expect(page).to have_css("[role=status], [role=alert]", text: /./)
    expect(stored["order"].size).to eq(1)
    click_button "Drop wish 1"
    eventually { !stored.key?("order") }
  end

  it "own work is planned with the rest" do
    @id = open_build(file, "order")
    find("[role=tab]", text: "Own work").click
    click_button "Work of your own", exact: true
    eventually { stored["tasks"]&.size == 1 }
    fill_in "What is to be done", with: "print the signpost"
    typed("Hands on", "45")
    choose("Done on", "Bank")
    eventually { stored["tasks"][0].values_at("title", "hands_on_min", "on") == ["print the signpost", 45, "ground"] }
    find("[role=tab]", text: "By sitting").click
    expect(page).to have_css("[data-step]", text: /print the signpost/i)
  end

  it "a mix of the build is made, measured, laid and not lost while it is laid; a budget is set" do
    @id = open_build(file, "quantities")
    click_button "Make a mix"
    eventually { stored["mixes"]&.size == 1 }
    fill_in "Another part", with: "soil"
    find("[role=option]", text: "sifted soil").click
    eventually { stored["mixes"][0]["parts"].size == 2 }
    within("[aria-label='Mixes of this build']") { typed("Dry through after", "6") }
    eventually { stored.dig("mixes", 0, "measured", "dry_h") == 6 }
    typed("May cost", "25")
    eventually { stored["limits"] == { "budget_minor" => 2500 } }
    visit "/builds/#{@id}/build-up"
    click_button "Bank"
    fill_in "Lay another course on top", with: "mix of my own"
    find("[role=option]", text: "mix of my own").click
    eventually { stored["zones"][0]["courses"].last == { "material" => "mix:#{stored["mixes"][0]["id"]}" } }
    visit "/builds/#{@id}/quantities"
    within("[aria-label='Mixes of this build']") { find("button", text: /Mix of my own/).click }
    expect(page).to have_button("Take out", disabled: true)
  end
end
