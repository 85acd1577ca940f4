# frozen_string_literal: true

require "csv"
require "prop_check"

# The stores as files. What we write is read by the standard library, too.
RSpec.describe GreenPlinth::Files::StoresCsv do
  let(:csv) { described_class.new(catalogue) }
  let(:jars) do
    [{ "material" => "acrylic_paint", "name" => "=brown, \"warm\"", "colour" => "#6b4a32", "pack" => 17, "unit" => "ml", "full" => 2,
       "open" => 3.5, "opened_on" => "2027-01-31", "price_minor" => 280, "place" => "drawer; left" },
     { "material" => "two_part_resin", "pack" => 300, "unit" => "g", "full" => 1, "bought_on" => "2026-12-01",
       "keeps_months" => { "closed" => 12, "open" => 6 } }]
  end

  def pointers(text)
    csv.read(text)
    []
  rescue GreenPlinth::InvalidFile => e
    e.problems.map { |one| [one.pointer, one.message] }
  end

  it "comes back as it went out, and no cell of it runs as a formula" do
    text = described_class.write(jars)
    expect(csv.read(text)).to eq(jars)
    expect(CSV.parse(text, headers: true).map { |row| row["name"] }).to eq(["'=brown, \"warm\"", nil])
  end

  it "is read with semicolons, with a byte order mark, with a comma in its numbers, and its columns in any order" do
    text = "\uFEFFunit;pack;material;open\nml;17,5;acrylic_paint;3\n"
    expect(csv.read(text)).to eq([{ "unit" => "ml", "pack" => 17.5, "material" => "acrylic_paint", "open" => 3 }])
  end

  it "says in which row and column it is wrong" do
    expect(pointers("material,pack,unit\nearth_paste,lots,ml\n")).to match([["/row/2/pack", /must be a number; it is "lots"/]])
    expect(pointers("material,pack,unit\nearth_paste,200,ml\nearth_pasta,200,ml\n"))
      .to match([["/row/3/material", /did you mean earth_paste/]])
    expect(pointers("material,pack,unit,open\nearth_paste,200,ml,201\n")).to match([["/row/2/open", /more than a pack holds/]])
    expect(pointers("material,pack,unit,opened_on\nearth_paste,200,ml,2027-02-30\n")).to match([["/row/2/opened_on", /no such day/]])
    expect(pointers("material,colour\nacrylic_paint,#6b4a32\n").first).to match(["/row/1", /column pack is missing/])
    expect(pointers("material,pack,unit,glitter\nearth_paste,200,ml,much\n").first).to match(["/row/1", /no column "glitter"/])
    expect(pointers("").first).to match(["", /is empty/])
    expect(pointers("material,pack,unit\n\"earth_paste,200,ml\n").first.first).to start_with("/row")
    expect(pointers("material,pack,unit\n\xFF,1,ml\n").first).to match(["", /not UTF-8/])
  end

  it "keeps any text of a jar" do
    words = PropCheck::Generators.printable_string.map { |text| text.strip[0, 100] }
      .where { |text| !text.empty? && !text.start_with?("'") && !text.match?(/[[:cntrl:]]/) }
    PropCheck.forall(words) do |text|
      one = [{ "material" => "earth_paste", "pack" => 200, "unit" => "ml", "note" => text }]
      expect(csv.read(described_class.write(one))).to eq(one)
    end
  end
end

RSpec.describe GreenPlinth::Files::StoresFile do
  it "comes back as it went out, and is refused with the place" do
    jars = [{ "material" => "earth_paste", "pack" => 200, "unit" => "ml", "full" => 1 }]
    expect(described_class.new(catalogue).read(described_class.write(jars))).to eq(jars)
    wrong = jars.first.merge("material" => "soup", "unit" => "barrel")
    expect { described_class.new(catalogue).read(described_class.write([wrong])) }
      .to raise_error(GreenPlinth::InvalidFile, %r{/jars/0/unit})
  end
end
