# frozen_string_literal: true

RSpec.describe "Strata at the side of a plinth" do
  # A board of 100 × 60 mm, 20 mm thick, with 6 mm of cork all over and 2 mm of paste on it.
  let(:file) do
    plain_file(forms: [lift(6, rectangle(100, 60), id: "cork")], zones: [zone(course("earth_paste", thickness_mm: 2, id: "soil"))],
      sides: [{ "id" => "skirt", "courses" => [course("acrylic_primer")], "strata" => true }])
  end
  let(:skin) { evaluation(file).edge_skin }

  def heights(layer) = layer["runs"].flatten(1).map { |_, low, high| [low.round(2), high.round(2)] }.uniq

  it "show what runs out to it, over the plinth, each as high as it lies" do
    found = skin.strata.to_h { |layer| [layer["pointer"], heights(layer)] }
    expect(found).to eq("/forms/0" => [[20.0, 26.0]], "/zones/0/courses/0" => [[26.0, 28.0]])
  end

  # Two lines round 320 mm.
  it "are as long as they are seen" do
    expect(skin.strata_mm).to be_within(3).of(640)
    expect(skin.to_h([297, 210])["strata"].size).to eq(2)
  end

  it "leave out what does not come out to the side" do
    inland = plain_file(forms: [lift(6, rectangle(60, 30), id: "cork")])
    expect(evaluation(inland).edge_skin.strata).to be_empty
  end

  it "are painted over what the side is finished with, after all else" do
    times = evaluation(file).schedule
    primer = times.starts.keys.find { |id| id.start_with?("skirt/1") }
    expect(times.start("skirt/strata")).to be >= times.finish(primer)
    expect(times.start("skirt/strata")).to be >= times.finish("soil")
    expect(evaluation(file).steps.find { |step| step.id == "skirt/strata" }.title).to eq("Paint the strata on the plinth, all round")
  end

  it "are painted on one side by its share" do
    one = evaluation(file.merge("sides" => [file["sides"][0].merge("on" => "front")])).order.works.find { |work| work.id == "skirt/strata" }
    all = evaluation(file).order.works.find { |work| work.id == "skirt/strata" }
    expect(one.amount / all.amount).to be_within(0.01).of(100.0 / 320)
  end
end
