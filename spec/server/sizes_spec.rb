# frozen_string_literal: true

RSpec.describe "Sizes of a base over HTTP" do
  include Api

  before { ServerSpec.clear }
  after { ServerSpec.clear }

  let(:build) { create(plain_file(subjects: [{ "id" => "cart", "kind" => "vehicle", "footprint" => rectangle(60, 30) }])) }

  def sizes(query = "") = get("/api/builds/#{build["id"]}/sizes#{query}").then { answer }

  it "are told, the smallest first, with the change that takes each" do
    found = sizes["sizes"]
    expect(found.map { |one| one["label"] }).to include("as it is", "the smallest of its shape", "150 mm round")
    small = found.find { |one| one["label"] == "the smallest of its shape" }
    change(build, *small["patch"])
    expect(read(build)["file"]["plinth"]["outline"]).to eq(small["outline"])
  end

  it "go by the room that is wished and a board at hand, and refuse nonsense" do
    board = sizes("?margin=20&width=80&depth=60")["sizes"].find { |one| one["label"] == "the board at hand" }
    expect(board).to include("room_mm" => 10.0, "word" => "small")
    ["?margin=x", "?width=80", "?width=0&depth=10", "?margin=9999"].each { |query| expect(sizes(query)["status"]).to eq(422), query }
  end
end
