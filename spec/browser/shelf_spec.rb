# frozen_string_literal: true

require "tmpdir"

RSpec.describe "The shelf", type: :feature do
  it "begins empty and says what to do" do
    visit "/"
    expect(page).to have_text("Nothing on the shelf yet")
    click_button "Put the samples back"
    # Each is computed for the first time.
    expect(page).to have_css("article", count: sample_names.size, wait: 60)
    expect(page).to have_css("article", text: /Lineside lane.*days late.*1 stops the work/m)
    expect(page).to have_css("article svg[aria-label^='Plan of']", count: sample_names.size)
  end

  it "opens a build and comes back" do
    open_build(sample("peat-bank"))
    expect(page).to have_text("Section A")
    click_link "Green Plinth, to the shelf"
    expect(page).to have_css("article", text: "Peat bank at Corrie Moss")
  end

  it "asks before it deletes" do
    open_build(plain_file(title: "Old thing"))
    visit "/"
    click_button "Delete Old thing"
    click_button "Keep it"
    expect(page).to have_css("article", text: "Old thing")
    click_button "Delete Old thing"
    click_button "Delete it"
    expect(page).to have_no_css("article")
  end

  it "opens a plinth file, and refuses a bad one with each problem's place" do
    visit "/"
    Dir.mktmpdir do |folder|
      bad = File.join(folder, "bad.json")
      File.write(bad, JSON.generate(plain_file(zones: [zone(course("cheese"))])))
      attach_file("Plinth file", bad, make_visible: true)
      expect(page).to have_text("/zones/0/courses/0/material")
      expect(page).to have_text("cheese is not in the catalogue")
      large = File.join(folder, "large.json")
      File.write(large, "x" * 5_000_000)
      attach_file("Plinth file", large, make_visible: true)
      expect(page).to have_text("is 5.0 MB; a plinth file is 2 MB at the most")
    end
    attach_file("Plinth file", File.join(Specimens::ROOT, "samples/peat-bank.json"), make_visible: true)
    expect(page).to have_css("h1", text: "Peat bank at Corrie Moss", wait: 20)
  end

  it "brings everything in that was saved, and says what it was" do
    ServerSpec.store.create(JSON.parse(JSON.generate(plain_file(title: "Carried"))), summary: { "title" => "Carried" })
    bytes = GreenPlinth::Server::Everything.new(GreenPlinth::Server::Desk.new(ServerSpec.store)).pack
    ServerSpec.clear
    Dir.mktmpdir do |folder|
      path = File.join(folder, "all.zip")
      File.binwrite(path, bytes)
      visit "/"
      expect(page).to have_link("Save everything", href: "/api/everything")
      attach_file("Everything", path, make_visible: true)
      expect(page).to have_css("[role=alert]", text: "Brought in: 1 build")
      expect(page).to have_css("article[aria-label='Carried']")
    end
  end

  it "says that there is no such build" do
    visit "/builds/987654"
    expect(page).to have_text("There is no such build")
    click_link "To the shelf"
    expect(page).to have_css("h1", text: "Shelf")
  end
end
