# frozen_string_literal: true

# Writes the kinds of core/data/kinds into the schemas that ship, which hold them for other programs to read.
#   ruby -rbundler/setup -Icore/lib bin/lib/write_schemas.rb
require "green_plinth"

[GreenPlinth::Files::Schema::PLINTH_FILE, GreenPlinth::Files::Schema::CATALOGUE_FILE].each do |path|
  schema = GreenPlinth::Files::KindSchema.new(JSON.parse(File.read(path)), GreenPlinth::Kinds.default).call
  File.write(path, "#{JSON.pretty_generate(schema, indent: " ")}\n")
end
