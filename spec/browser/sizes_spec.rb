# frozen_string_literal: true

RSpec.describe "Sizes of a base by hand", type: :feature do
  let(:file) do
    plain_file(title: "Halt", purpose: "vignette",
      subjects: [{ "id" => "cart", "kind" => "vehicle", "footprint" => rectangle(60, 30), "at_mm" => [0, 0] }])
  end

  it "are drawn with what is to stand on it, smallest first, and one is taken at a tap" do
    id = open_build(file, "brief")
    expect(page).to have_css("[data-size='as it is']")
    first = all("[data-size]").first
    expect(first["data-size"]).to eq("the smallest of its shape")
    first.click_button("Take the smallest of its shape")
    eventually { ServerSpec.store.find(id).file.dig("plinth", "outline", "width_mm").between?(70, 72) }
    fill_in("A board at hand, wide", with: "64").send_keys(:enter)
    fill_in("and deep", with: "64").send_keys(:enter)
    click_button "All sizes, those that are too small, too"
    expect(page).to have_css("[data-size='the board at hand']", text: "too small")
    expect(barriers).to be_empty
  end

  it "follow from what stands there, and from nothing else" do
    open_build(plain_file(title: "Halt"), "brief")
    expect(page).to have_text("Place first what is to stand on it")
  end
end
