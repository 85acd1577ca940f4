# frozen_string_literal: true

require "ripper"

# The core asks traits and members: a key of a kind, a material or a technique written into the code would leave out
# whatever a maker, or the next record, adds beside it.
RSpec.describe "Keys of the trade" do
  # Words that mean something else where they stand.
  let(:meant) do
    {
      "water" => "what every tap gives, and the member of a snag", "grass" => "the member of a ground that names its grass",
      "lamp" => "what shortens a cure", "impress" => "a window of a material", "paper" => "what a plan is printed on",
      "pinned" => "a step that the maker pinned to a day", "dry" => "a phase of drying", "wet" => "what is wet now",
      "hull" => "how a body is drawn", "figure" => "a judgement's figure", "steps" => "steps of work", "loose" => "a class of slope",
      "primed" => "a trait of faces", "boards" => "sheets to cut from"
    }
  end
  # What comes with the file's own shape: outlines, days, objectives of the engine.
  let(:lists) do
    %w[features subjects forms mounts schools purposes families phases grounds treatments rigs packets]
  end

  let(:keys) do
    sides = catalogue.kinds["schools"].each_value.flat_map { |school| school["sides"].keys }
    (catalogue.materials.keys + catalogue.techniques.keys + lists.flat_map { |list| catalogue.kinds[list].keys } + sides).to_set
  end
  # What may be asked for: traits, and the ways in which the ground of forms is computed.
  let(:traits) do
    records = catalogue.kinds.to_h.values.flatten
    (catalogue.kinds["traits"].keys + records.flat_map { |kind| kind["traits"] || [] } + records.map { |kind| kind["shape"] }).to_set
  end
  let(:members) do
    Dir[File.join(GreenPlinth::DATA, "format/*.json")].flat_map { |path| properties(JSON.parse(File.read(path))) }.to_set
  end

  def properties(node)
    case node
    when Hash then (node["properties"].is_a?(Hash) ? node["properties"].keys : []) + node.values.flat_map { |inner| properties(inner) }
    when Array then node.flat_map { |inner| properties(inner) }
    else []
    end
  end

  # Texts and words of %w lists in a file, with their lines.
  def texts(path)
    Ripper.lex(File.read(path)).select { |_, kind, _| kind == :on_tstring_content }.map { |(line, _), _, text, _| [text, line] }
  end

  it "stand in records, not in the code" do
    named = Dir[File.join(Specimens::ROOT, "core/lib/**/*.rb")].flat_map do |path|
      texts(path).select { |text, _| keys.include?(text) && !traits.include?(text) && !members.include?(text) && !meant.key?(text) }
                 .map { |text, line| "#{path.delete_prefix("#{Specimens::ROOT}/")}:#{line} #{text}" }
    end
    expect(named).to be_empty
  end
end
