# frozen_string_literal: true

require "open3"

RSpec.describe "The core" do
  it "loads whole without the server, a database or the web" do
    script = "require 'green_plinth'; GreenPlinth.send(:const_get, :LOADER).eager_load; " \
             "puts %w[Sinatra Sequel Rack PG].select { |name| Object.const_defined?(name) }.inspect"
    output, status = Open3.capture2e("ruby", "-rbundler/setup", "-I#{File.join(Specimens::ROOT, "core/lib")}", "-e",
      script)
    expect(status).to be_success, output
    expect(output.strip).to eq("[]")
  end

  it "reads no clock, random source or environment of its own" do
    sources = Dir[File.join(Specimens::ROOT, "core/lib/**/*.rb")].to_h { |path| [path, File.read(path)] }
    guilty = sources.select do |path, text|
      text.match?(/Time\.now|Date\.today|Kernel\.rand|Random\.rand|SecureRandom|\bENV\[/) && !path.end_with?("command_line.rb",
        "lib/green_plinth.rb")
    end
    expect(guilty.keys).to be_empty
  end
end
