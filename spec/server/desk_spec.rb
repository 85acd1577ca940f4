# frozen_string_literal: true

RSpec.describe "The desk" do
  let(:desk) { ServerSpec.store.then { |store| GreenPlinth::Server::Desk.new(store) } }

  before { ServerSpec.clear }

  it "cuts the section through the first water unless told where" do
    id = desk.create(pool_file(level: 8, outline: rectangle(40, 20, at: [0, 15])))
    expect(desk.show(desk.find(id))["sections"][0]["from"][1]).to be_within(0.01).of(15)
    expect(desk.show(desk.find(id), [[0.0, -30.0, 0.0, 30.0]])["sections"][0]["from"]).to eq([0.0, -30.0])
  end

  it "cuts through the middle of a dry base, and for a line without length" do
    id = desk.create(plain_file)
    expect(desk.show(desk.find(id))["sections"][0]).to include("from" => [-50.0, 0.0], "to" => [50.0, 0.0])
    expect(desk.show(desk.find(id), [[5.0, 5.0, 5.0, 5.0]])["sections"][0]["length_mm"]).to eq(100)
  end

  it "keeps the shelf's words with the build" do
    desk.create(sample("peat-bank"))
    summary = desk.shelf.first.summary
    expect(summary).to include("title" => "Peat bank at Corrie Moss", "scale" => 35, "bounds_mm" => [120.0, 90.0],
      "kind" => "oval")
    expect(summary["steps"].map { |step| step["start"] }).to eq(summary["steps"].map { |step| step["start"] }.sort)
  end

  it "keeps them true through undo" do
    id = desk.create(plain_file)
    desk.change(id, 1, "Rename", [{ "op" => "replace", "path" => "/title", "value" => "Other" }])
    desk.undo(id, 2)
    expect(desk.shelf.first.summary["title"]).to eq("Specimen")
  end

  it "says what is not there" do
    expect { desk.find(4_000_000) }.to raise_error(GreenPlinth::Server::Refusal) { |problem| expect(problem.status).to eq(404) }
    expect { desk.delete(4_000_000) }.to raise_error(GreenPlinth::Server::Refusal)
  end

  it "ships samples that are valid, each by its own file name" do
    desk.put_samples_back(Date.new(2027, 3, 1))
    expect(desk.shelf.map(&:sample_key)).to match_array(sample_names)
  end
end
