# frozen_string_literal: true

RSpec.describe GreenPlinth::Composition::Arrangements do
  let(:file) do
    plain_file(purpose: "vignette", subjects: [
      figure(rectangle(24, 10), id: "cart", kind: "vehicle", height_mm: 20, focal: true),
      figure(round(8), id: "carter", at_mm: [0, 12], height_mm: 45), figure(round(8), id: "dog", at_mm: [46, 0], height_mm: 12)])
  end

  def search = described_class.new(evaluation(file), seed: 1).call
  found = nil
  before { found ||= search }
  define_method(:found) { found }

  it "finds better placings, the best first, the same for the same seed" do
    expect(found).not_to be_empty
    expect(found.map(&:score)).to eq(found.map(&:score).sort.reverse)
    expect(found.map(&:score)).to all(be > found.first.before)
    expect(search.map(&:to_h)).to eq(found.map(&:to_h))
  end

  it "leaves every subject on the top, apart from the others, and the file valid" do
    found.each do |arrangement|
      changed = GreenPlinth::Patch.apply(file, arrangement.patch)
      expect(problems(changed)).to be_empty
      expect(evaluation(changed).snags.map(&:code)).not_to include("fit/off_plinth", "fit/clearance")
    end
  end

  it "keeps a hull where its opening is cut" do
    hull = file.merge("subjects" => [file["subjects"][0].merge("kind" => "hull")])
    expect(described_class.new(evaluation(hull), seed: 1).call).to be_empty
  end

  it "says in figures what changes" do
    expect(found.flat_map(&:changes)).to all(include("text" => match(/→/)))
  end
end
