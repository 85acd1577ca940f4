# frozen_string_literal: true

require "open3"

# In a process of its own: this one has loaded what other specs asked for.
RSpec.describe "GreenPlinth::Server::Codecs" do
  translating = <<~RUBY
    known = $LOADED_FEATURES.size
    Encoding.list.each do |from|
      Encoding.list.each { |to| "a".dup.force_encoding(from).encode(to, invalid: :replace, undef: :replace) rescue EncodingError }
    end
    "<a>".encode(xml: :text)
    print $LOADED_FEATURES.size - known
  RUBY
  loaded_late = lambda do |*options|
    Open3.capture2e(RbConfig.ruby, "-rbundler/setup", *options, "-e", translating).first
  end

  it "leaves nothing to be loaded while a computation may be given up" do
    expect(loaded_late.call("-I", "core/lib", "-I", "server/lib", "-r", "green_plinth_server")).to eq("0")
  end

  it "is needed: by itself Ruby loads them when they are asked for" do
    expect(Integer(loaded_late.call)).to be_positive
  end
end
