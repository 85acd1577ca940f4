# frozen_string_literal: true

$LOAD_PATH.unshift(File.join(Specimens::ROOT, "devices/lib"))
require "green_plinth/devices/scales"
require "green_plinth/devices/socket"
require "vips"

RSpec.describe "Stores, mixes and scales by hand", type: :feature do
  let(:store) { ServerSpec.store }
  let(:file) { plain_file(title: "Sedge bank", zones: [zone(course("earth_paste", id: "bed", thickness_mm: 2))]) }

  def pick(field, text)
    fill_in(field, with: text)
    find("[role=option]", text: /\A#{text}\z/i, match: :first).click
  end

  def number(label, value, within: page)
    within.find_field(label).set(value.to_s).send_keys(:enter)
  end

  def recipe(name, *parts)
    click_button "New recipe"
    fill_in "Name", with: name
    parts.each_with_index do |(amount, material, tone), index|
      pick(index.zero? ? "The first part" : "Another part", material)
      row = find("[role=group][aria-label='Part #{index + 1}']")
      number("Parts", amount, within: row)
      next unless tone

      colour("Colour of part #{index + 1}", tone)
    end
    expect(page).to have_css("section[aria-label='What it comes to']")
    click_button "Keep it"
    expect(page).to have_css("nav[aria-label=Recipes]", text: /#{name}/i)
  end

  it "puts a jar on the shelf, says that it is low, and takes it away" do
    visit "/stores"
    expect(page).to have_text("The shelf is empty")
    expect(barriers).to be_empty
    click_button "New jar"
    pick("What is in it", "earth texture paste")
    number("Full ones", 0)
    number("In the open one", 30)
    fill_in "Where it stands", with: "window sill"
    click_button "Put it on the shelf"
    expect(page).to have_css("section[aria-label='window sill'] [data-jar]", text: /Earth texture paste.*30 ml.*nearly empty/m)
    expect(page).to have_css("[data-jar] svg[aria-label='0 full ones, one open, 15 % full']")
    number("In the open one", 300)
    click_button "Save"
    expect(page).to have_css("[role=alert]", text: "more than a pack holds")
    expect(store.jars.first[1]["open"]).to eq(30)
    expect(barriers).to be_empty
    click_button "Take it away"
    expect(page).to have_text("The shelf is empty")
  end

  it "brings in a table whole, or says in which row it is wrong and takes nothing" do
    visit "/stores"
    Dir.mktmpdir do |folder|
      table = ->(text) { File.join(folder, "stores.csv").tap { |path| File.write(path, text) } }
      attach_file("Stores as CSV or JSON", table["material;pack;unit\nearth_paste;200;ml\nmoon_dust;1;ml\n"], make_visible: true)
      expect(page).to have_css("[role=alert]", text: /Nothing was taken over.*Row 3, material/m)
      attach_file("Stores as CSV or JSON", table["material;pack;unit;full\nearth_paste;200;ml;2\nfine_sand;500;g;1\n"], make_visible: true)
      expect(page).to have_css("[data-jar]", count: 2)
    end
  end

  it "stirs up an earth and a tone, lays them in a build, buys what is missing, and makes the tone again elsewhere" do
    visit "/mixes"
    recipe("moor earth", [6, "earth texture paste"], [2, "sharp sand"], [1, "sifted soil"], [1, "matt medium"], [1, "water"])
    recipe("bank tone", *%w[#6a4a2c #2a2420 #8a6a34 #e9e2d2].zip([5, 3, 1, 1]).map { |colour, parts| [parts, "acrylic paint", colour] })
    expect(barriers).to be_empty
    two = [file, file.merge("title" => "Sedge bank again")].map do |one|
      id = open_build(one)
      tap(on_plan(20, 10))
      pick("Lay another course on top", "bank tone")
      saved(id).tap { |build| expect(build.file["mixes"].map { |mix| mix["id"] }).to eq(["bank_tone"]) }
    end
    expect(two.map { |build| build.file["mixes"] }.uniq.size).to eq(1)
    visit "/builds/#{two.last.id}/quantities"
    expect(page).to have_css("[data-mix='mix:bank_tone']", text: /Bank tone for .* 5 : 3 : 1 : 1 by mass/m)
    expect(page).to have_css("[data-material=acrylic_paint]", text: "#", count: 4)
    click_button "I bought this list"
    expect(page).to have_text("All of it is on the shelf.")
    expect(store.jars.map { |_, jar| jar["colour"] }.compact).to match_array(%w[#6a4a2c #2a2420 #8a6a34 #e9e2d2])
    visit "/colours"
    fill_in "What did I paint … with?", with: "again tone"
    expect(page).to have_css("section[aria-label='Sedge bank again']", text: "bank tone")
    expect(page).to have_no_css("section[aria-label='Sedge bank']")
  end

  # The field may be drawn anew between being found and being set: it is looked for where it is set.
  def colour(field, value)
    find_field(field)
    page.execute_script(<<~JS, field, value)
      const named = [...document.querySelectorAll("input[type=color]")].find((one) =>
        [one.getAttribute("aria-label"), ...[...one.labels].map((label) => label.textContent)].includes(arguments[0]));
      Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(named, arguments[1]);
      named.dispatchEvent(new Event("input", { bubbles: true }));
      named.dispatchEvent(new Event("change", { bubbles: true }));
    JS
  end

  # A photograph of a swatch on the left and a grey card on the right, in light that is too red: linear 0.2, 0.1, 0.1 beside a card of
  # 0.36, 0.18, 0.18. In daylight the swatch is a grey of 0.1, code 89 (0x59).
  def photograph(path)
    left, right = [[124, 89, 89], [162, 118, 118]].map { |code| Vips::Image.black(200, 200).new_from_image(code).cast(:uchar) }
    left.join(right, :horizontal).copy(interpretation: :srgb).write_to_file(path)
  end

  it "finds the mixes of a tone read off a photograph, keeps one, and says how far the next batch is off" do
    paints = { "black" => "#1e1b18", "white" => "#f2efe6", "rust" => "#8c4a25" }
    full = { "material" => "acrylic_paint", "pack" => 17, "unit" => "ml", "full" => 1 }
    store.add_jars(paints.map { |name, code| full.merge("name" => name, "colour" => code) })
    visit "/mixes"
    Dir.mktmpdir do |folder|
      photograph(File.join(folder, "swatch.png"))
      attach_file("Photograph of a swatch beside a grey card", File.join(folder, "swatch.png"), make_visible: true)
      canvas = find("canvas")
      frame = page.evaluate_script("arguments[0].getBoundingClientRect().toJSON()", canvas)
      [0.25, 0.75].each { |share| tap([frame["x"] + (frame["width"] * share), frame["y"] + (frame["height"] / 2)]) }
    end
    eventually { find_field("Wished tone").value.delete("#").scan(/../).all? { |pair| (pair.hex - 0x59).abs <= 2 } }
    click_button "Find mixes"
    click_button "Make it a recipe", match: :first
    click_button "Keep it"
    expect(page).to have_css("nav[aria-label=Recipes]", text: /tone #/i)
    colour("It came out as", "#2a2825")
    batch = find("section[aria-label='This batch']")
    expect(batch).to have_text("It will be seen beside the last one.")
    expect(batch).to have_text(/Add \d+ ml of acrylic paint to 100 ml/)
    expect(barriers).to be_empty
  end

  it "weighs a batch on the simulated scales, and saves what was poured over" do
    scales = Thread.new { GreenPlinth::Devices::Socket.new(ENV.fetch("GREEN_PLINTH_SCALES"), GreenPlinth::Devices::Scales.new).run }
    sleep(0.01) until File.socket?(ENV.fetch("GREEN_PLINTH_SCALES"))
    open_build(pool_file(level: 8, medium: "two_part_resin"), "quantities")
    find("[data-mix=two_part_resin] button", match: :first).click
    click_button "Weigh it on the scales"
    pan = find("[role=group][aria-label='On the scales']")
    expect(pan).to have_text("simulated")
    expect(pan).to have_text(/\d g/)
    pan.click_button "Empty cup on the pan: begin"
    wanted = ->(name) { pan.text[/#{name}: ([\d.]+) g/, 1].to_f }
    resin = eventually { wanted["Resin"].then { |g| g if g.positive? } }
    expect(pan).to have_text(/^-?0(\.0\d)? g/)
    pour(pan, resin * 1.2)
    expect(pan).to have_text("Poured over. It can be saved")
    pan.click_button "That is in: next part"
    expect(pan).to have_text(/^-?0(\.0\d)? g/)
    more = eventually { wanted["Hardener"].then { |g| g if g.positive? } }
    expect(more).to be > resin / 2 * 1.05
    pour(pan, more * 0.5)
    pour(pan, more, by: "Drop by drop")
    pan.click_button "That is in"
    expect(pan).to have_text(/All in|Poured over. It can be saved/)
  ensure
    scales.kill.join
  end

  # Holds the button until the scales read as much. What is in the air by then comes on top.
  def pour(pan, grams, by: "Pour")
    page.execute_script("arguments[0].scrollIntoView({ block: 'center' })", pan)
    frame = page.evaluate_script("arguments[0].getBoundingClientRect().toJSON()", pan.find_button(by, exact: true))
    mouse.move(x: frame["x"] + 10, y: frame["y"] + 10)
    mouse.down
    eventually(20) { pan.text[/^([\d.]+) g/, 1].to_f >= grams * 0.97 }
    mouse.up
  end

  it "tells all by the maker's own units, money, clock and week" do
    visit "/settings"
    click_button "Inches"
    click_button "12 hours"
    expect(page).to have_text("0.5 in")
    fill_in "Currency", with: "JPY"
    find("[role=option]", text: "JPY").click
    expect(page).to have_text("¥13")
    eventually { store.preferences["currency"] == "JPY" }
    expect(barriers).to be_empty
    calendar = { "start" => "2028-03-01T19:30", "weekly" => [{ "day" => "wed", "from" => "19:30", "to" => "22:00" }] }
    id = open_build(file.merge("calendar" => calendar), "order")
    expect(page).to have_text(/7:30 pm/i)
    expect(page).to have_text(/Mar 2028/)
    visit "/builds/#{id}/quantities"
    expect(page).to have_text(/¥\d+/)
  ensure
    store.put_preferences({})
  end
end
