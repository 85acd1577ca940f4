# frozen_string_literal: true

require "vips"

RSpec.describe "The daybook by hand", type: :feature do
  let(:file) do
    plain_file(title: "Fen", zones: [zone(course("earth_paste", thickness_mm: 2, id: "paste", colour: "#5a4632"))],
      calendar: { start: "2027-03-01T09:00", weekly: [{ day: "mon", from: "19:00", to: "22:00" }] })
  end

  def picture(name, bytes) = File.join(Dir.tmpdir, name).tap { |path| File.binwrite(path, bytes) }

  it "tells what was noted, photographed and done, and finds it again" do
    ServerSpec.at("20:00:00")
    id = open_build(file, "daybook")
    expect(page).to have_text("Nothing has been begun yet")
    fill_in "Note", with: "cold fingers"
    click_button "Note it"
    expect(page).to have_css("[data-entry=noted]", text: "cold fingers")
    fill_in "Note", with: "from above"
    shot = Vips::Image.black(40, 30, bands: 3).copy(interpretation: :srgb).jpegsave_buffer
    attach_file("A photograph", picture("above.jpg", shot), visible: :all)
    expect(page).to have_css("[data-entry=pictured] img[alt='from above']")
    eventually { page.evaluate_script("document.querySelector('[data-entry=pictured] img').naturalWidth") == 40 }
    attach_file("A photograph", picture("lying.jpg", "<svg onload=alert(1)>"), visible: :all)
    expect(page).to have_css("[role=alert]", text: /no JPEG, PNG or WebP picture/)
    visit("/builds/#{id}/bench")
    click_button "Begin: Prepare the plinth"
    click_button "Done: hands off"
    eventually { ServerSpec.store.find(id).progress&.key?("done") }
    visit("/builds/#{id}/daybook")
    expect(page).to have_css("[data-entry=done]", text: "Prepare the plinth")
    expect(page).to have_css("img[alt^='Planned beside actual']")
    expect(barriers).to be_empty
    visit("/daybook")
    fill_in "What did I …?", with: "fingers"
    expect(page).to have_text("1 thing, the newest first")
    click_on "Fen"
    expect(page).to have_css("h1", text: "Daybook")
  end

  it "shows what was learnt, and leaves it off" do
    ServerSpec.at("2027-03-02T12:00:00")
    id = open_build(file, "order")
    rows = [%w[started 19:00:00], %w[laid 19:30:00]].map do |kind, clock|
      { "id" => SecureRandom.uuid, "kind" => kind, "at" => "2027-03-01T#{clock}Z", "step" => "paste",
        "of" => { "technique" => "spread_paste", "planned_min" => 10 } }
    end
    ServerSpec.store.add_events(id, rows) { |_| nil }
    ServerSpec.store.send(:restocked)
    visit("/daybook")
    eventually(10) { page.refresh || page.has_css?("[data-factor='pace:spread_paste']", wait: 1) }
    expect(page).to have_text(/takes you × 1\.3\d? of what the catalogue says/)
    expect(page).to have_text("that is thin, it counts for little yet")
    find("[data-factor='pace:spread_paste'] input[type=checkbox]", visible: :all).click
    eventually { ServerSpec.store.learnt_off == ["pace:spread_paste"] }
    expect(barriers).to be_empty
  end
end
