# frozen_string_literal: true

# What is seldom asked, by hand: each member where docs/every-member.md says, stored as a file has it, and let go again.
RSpec.describe "Every field by hand", type: :feature do
  def stored = ServerSpec.store.find(@id).file
  def open(file, stage = "build-up") = @id = open_build(file, stage)
  def more = find("button[aria-label^='More:']", match: :first).click
  def switch(label) = find("label", text: label, exact_text: true).click
  def has(*path) = eventually { stored.dig(*path[0..-2]) == path.last }

  it "of a course" do
    open(plain_file(zones: [zone(course("fine_sand", id: "sand", colour: "#aa8844"), name: "beach")]))
    click_button "Beach"
    within("[aria-label=Courses]") { click_button "fine sand" if page.has_no_button?("Lay later", wait: 1, disabled: :all) }
    within("[aria-label=Courses]") { more }
    choose("Stands for", "Railway ballast")
    has("zones", 0, "courses", 0, "represents", "railway_ballast")
    choose("Tool", "sieve")
    choose("Lies on", "low ground")
    choose("Glued with", "wood glue")
    find("[role=button]", exact_text: "washed").click
    find("[role=button]", exact_text: "dried").click
    typed("Thinned with", "3")
    has("zones", 0, "courses", 0, "dilution", 3)
    fill_in "Note", with: "from the estuary"
    find_field("Thinned with").click
    has("zones", 0, "courses", 0, "note", "from the estuary")
    choose("Way of working", "Scatter … into glue on …")
    has("zones", 0, "courses", 0, "technique", "drop_in_binder")
    expect(stored["zones"][0]["courses"][0].slice("rig", "on", "fixing", "treated", "technique"))
      .to eq("rig" => "sieve", "on" => "low", "fixing" => { "glue" => "wood_glue" }, "treated" => %w[washed dried],
        "technique" => "drop_in_binder")
    within("[aria-label=Courses]") { click_button "None" }
    has("zones", 0, "courses", 0, "colour", nil)
    fill_in "Laid in", with: "gesso"
    expect(page).to have_css("[role=option]", text: "acrylic primer")
    fill_in "Laid in", with: "sharp"
    find("[role=option]", text: "sharp sand").click
    has("zones", 0, "courses", 0, "material", "coarse_sand")
    expect(stored["zones"][0]["courses"][0]).to include("note" => "from the estuary")
    choose("Tool", "not said")
    has("zones", 0, "courses", 0, "rig", nil)
  end

  it "of ground, and the rest of it laid again" do
    open(plain_file(zones: [zone(id: "bank", name: "bank", outline: rectangle(30, 20))]))
    click_button "All parts"
    click_button "Ground on all the rest"
    eventually { stored["zones"].map { |one| one["outline"]["kind"] } == %w[rest rectangle] }
    click_button "All parts"
    click_button "Lay rest higher"
    eventually { stored["zones"].map { |one| one["name"] } == %w[bank rest] }
    click_button "All parts"
    click_button "Bank"
    more
    choose("Looks", "damp")
    has("zones", 0, "moisture", "damp")
    choose("Built of", "Brick, uk")
    typed("Joint", "0.3")
    has("zones", 0, "unit", "joint_mm", 0.3)
  end

  it "of forms: a slope goes with its outline, seals lie one after another" do
    ramp = form("ramp", "rise", rectangle(40, 20), name: "rise", material: "xps_foam", from_mm: [-20, 0], to_mm: [20, 0],
      from_z_mm: 0, to_z_mm: 8)
    open(plain_file(forms: [ramp]))
    click_button "Rise"
    typed("Middle, across", "5")
    eventually { stored["forms"][0].values_at("from_mm", "to_mm") == [[-15, 0], [25, 0]] }
    typed("Width", "20")
    eventually { stored["forms"][0].values_at("from_mm", "to_mm") == [[-5, 0], [15, 0]] }
    typed("Turn", "90")
    eventually { stored["forms"][0].values_at("from_mm", "to_mm") == [[5, -10], [5, 10]] }
    click_button "Copy"
    eventually { stored["forms"].size == 2 }
    expect(stored["forms"][1]).to include("name" => "rise 2", "from_mm" => [15, -10], "to_mm" => [15, 10])
    more
    switch "May stand over the edge"
    has("forms", 1, "overhang", true)
    choose("Closed with", "matt medium")
    choose("and then", "acrylic primer")
    has("forms", 1, "seal", %w[matte_medium acrylic_primer])
  end

  it "of subjects" do
    open(plain_file(subjects: [figure(round(12), id: "guard", name: "guard", height_mm: 30)]), "compose")
    click_button "Guard", match: :first
    more
    choose("It comes", "painted")
    has("subjects", 0, "state", "painted")
    click_button "A disc is moulded under it"
    eventually { stored["subjects"][0]["disc"]&.fetch("thickness_mm") == 2 }
    typed("Disc thick", "1.5")
    has("subjects", 0, "disc", "thickness_mm", 1.5)
    typed("Head, across", "1")
    typed("Head, depth", "0")
    expect(stored["subjects"][0]).not_to have_key("head_mm")
    typed("Head, high", "28")
    has("subjects", 0, "head_mm", [1, 0, 28])
    click_button "No disc"
    has("subjects", 0, "disc", nil)
  end

  it "of features, waters and the plinth" do
    open(pool_file(level: 8, features: [{ id: "shed", name: "shed", kind: "building", outline: rectangle(20, 10, at: [25, 15]) },
      { id: "lamp", name: "lamp", kind: "light", outline: round(2, at: [-30, 10]), height_mm: 40 }]))
    click_button "Shed"
    more
    click_button "Parts not to forget: none said"
    eventually { stored.dig("features", 0, "parts") == [{ "name" => "door", "count" => 1 }] }
    typed("How many", "2")
    choose("Stands on", "Lamp")
    has("features", 0, "host", "lamp")
    has("features", 0, "parts", 0, "count", 2)
    click_button "All parts"
    click_button "Pool"
    more
    switch "The bed is sealed already"
    click_button "Layers of your own: none said"
    eventually { stored["waters"][0].slice("sealed", "layers") == { "sealed" => true, "layers" => [{ "thickness_mm" => 2 }] } }
    click_button "All parts"
    click_button "The plinth itself"
    more
    switch "Glazed"
    click_button "The top is smaller than the foot"
    eventually { stored["plinth"]["top_outline"] == stored["plinth"]["outline"] && stored["plinth"]["glazed"] }
    choose("Material", "extruded foam board")
    has("plinth", "material", "xps_foam")
  end
end
