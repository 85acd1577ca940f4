# frozen_string_literal: true

RSpec.describe GreenPlinth::Steps::Names do
  let(:file) { plain_file(zones: [zone(course("earth_paste", thickness_mm: 3), course("fine_sand"), id: "moor")]) }
  let(:spread) { evaluation(file).steps.find { |step| step.material == "earth_paste" } }

  def named = GreenPlinth::Patch.apply(file, described_class.new(design(file)).patch([spread.id, "plinth/prepare"]))

  it "gives the course of a step a name, and leaves its step there when another is laid above" do
    id = described_class.new(design(named)).now(spread.id)
    expect(evaluation(named).steps.map(&:id)).to include(id)
    above = GreenPlinth::Patch.apply(named,
      [{ "op" => "add", "path" => "/zones/0/courses/0", "value" => { "material" => "wall_filler", "thickness_mm" => 1 } }])
    expect(evaluation(above).steps.find { |step| step.id == id }.material).to eq("earth_paste")
  end

  it "names nothing twice, and leaves ids alone that are of no place" do
    again = described_class.new(design(named))
    expect(again.patch([spread.id, again.now(spread.id)])).to be_empty
    expect(again.now("plinth/prepare")).to eq("plinth/prepare")
    expect(again.now("moor/1-fine_sand")).to eq("moor/1-fine_sand")
  end
end
