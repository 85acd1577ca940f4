# frozen_string_literal: true

# Several parts, copies, and what is carried from place to place and from build to build.
RSpec.describe "Many at once", type: :feature do
  def stored(id = @id) = ServerSpec.store.find(id).file
  def places(list = "subjects") = stored[list].map { |one| one["at_mm"] }

  describe "several parts" do
    before do
      men = [[-30, -10], [-6, 4], [25, 14]].each_with_index.map do |at, i|
        figure(round(8), id: "man-#{i + 1}", name: "man #{i + 1}", at_mm: at, height_mm: 30)
      end
      @id = open_build(plain_file(subjects: men), "compose")
    end

    def light(*indices)
      click_button "Pick several"
      indices.each { |index| find("[aria-label=Plan] [data-part='/subjects/#{index}']").click }
      click_button "Pick several"
    end

    it "are lined up with the first, spread between the outermost, nudged together and taken out" do
      light(0, 1, 2)
      expect(page).to have_text("3 parts lit")
      click_button "Middles in depth"
      eventually { places == [[-30, -10], [-6, -10], [25, -10]] }
      click_button "Spread evenly across"
      eventually { places == [[-30, -10], [-2.5, -10], [25, -10]] }
      press([:Shift, :Up])
      eventually { places == [[-30, -5], [-2.5, -5], [25, -5]] }
      drag(on_plan(-30, -5), on_plan(-26, -5))
      eventually { places == [[-26, -5], [1.5, -5], [29, -5]] }
      click_button "Take out all"
      eventually { stored["subjects"] == [] }
      press([:Control, "z"])
      eventually { stored["subjects"].size == 3 }
    end

    it "are copied in ranks, numbered on" do
      find("[aria-label=Plan] [data-part='/subjects/2']").click
      click_button "Copies in ranks…"
      typed("Across", "2")
      typed("In depth", "2")
      typed("Every, across", "10")
      typed("Every, depth", "-12")
      click_button "Make 3 copies"
      eventually { stored["subjects"].size == 6 }
      expect(stored["subjects"].last(3).map { |one| one.values_at("name", "at_mm") })
        .to eq([["man 4", [35, 14]], ["man 5", [25, 2]], ["man 6", [35, 2]]])
      expect(stored["subjects"].map { |one| one["id"] }.uniq.size).to eq(6)
    end
  end

  describe "courses" do
    let(:mix) do
      parts = { "wood_glue" => 1, "sifted_soil" => 2 }.map { |material, amount| { "material" => material, "amount" => amount } }
      { "id" => "mud", "name" => "mud", "parts" => parts }
    end
    let(:laid) { [{ "material" => "fine_sand", "grain_mm" => [0.1, 0.3] }, { "material" => "mix:mud" }] }
    let(:file) do
      plain_file(mixes: [mix], zones: [zone(*laid.each_with_index.map { |one, i| one.merge("id" => "c-#{i}") }, name: "bank"),
        zone(id: "path", name: "path", outline: rectangle(40, 10))])
    end

    it "are copied to other ground, and with their mixes into another build" do
      @id = open_build(file)
      click_button "Bank"
      click_button "Copy the courses"
      click_button "All parts"
      click_button "Path"
      click_button "Paste courses"
      eventually { stored["zones"][1]["courses"] == laid }
      expect(stored["mixes"]).to eq([mix])

      other = open_build(plain_file(title: "Other", zones: [zone(name: "shore")]))
      expect(page).to have_text("Shore: courses")
      press([:Control, "v"])
      eventually { stored(other)["zones"][0]["courses"]&.size == 2 }
      made = stored(other)["mixes"][0]
      expect(made).to include("name" => "mud", "parts" => mix["parts"])
      expect(stored(other)["zones"][0]["courses"][1]).to eq("material" => "mix:#{made["id"]}")
    end

    it "are kept under a name and laid anywhere, until they are forgotten" do
      @id = open_build(file)
      click_button "Bank"
      click_button "Keep them as…"
      fill_in "Keep these courses as", with: "my wet bank"
      click_button "Keep", exact: true
      click_button "All parts"
      click_button "Path"
      click_button "Lay a stack of yours…"
      find("[role=menuitem]", text: "my wet bank").click
      eventually { stored["zones"][1]["courses"]&.size == 2 }
      click_button "Lay a stack of yours…"
      find("button[aria-label='Forget my wet bank']").click
      expect(page).to have_no_css("[role=menuitem]", text: "my wet bank")
    end
  end

  it "ground is split along the section, and joined again" do
    @id = open_build(plain_file(zones: [zone(course("earth_paste", id: "paste"), id: "moor", name: "moor")]))
    find("[role=toolbar]") # The plan is there
    click_button "Moor", match: :first
    click_button "Split along section A"
    eventually { stored["zones"].map { |one| one["name"] } == ["moor", "moor 2"] }
    click_button "All parts"
    click_button "Pick several"
    [[-20, 15], [-20, -15]].each { |place| tap(on_plan(*place)) }
    click_button "Join into", match: :first
    eventually { stored["zones"].size == 1 }
    expect(GreenPlinth::Plan::Outline.polygon(stored["zones"][0]["outline"]).area).to be_within(1).of(6000)
  end

  it "a part is pasted into another build where it stood" do
    @id = open_build(plain_file(forms: [cut(4, rectangle(20, 10, at: [12, 3]), name: "hollow")]))
    click_button "Hollow"
    press([:Control, "c"])
    @id = open_build(plain_file(title: "Other"))
    press([:Control, "v"])
    eventually { stored["forms"]&.size == 1 }
    expect(stored["forms"][0]).to include("kind" => "cut", "name" => "hollow", "outline" => include("at_mm" => [12, 3]))
    # By a finger alone; beside what stands at its place.
    click_button "Take along"
    click_button "All parts"
    click_button "Paste hollow"
    eventually { stored["forms"].size == 2 }
    expect(stored["forms"][1]["outline"]["at_mm"]).to eq([22, 3])
  end
end
