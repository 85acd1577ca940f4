# frozen_string_literal: true

RSpec.describe "A new build", type: :feature do

  it "goes from nothing to a ready date by hand" do
    visit "/new"
    click_button "Begin the build"
    expect(page).to have_text("Give it a title")
    fill_in "Title", with: "Heron at the weir"
    fill_in "Width", with: "5 in"
    find_field("Depth").click
    expect(page).to have_field("Width", with: "127")
    fill_in "Depth", with: "nonsense"
    expect(page).to have_text("Type a number of mm")
    fill_in "Depth", with: "95"
    click_button "Begin the build"
    expect(page).to have_css("h1", text: "Heron at the weir", wait: 20)
    expect(page).to have_css("section[aria-label=Vitals]", text: /ready/)

    # The ground of a bare base is lit at once.
    expect(page).to have_text("What is laid here first?")
    fill_in "Lay another course on top", with: "earth"
    find("[role=option]", text: "earth texture paste").click
    expect(page).to have_css("[data-course='0']", text: /earth texture paste/)
    expect(page).to have_css("[data-step]", text: /Spread earth texture paste/)
    build = ServerSpec.store.all.first
    expect(saved(build.id).file["zones"][0]["courses"]).to eq([{ "material" => "earth_paste" }])
    expect(build.summary["bounds_mm"]).to eq([127.0, 95.0])
  end

  it "takes its outline from a drawing" do
    visit "/new"
    fill_in "Title", with: "Kidney"
    Dir.mktmpdir do |folder|
      path = File.join(folder, "kidney.svg")
      File.write(path,
        '<svg width="90mm" height="60mm" viewBox="0 0 90 60"><path d="M0 30C0 0 90 0 90 30S0 60 0 30Z"/></svg>')
      attach_file("From a drawing: SVG or DXF file", path, make_visible: true)
      expect(page).to have_text(/corners/)
      File.write(path, "<svg/>")
      attach_file("From a drawing: SVG or DXF file", path, make_visible: true)
      expect(page).to have_text("no closed shape")
    end
    click_button "Begin the build"
    expect(page).to have_css("h1", text: "Kidney", wait: 20)
    expect(ServerSpec.store.find(ServerSpec.store.all.first.id).file["plinth"]["outline"]["kind"]).to eq("polygon")
  end
end
