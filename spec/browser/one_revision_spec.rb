# frozen_string_literal: true

# One gesture is one revision: what is typed, turned or pulled is told once, when it is over.
RSpec.describe "One gesture, one revision", type: :feature do
  def version = ServerSpec.store.find(@id).version
  def stored = ServerSpec.store.find(@id).file

  # The wheel tells of each colour that the hand passes; put away, it has changed.
  def turn_wheel(label, *colours)
    page.execute_script(<<~JS, find_field(label), colours)
      for (const colour of arguments[1]) {
        Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(arguments[0], colour);
        arguments[0].dispatchEvent(new Event("input", { bubbles: true }));
      }
      arguments[0].dispatchEvent(new Event("change", { bubbles: true }));
    JS
  end

  it "turning a colour wheel" do
    @id = open_build(plain_file(zones: [zone(course("acrylic_paint", id: "paint", colour: "#112233"), name: "bank")]))
    click_button "Bank"
    within("[aria-label=Courses]") { find("[role=listitem] button", match: :first).click }
    before = version
    turn_wheel("Colour", "#223344", "#334455", "#445566")
    eventually { stored["zones"][0]["courses"][0]["colour"] == "#445566" }
    expect(version).to eq(before + 1)
    press([:Control, "z"])
    eventually { stored["zones"][0]["courses"][0]["colour"] == "#112233" }
  end

  it "typing an afternoon on a clock of twelve hours" do
    ServerSpec.store.put_preferences({ "clock" => "12" })
    calendar = { start: "2027-03-01T09:00", weekly: [{ day: "sat", from: "10:00", to: "16:00" }] }
    @id = open_build(plain_file(calendar: calendar), "brief")
    find("button[aria-label^='sat ']").click
    before = version
    within("[aria-label='The lit stretch']") { all("[role=spinbutton]").first.click }
    press("0100", "p", :Tab)
    find_field("Title").click
    eventually { stored["calendar"]["weekly"][0]["from"] == "13:00" }
    expect(version).to eq(before + 1)
  end

  it "typing a figure, digit by digit" do
    @id = open_build(plain_file(forms: [cut(3, rectangle(20, 10), name: "hollow")]))
    click_button "Hollow"
    before = version
    fill_in "Depth of cut", with: ""
    find_field("Depth of cut").send_keys("1", "1 1/2 mm")
    find_field("Width").click
    eventually { stored["forms"][0]["depth_mm"] == 11.5 }
    expect(version).to eq(before + 1)
  end

  it "draws on a tablet, where the tools lie above the plan" do
    @id = open_build(plain_file(zones: [zone(id: "moor", name: "moor")]))
    page.driver.resize(820, 1180)
    click_button "Fit"
    start_drawing "ground zone"
    [[-50, 30], [-50, -30], [0, -30]].each { |corner| tap(on_plan(*corner)) }
    click_button "Close it"
    eventually { stored["zones"].size == 2 }
    expect(stored["zones"][1]["outline"]["points_mm"]).to eq([[-50, 30], [-50, -30], [0, -30]])
  ensure
    page.driver.resize(1280, 800)
  end
end
