# frozen_string_literal: true

require "tmpdir"

RSpec.describe "The core's folders" do
  it "speak of each other in one direction only" do
    folders = Folders.new
    RSpec.configuration.reporter.message("\n#{folders.picture}\n")
    circles = folders.circles.map do |circle|
      circle.flat_map do |one|
        folders.mentions[one].slice(*circle).map { |other, places| "#{one} → #{other}: #{places.first(3).join(", ")}" }
      end
    end
    expect(circles).to be_empty
  end

  it "are drawn in the README as they are" do
    drawn = File.read(File.join(Specimens::ROOT, "README.md")).scan(/^```\n(.*?)\n```$/m).flatten
    expect(drawn).to include(Folders.new.picture)
  end

  it "are seen to go in a circle where they do" do
    Dir.mktmpdir do |root|
      write = ->(path, text) { File.write(File.join(root, path).tap { |file| FileUtils.mkdir_p(File.dirname(file)) }, text) }
      write["hill/top.rb", "module Hill; class Top; def slope = Valley::Foot; end; end"]
      write["valley/foot.rb", "module Valley; class Foot; end; end"]
      expect(Folders.new(root).circles).to be_empty
      write["valley/foot.rb", "module Valley; class Foot; def top = Hill::Top; end; end"]
      expect(Folders.new(root).circles.map(&:sort)).to eq([%w[hill valley]])
    end
  end

  it "hold no two classes of one name" do
    GreenPlinth.const_get(:LOADER, false).eager_load
    named = ObjectSpace.each_object(Module)
      .select { |one| one.name&.start_with?("GreenPlinth::") && !one.name.start_with?("GreenPlinth::Server") }
    same = named.map(&:name).uniq.group_by { |name| name.split("::").last }.select { |_, names| names.size > 1 }
    expect(same).to be_empty
  end
end
