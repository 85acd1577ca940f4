# frozen_string_literal: true

RSpec.describe GreenPlinth::Files::SequenceFile do
  let(:file) do
    { "format" => "green-plinth-sequence/1", "start" => "2027-03-01T00:00",
      "sittings" => [{ "from" => "2027-03-01T19:30", "to" => "2027-03-01T22:00" }],
      "steps" => [{ "id" => "a", "hands_on_min" => 20, "tail_min" => 0, "after" => [] },
                  { "id" => "b", "hands_on_min" => 10, "after" => [{ "step" => "a", "at_least_min" => 30, "at_most_min" => nil }] }] }
  end

  def read(data = file) = described_class.read(JSON.generate(data))

  def pointers(data)
    read(data)
    []
  rescue GreenPlinth::InvalidFile => e
    e.problems.map(&:pointer)
  end

  it "reads steps, waits and sittings" do
    network = read
    expect(network.steps.map(&:id)).to eq(%w[a b])
    expect(network.by_id["b"].after.first).to have_attributes(first: "a", at_least_min: 30, at_most_min: nil)
    expect(network.sittings).to eq([[minutes("2027-03-01T19:30"), minutes("2027-03-01T22:00")]])
  end

  it "takes null sittings for an always open bench" do
    expect(read(file.merge("sittings" => nil)).sittings).to be_nil
  end

  it "joins sittings that overlap and drops what lies before the start" do
    sittings = [%w[2027-03-01T20:00 2027-03-01T23:00], %w[2027-03-01T19:30 2027-03-01T22:00],
      %w[2027-02-20T19:30 2027-02-20T22:00]].map do |from, to|
      { "from" => from, "to" => to }
    end
    expect(read(file.merge("sittings" => sittings)).sittings).to eq([[minutes("2027-03-01T19:30"),
      minutes("2027-03-01T23:00")]])
  end

  it "finds every problem with its pointer" do
    bad = { "format" => "other", "start" => "soon", "sittings" => [{ "from" => "2027-03-01T22:00", "to" => "2027-03-01T20:00" }],
            "steps" => [{ "id" => "a", "hands_on_min" => -1 }, { "id" => "a", "after" => [{ "step" => "ghost" }, 3] }, 7] }
    expect(pointers(bad)).to contain_exactly("/format", "/start", "/sittings/0/to", "/steps/0/hands_on_min", "/steps/1/after/1",
      "/steps/2", "/steps/1/id", "/steps/1/after/0/step")
  end

  it "wants an object with steps" do
    expect(pointers([])).to eq([""])
    expect(pointers(file.except("steps"))).to eq(["/steps"])
  end
end
