# frozen_string_literal: true

# The table of docs/every-member.md against the schema, the records and the pages.
RSpec.describe "Every member of a plinth file" do
  root = File.expand_path("../..", __dir__)
  pages = File.join(root, "web/src")

  # All paths that an object of the schema allows; definitions are walked by themselves.
  def self.members(node, path = nil)
    branches = [node, *node["oneOf"]]
    branches.flat_map { |branch| (branch["properties"] || {}).to_a }.uniq(&:first).flat_map do |name, inner|
      at = [path, name].compact.join(".")
      inner = inner["items"] || {} if inner["type"] == "array"
      [at, *members(inner, at)]
    end
  end

  schema = JSON.parse(File.read(GreenPlinth::Files::Schema::PLINTH_FILE))
  known = [*members(schema), *schema["$defs"].flat_map { |name, definition| members(definition, name) }].uniq
  rows = File.read(File.join(root, "docs/every-member.md")).scan(/^\| `([\w.]+)` \| (.+?) \| (.+?) \|$/)
  places = rows.to_h { |member, _, through| [member, through] }

  # Members that no maker gives: the mark of the format, what older files said, and what happened.
  spared = /\A(?:format|progress|event)(?:\.|\z)/

  let(:kinds) { catalogue.kinds }
  let(:listed) do
    kinds.to_h.values.flatten.flat_map { |record| %w[fields more measures].flat_map { |of| Array(record[of]).grep(String) } }.to_set
  end
  let(:sources) { Dir[File.join(pages, "**/*.{ts,tsx}")].to_h { |path| [path.delete_prefix("#{pages}/"), File.read(path)] } }

  # What is wrong with the place that the table gives a member; nil where it holds.
  def fault(member, through, places)
    leaf = member.split(".").last
    case through
    when /\Afield `(\w+)`\z/ then field_fault(kinds["fields"][$1], leaf, $1)
    when /\Akinds `(\w+)`\z/ then kinds[$1].key?(leaf) ? nil : "there is no #{leaf} in #{$1}.yml"
    when /\Aas `([\w.]+)`\z/ then places[$1] && places[$1] !~ /\Aas/ ? nil : "#{$1} has no place of its own"
    when /\A`(.+)`\z/ then sources[$1].to_s.match?(/\b#{leaf}\b/) ? nil : "#{$1} does not speak of #{leaf}"
    else "“#{through}” is no place"
    end
  end

  def field_fault(record, leaf, key)
    return "fields.yml has no #{key}" unless record
    return "#{key} lies at #{record["at"]}" unless (record["at"] || key).split("/").include?(leaf)

    "#{key} is listed nowhere" unless listed.include?(key) || sources.values.any? { |text| text.include?(%("#{key}")) }
  end

  it "has a row in the table, and each row a member" do
    expect(known - places.keys).to be_empty, "without a row: #{(known - places.keys).join(", ")}"
    expect(places.keys - known).to be_empty, "no longer a member: #{(places.keys - known).join(", ")}"
    expect(rows.size).to eq(known.size)
  end

  it "has the place that its row tells" do
    faults = places.reject { |member, through| through == "none" && member.match?(spared) }
      .filter_map { |member, through| fault(member, through, places)&.then { |words| "#{member}: #{words}" } }
    expect(faults).to be_empty
  end

  it "finds a place that is no place" do
    expect(fault("course.note", "field `tone`", places)).to include("lies at").or include("tone")
    expect(fault("course.note", "field `nowhere`", places)).to include("no nowhere")
    expect(fault("course.note", "`builds/BuildPage.tsx`", places)).to include("does not speak")
    expect(fault("schools.nothing", "kinds `schools`", places)).to include("no nothing")
  end
end
