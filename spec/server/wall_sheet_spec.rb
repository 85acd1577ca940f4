# frozen_string_literal: true

require "pdf/inspector"

RSpec.describe "What is taken away and what is wanted so, over HTTP" do
  include Api

  before { ServerSpec.clear }
  after { ServerSpec.clear }

  let(:build) { create(plain_file(subjects: [figure(round(6), id: "scout")], purpose: "vignette")) }

  def export(path) = get("/api/builds/#{build["id"]}/export.#{path}").then { last_response }

  it "gives the sheet for the wall, on the paper asked for, with a code that leads back" do
    sheet = export("sheet?page=a3")
    expect(sheet.headers["content-type"]).to eq("application/pdf")
    expect(sheet.headers["content-disposition"]).to match(/\.pdf"/)
    expect(PDF::Inspector::Page.analyze(sheet.body).pages[0][:size].map(&:round)).to eq([842, 1191])
    squares = PDF::Inspector::Graphics::Rectangle.analyze(sheet.body).rectangles.select { |box| box[:width] < 4 }
    expect(squares.size).to be > 100
    expect(export("sheet?page=a9").status).to eq(422)
  end

  it "tells the list in the money that the maker chose" do
    put("/api/preferences", JSON.generate("currency" => "JPY"), "CONTENT_TYPE" => "application/json", "HTTP_X_CSRF_TOKEN" => token)
    expect(export("csv").body).to include("Costs, JPY")
  end

  it "writes the plinth file in the order of its format, whatever was added last" do
    change(build, { "op" => "add", "path" => "/story", "value" => "A scout waits." })
    keys = JSON.parse(export("json").body).keys
    expect(keys.first(4)).to eq(%w[format title story purpose])
  end

  it "keeps a snag quiet that is wanted, and tells it again" do
    told = read(build)["evaluation"]
    snag = told["snags"].find { |one| one["code"] == "composition/share" }
    wanted = { "code" => snag["code"], "of" => snag["of"], "reason" => "lost on the moor" }.compact
    changed = change(build, { "op" => "add", "path" => "/accepted", "value" => [wanted] })
    after = read(changed)["evaluation"]
    expect(after["snags"].map { |one| one["code"] }).not_to include("composition/share")
    expect(after["wanted_snags"]).to contain_exactly(include("wanted" => { "reason" => "lost on the moor", "path" => "/accepted/0" }))
    again = change(changed, { "op" => "remove", "path" => "/accepted/0" }, version: read(changed)["version"])
    expect(read(again)["evaluation"]["wanted_snags"]).to be_empty
  end
end
