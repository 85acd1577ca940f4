# frozen_string_literal: true

require "tmpdir"
require "vips"

RSpec.describe "Photographs by hand", type: :feature do
  let(:file) { plain_file(title: "Fen", subjects: [figure(round(8), id: "heron", name: "heron", paint_min: 30)]) }

  def photograph(name)
    shot = (Vips::Image.black(400, 200, bands: 3) + [90, 120, 60]).cast(:uchar).copy(interpretation: :srgb)
    File.join(Dir.tmpdir, name).tap { |path| File.binwrite(path, shot.jpegsave_buffer) }
  end

  def told(id) = ServerSpec.store.events(id).select { |event| event["kind"] == "pictured" }.map { |event| event["data"] }

  it "lie under the plan by two points and a distance, moved by numbers and taken away again" do
    id = open_build(file, "build-up")
    click_button "Photograph beneath"
    attach_file("A photograph to trace", photograph("fen.jpg"), visible: :all)
    expect(page).to have_css("[role=slider][aria-label='First point']")
    # From 100 to 300 px across at first; forty to the right make it 160.
    find("[role=slider][aria-label='First point']").send_keys(*([%i[shift right]] * 4))
    click_button "Lay it under the plan"
    expect(page).to have_css("[role=alert]", text: "how far apart the two points are")
    fill_in "Between the two points", with: "80"
    click_button "Lay it under the plan"
    expect(page).to have_css("[data-underlay='1'][width='200'][height='100']")
    expect(told(id).last["underlay"]).to include("mm_per_px" => 0.5, "at_mm" => [0, 0])
    expect(barriers).to be_empty
    click_button "Photograph beneath"
    fill_in("Turned", with: "90").send_keys(:enter)
    eventually { told(id).last["underlay"]["turn_deg"] == 90 }
    click_button "Take it away"
    expect(page).to have_no_css("[data-underlay]")
  end

  it "wait on the device while the server cannot be reached, and are told of when it can" do
    id = open_build(file, "daybook")
    fill_in "Note", with: "from the door"
    page.driver.browser.network.emulate_network_conditions(offline: true)
    attach_file("A photograph", photograph("door.jpg"), visible: :all)
    expect(page).to have_text("1 photograph kept on this device")
    expect(told(id)).to eq([])
    page.driver.browser.network.emulate_network_conditions(offline: false)
    eventually(15) { told(id).map { |data| data["text"] } == ["from the door"] }
    expect(page).to have_css("[data-entry=pictured] img[alt='from the door']")
  ensure
    page.driver.browser.network.emulate_network_conditions(offline: false)
  end

  it "are pinned to a part with the fact that they are kept for, and shown where it is worked on" do
    ServerSpec.at("19:00:00")
    id = open_build(file, "build-up")
    find("button", text: /heron/i, match: :first).click
    fill_in "What it shows", with: "stands on one leg"
    attach_file("A photograph of the part", photograph("heron.jpg"), visible: :all)
    expect(page).to have_css("figure[data-reference='1']", text: "stands on one leg")
    expect(told(id).last).to include("fact" => "stands on one leg", "part" => "/subjects/0")
    visit("/builds/#{id}/bench")
    find("[data-begin='heron/paint'] button", match: :first).click
    expect(page).to have_css("section figure[data-reference='1']", text: "stands on one leg")
  end
end
