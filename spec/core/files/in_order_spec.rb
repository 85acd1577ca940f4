# frozen_string_literal: true

RSpec.describe GreenPlinth::Files::InOrder do
  let(:in_order) { described_class.new }

  def shuffled(value, random)
    case value
    when Hash then value.to_a.shuffle(random: random).to_h { |key, inner| [key, shuffled(inner, random)] }
    when Array then value.map { |inner| shuffled(inner, random) }
    else value
    end
  end

  # Members in the order in which they are written.
  def keys(value)
    case value
    when Hash then value.flat_map { |key, inner| [key, *keys(inner)] }
    when Array then value.flat_map { |inner| keys(inner) }
    else []
    end
  end

  it "puts the members of a build as the format has them" do
    file = { "zones" => [{ "courses" => [], "name" => "turf", "id" => "turf", "ground" => "turf" }], "scale" => 35,
"format" => "green-plinth/1" }
    expect(in_order.call(file).keys).to eq(%w[format scale zones])
    expect(in_order.call(file)["zones"][0].keys).to eq(%w[id name ground courses])
  end

  it "keeps what the format does not know, at the end, and lists as they are" do
    expect(in_order.call({ "own" => 1, "title" => "x", "order" => [{ "then" => "b", "first" => "a" }] }).to_a)
      .to eq([["title", "x"], ["order", [{ "first" => "a", "then" => "b" }]], ["own", 1]])
  end

  Dir["samples/*.json"].each do |path|
    it "#{File.basename(path, ".json")}: comes out the same however it was mixed, and loses nothing" do
      file = JSON.parse(File.read(path))
      written = Array.new(2) { |seed| in_order.call(shuffled(file, Random.new(seed))) }
      expect(written).to all(eq(file))
      expect(keys(written[0])).to eq(keys(written[1]))
    end
  end
end
