# frozen_string_literal: true

RSpec.describe "Starting points over HTTP" do
  include Api

  before { ServerSpec.clear }
  after { ServerSpec.clear }

  def made(**wanted) = post_json("/api/starts", wanted)

  it "tells every start with its drawing" do
    get "/api/starts"
    starts = answer
    expect(starts.map { |start| start["key"] }).to include("swamp", "railway_strip", "floating_piece")
    expect(starts).to all(include("drawing" => include("foot" => be_an(Array)), "story" => be_a(String)))
  end

  it "makes one over for a scale and a base, and stores nothing" do
    vignette = made(start: "vignette", scale: 72, outline: { kind: "rectangle", width_mm: 60, depth_mm: 40 })
    expect(vignette["file"]).to include("scale" => 72, "plinth" => include("outline" => include("width_mm" => 60)))
    expect(vignette["drawing"]["foot"][0].map(&:first).minmax).to eq([-30.0, 30.0])
    expect(ServerSpec.store.all).to be_empty
  end

  it "makes the scheme of a build over, without its dates" do
    file = made(build: create(JSON.parse(File.read("samples/peat-bank.json")))["id"], scale: 48)["file"]
    expect(file).to include("scale" => 48, "zones" => be_an(Array))
    expect(file).not_to include("calendar")
  end

  it "says what is wrong" do
    expect(made(start: "castle", scale: 35)).to include("status" => 422, "problems" => [include("message" => /swamp/)])
    expect(made(start: "swamp", scale: 35, outline: { kind: "round", diameter_mm: -4 }))
      .to include("status" => 422, "problems" => [include("pointer" => "/plinth/outline/diameter_mm")])
    expect(made(start: "swamp", scale: 0)["status"]).to eq(422)
    expect(made(scale: 35)["status"]).to eq(422)
    expect(made(build: 999_999, scale: 35)["status"]).to eq(404)
  end
end
