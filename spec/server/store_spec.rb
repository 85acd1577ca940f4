# frozen_string_literal: true

RSpec.describe "The store" do
  let(:store) { ServerSpec.store }
  let(:id) { store.create(plain_file, summary: { "title" => "Specimen" }) }

  before { ServerSpec.clear }

  def change(version, title)
    store.change(id, version, plain_file(title: title), label: "Call it #{title}", patch: [],
      summary: { "title" => title })
  end

  it "begins a build with its first revision" do
    expect(store.find(id)).to have_attributes(version: 1, undo: nil, redo: nil, sample_key: nil, file: plain_file)
  end

  it "counts a version for every move, undo and redo too" do
    change(1, "A")
    store.undo(id, 2, summary: {})
    store.redo(id, 3, summary: {})
    expect(store.find(id)).to have_attributes(version: 4, undo: "Call it A")
  end

  it "knows the file before and the file ahead" do
    expect(store.before(id)).to be_nil
    change(1, "A")
    expect(store.before(id)["title"]).to eq("Specimen")
    store.undo(id, 2, summary: {})
    expect(store.ahead(id)["title"]).to eq("A")
  end

  it "takes the newest branch ahead, and keeps the older one in the history" do
    change(1, "A")
    store.undo(id, 2, summary: {})
    change(3, "B")
    store.undo(id, 4, summary: {})
    expect(store.ahead(id)["title"]).to eq("B")
    expect(ServerSpec.database[:revisions].where(build_id: id).select_map(:label)).to include("Call it A",
      "Call it B")
  end

  it "takes an edit once, however often it comes" do
    edit = "00000000-0000-4000-8000-000000000001"
    twice = -> { store.change(id, 1, plain_file(title: "A"), label: "Call it A", patch: [], summary: {}, edit_id: edit) }
    twice.call
    twice.call
    expect(store.find(id)).to have_attributes(version: 2, undo: "Call it A")
    expect(store.taken?(id, edit)).to be(true)
    expect(store.taken?(store.create(plain_file, summary: {}), edit)).to be(false)
  end

  it "keeps patches instead of whole files, and tells each file of a long history" do
    heights = (1..45).to_a
    heights.each do |n|
      patch = [{ "op" => "add", "path" => "/story", "value" => "Told #{n} times" }]
      store.change(id, n, plain_file(story: "Told #{n} times"), label: "Tell", patch: patch, summary: {})
    end
    expect(ServerSpec.database[:revisions].where(build_id: id).exclude(file: nil).select_order_map(:depth)).to eq([0, 20, 40])
    told = heights.reverse.map do |n|
      store.undo(id, 91 - n, summary: {})
      store.find(id).file["story"]
    end
    expect(told).to eq([*heights.first(44).reverse.map { |n| "Told #{n} times" }, nil])
    expect(store.ahead(id)["story"]).to eq("Told 1 times")
  end

  it "refuses a stale version and changes nothing" do
    change(1, "A")
    expect { change(1, "B") }.to raise_error(GreenPlinth::Server::Store::Stale)
    expect(store.find(id).file["title"]).to eq("A")
  end

  it "has nothing where nothing is" do
    expect(store.find(12_345)).to be_nil
    expect(store.change(12_345, 1, {}, label: "x", patch: [], summary: {})).to be_nil
    expect(store.delete(12_345)).to be(false)
  end

  it "keeps one secret for the whole installation" do
    expect(store.secret("session")).to eq(GreenPlinth::Server::Store.new(ServerSpec.database).secret("session"))
    expect(store.secret("session").size).to be >= 64
    expect(store.secret("other")).not_to eq(store.secret("session"))
  end

  it "puts samples in the place of samples only" do
    id
    samples = { "one" => { file: plain_file(title: "Sample"), events: [] } }
    2.times { store.replace_samples(samples, ->(one) { { summary: one[:file].slice("title") } }) }
    expect(store.all.map(&:sample_key)).to contain_exactly("one", nil)
  end

  it "gives plain hashes that the core can compare" do
    file = store.find(id).file
    expect(file.class).to eq(Hash)
    expect(file["plinth"]["outline"].class).to eq(Hash)
    expect(GreenPlinth::Memo.digest(file)).to eq(GreenPlinth::Memo.digest(plain_file))
  end
end
