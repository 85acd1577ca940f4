# frozen_string_literal: true

RSpec.describe "A new build", type: :feature do
  def last_file = ServerSpec.store.find(ServerSpec.store.all.first.id).file

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

  it "begins with a drawn start, made over for another scale by its name and a base that is dragged" do
    visit "/new"
    fill_in "Title", with: "Reed pool"
    find("[role=radiogroup][aria-label='Begin with'] label", text: "Swamp").click
    expect(page).to have_text("Dark still water")
    expect(page).to have_css("[aria-label^='Base, 150 × 110 mm'] [data-part='/waters/0']")
    choose("Scale", "railway H0, 1:87")
    grip = find("[aria-label^='Size, 150 × 110 mm']")
    at = grip.native.node.find_position
    drag(at, [at[0] - 24, at[1] + 18])
    expect(page).to have_no_css("[aria-label^='Size, 150 ×']")
    grip = find("[aria-label^='Size, ']")
    grip.send_keys(:right, %i[shift down])
    size = find_field("Width").value.to_i, find_field("Depth").value.to_i
    click_button "Begin the build"
    expect(page).to have_css("h1", text: "Reed pool", wait: 20)
    expect(last_file).to include("title" => "Reed pool", "scale" => 87)
    expect(last_file["plinth"]["outline"].values_at("width_mm", "depth_mm")).to eq(size)
    expect(size[0]).to be < 150
    # Reeds of 10 mm at 1:35 are 4 mm at 1:87.
    bank = last_file["zones"].find { |zone| zone["id"] == "bank" }
    expect(bank["courses"].find { |course| course["material"] == "static_grass" }["length_mm"]).to eq(4)
  end

  it "is chosen by the arrow keys, takes a common size as it is drawn, and the scheme of a build" do
    mud = { id: "mud", ground: "mud", outline: { kind: "rest" }, courses: [{ material: "mud_paste" }] }
    open_build(plain_file(title: "The first pool", purpose: "vignette", zones: [mud]))
    visit "/new"
    fill_in "Title", with: "The second pool"
    find("input[type=radio][value=swamp]", visible: :all).send_keys(:right)
    expect(page).to have_css("label", text: "Beach")
    expect(find("input[type=radio][value=beach]", visible: :all)).to be_checked
    choose("Or as one of your builds", "The first pool")
    expect(page).to have_text("Its parts and courses, without its dates.")
    find("[role=radiogroup][aria-label='Common sizes'] label", text: "150 mm round").click
    click_button "Begin the build"
    expect(page).to have_css("h1", text: "The second pool", wait: 20)
    expect(last_file["zones"][0]["courses"]).to eq([{ "material" => "mud_paste" }])
    expect(last_file["plinth"]["outline"]).to eq("kind" => "round", "diameter_mm" => 150)
  end
end
