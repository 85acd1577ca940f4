# frozen_string_literal: true

# How fast the fields are: cells per second of each stage of the relief and the waters, beside a bare copy of the same
# field, which is as fast as the memory goes.
#   ruby --yjit -rbundler/setup -Icore/lib bench/relief.rb [FILE]
require "green_plinth"

ROUNDS = 9
now = -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) }
best = lambda do |&work|
  Array.new(ROUNDS) do
    began = now.call
    work.call
    now.call - began
  end.min
end

path = ARGV.first || File.expand_path("../samples/lineside-set.json", __dir__)
design = GreenPlinth.read(File.read(path))
evaluation = GreenPlinth.evaluate(design)
terrain = evaluation.terrain
cells = terrain.grid.rows * terrain.grid.columns
printf("%s: %d × %d cells of %.2f mm\n\n", File.basename(path, ".json"), terrain.grid.columns, terrain.grid.rows, terrain.grid.cell)
printf("%-34s %9s %16s %8s\n", "stage", "ms", "cells/s", "× copy")

copy = best.call { terrain.height.copy }
row = ->(name, seconds) { printf("%-34s %9.2f %16d %8.1f\n", name, seconds * 1000, cells / seconds, seconds / copy) }
row.call("bare copy of the field", copy)
row.call("coverage of the top", best.call { GreenPlinth::Relief::Coverage.of(evaluation.ground.top, terrain.grid) })
# Each form by itself, over those under it, which are remembered.
design.forms.each_with_index do |form, index|
  seconds = Array.new(ROUNDS) do
    memo = GreenPlinth::Memo.new
    GreenPlinth::Relief::Bulk.new(design.plinth, design.forms.first(index), memo)
    began = now.call
    GreenPlinth::Relief::Bulk.new(design.plinth, design.forms.first(index + 1), memo)
    now.call - began
  end
  row.call("form #{form.kind}: #{form.name}", seconds.min)
end
covers = design.zones.each_index.map { |index| GreenPlinth::Relief::Cover.of(evaluation.ground.area(index), terrain.grid) }
row.call("zones' cover",
  best.call { design.zones.each_index { |index| GreenPlinth::Relief::Cover.of(evaluation.ground.area(index), terrain.grid) } })
row.call("courses laid on",
  best.call { GreenPlinth::Relief::Terrain.new(evaluation.bulk, evaluation.ground, covers, design.zones) })
row.call("waters flooded", best.call { GreenPlinth::Waters::Pouring.flooded(design.waters, terrain, design.plinth.lip_mm) })
row.call("slopes", best.call { GreenPlinth::Relief::Slopes.new(terrain, design.zones).classes })
levels = GreenPlinth::Relief::Levels.new(terrain)
row.call("contours", best.call { levels.lines(levels.usual_interval) })
row.call("solid of #{GreenPlinth::Screens::Turntable::CELLS_ALONG} cells along", best.call do
  GreenPlinth::Relief::Mesh.new(terrain, design.plinth.thickness_mm, cells_along: GreenPlinth::Screens::Turntable::CELLS_ALONG)
end)

# One edit with a memory: the deepest cut a little deeper, relief and waters again.
memo = GreenPlinth::Memo.new
GreenPlinth.evaluate(design, memo: memo).then { |made| [made.terrain, made.pools] }
index = design.forms.index(&:cut?)
edits = Array.new(ROUNDS) do |round|
  file = Marshal.load(Marshal.dump(design.to_h))
  file["forms"][index]["depth_mm"] += 0.01 * (round + 1)
  changed = GreenPlinth.read(JSON.generate(file))
  began = now.call
  GreenPlinth.evaluate(changed, memo: memo).then { |made| [made.terrain, made.pools] }
  (now.call - began) * 1000
end
printf("\nrelief and waters after one edit, warm: median %.0f ms\n", edits.sort[ROUNDS / 2])
