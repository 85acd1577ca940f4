# frozen_string_literal: true

require "vips"
require "zip"

RSpec.describe "The daybook over HTTP" do
  include Api

  let(:file) { plain_file(title: "Fen & <reed>", zones: [zone(course("earth_paste", thickness_mm: 2, id: "paste", colour: "#5a4632"))]) }
  let(:build) { create(file) }
  let(:path) { "/api/builds/#{build["id"]}" }

  before { ServerSpec.clear }
  after { ServerSpec.clear }

  def at(clock, day = "01") = "2027-03-#{day}T#{clock}:00.000+00:00"

  def photograph
    bytes = Vips::Image.black(30, 20, bands: 3).copy(interpretation: :srgb).jpegsave_buffer
    custom_request("POST", "#{path}/pictures", {}, { :input => bytes, "CONTENT_TYPE" => "image/jpeg", "HTTP_X_CSRF_TOKEN" => token })
    answer["number"]
  end

  def evening
    picture = photograph
    record(build, event("started", step: "plinth/prepare", at: at("19:00")), event("laid", step: "plinth/prepare", at: at("19:20")),
      event("started", step: "paste", at: at("19:30")), event("laid", step: "paste", at: at("19:40")),
      event("seen_dry", step: "paste", at: at("05:40", "02")), event("noted", at: at("20:00"), data: { text: "cold room, *damp*" }),
      event("pictured", step: "paste", at: at("20:05"), data: { picture: picture, text: "first coat" }),
      event("redone", step: "paste", at: at("19:00", "02"), data: { why: "cracked", off: ["paste"] }),
      event("laid", step: "paste", at: at("19:30", "02")))
    picture
  end

  it "tells each day what was done, planned beside actual, and what it cost" do
    evening
    get("#{path}/daybook")
    told = answer
    expect(told["days"].map { |day| day["day"] }).to eq(%w[2027-03-01 2027-03-02])
    prepare = told["days"].first["entries"].first
    expect(prepare).to include("kind" => "done", "title" => "Prepare the plinth", "spent_min" => 20.0)
    expect(told["days"].last["entries"].map { |one| one["kind"] }).to include("redone", "done")
    expect(told["redos"]).to eq(1)
    once = build["evaluation"]["quantities"].find { |line| line["material"] == "earth_paste" }["used_minor"]
    expect(told["spent_minor"]).to be >= 2 * once
  end

  it "goes out as one page that stands alone" do
    evening
    get("#{path}/daybook.html")
    page = Nokogiri::HTML5(last_response.body)
    expect(page.at("h1").text).to eq("Fen & <reed>")
    expect(page.css("img").map { |image| image["src"] }).to match([a_string_starting_with("data:image/jpeg;base64,")])
    expect(page.text).to include("cold room, *damp*", "Done again: Spread", "cracked")
    expect(last_response.body).not_to match(%r{(src|href)="?https?:})
    expect(page.at("svg title").text).to include("planned and actual")
  end

  it "goes out as Markdown with its pictures" do
    picture = evening
    get("#{path}/daybook.zip")
    files = Zip::File.open_buffer(StringIO.new(last_response.body)).to_h { |one| [one.name, one.get_input_stream.read] }
    expect(files.keys).to contain_exactly("daybook.md", "planned-and-actual.svg", "pictures/#{picture}.jpg")
    expect(files["daybook.md"].force_encoding("UTF-8"))
      .to include("# Fen & \\<reed\\>", "cold room, \\*damp\\*", "![first coat](pictures/#{picture}.jpg)")
    expect(Vips::Image.new_from_buffer(files["pictures/#{picture}.jpg"], "").width).to eq(30)
  end

  it "draws what was planned beside what was, and says so where nothing was begun" do
    get("#{path}/daybook.svg")
    expect(last_response.body).to include("Nothing has been begun yet")
    evening
    get("#{path}/daybook.svg")
    drawn = Nokogiri::XML(last_response.body) { |options| options.strict }
    expect(drawn.css("rect").size).to be > 5
    expect(drawn.text).to include("again ×1")
  end

  it "finds again what was done with which material, over all builds, and not what was taken back" do
    evening
    search = ->(words) { get("/api/daybook?search=#{URI.encode_www_form_component(words)}").then { answer["found"] } }
    expect(search["earth paste"].map { |one| one["title"] }.uniq).to eq(["Spread earth texture paste on ground"])
    expect(search["damp"].first).to include("build" => build["id"], "text" => "cold room, *damp*")
    note = get("#{path}/events").then { answer["events"] }.find { |one| one["kind"] == "noted" }
    record(build, event("took_back", data: { event: note["id"] }))
    expect(search["damp"]).to be_empty
    expect(search["100%"]).to be_empty
  end
end
