# frozen_string_literal: true

RSpec.describe GreenPlinth::Starts::Start do
  let(:catalogue) { GreenPlinth::Catalogue.default }

  def troubles(made)
    GreenPlinth.evaluate(GreenPlinth::Files::PlinthFile.new(catalogue).build(made), memo: GreenPlinth::Memo.new).to_h["snags"]
      .reject { |snag| snag["severity"] == "advice" }.map { |snag| snag.values_at("code", "message") }
  end

  it "offers a dozen, each with a name and a sentence of its own" do
    expect(described_class.all.size).to eq(12)
    %i[name story].each { |told| expect(described_class.all.map(&told).uniq.size).to eq(12) }
    expect(described_class.all.map { |start| start.file["purpose"] }.uniq.size).to be >= 6
  end

  # A start that begins with trouble teaches nothing.
  described_class.all.each do |start|
    it "#{start.key}: nothing stops or spoils it as it is, at other scales, on a smaller base and on a larger one" do
      smaller, larger = [0.75, 1.8].map { |by| GreenPlinth::Starts::Resized.by(start.file["plinth"]["outline"], by) }
      [[start.file["scale"], nil], [28, nil], [87, nil], [start.file["scale"], smaller],
[start.file["scale"], larger]].each do |scale, outline|
        made = GreenPlinth::Starts::Remade.new(catalogue, start.scheme, scale: scale, outline: outline).to_h
        expect([scale, outline, troubles(made)]).to eq([scale, outline, []])
      end
    end
  end

  it "knows them by their keys" do
    expect(described_class.of("stream").name).to eq("Stream")
    expect(described_class.of("nothing")).to be_nil
  end
end
