# frozen_string_literal: true

# What an edit costs in the core, warm: reading the patched file, its evaluation and its drawing. Thirty edits of each kind.
#   ruby --yjit -rbundler/setup -Icore/lib bench/edits.rb [NAME…]      names of samples, or large
require "green_plinth"
require_relative "large"

ROUNDS = 30
now = -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) * 1000 }
reader = GreenPlinth::Files::PlinthFile.new(GreenPlinth::Catalogue.default)

# Each changes a file in place; nil: the file has nothing of the kind. round: 1, 2, …, so that no two are the same.
KINDS = {
  "subject" => ->(file, round) { file["subjects"]&.first&.then { |one| one["at_mm"] = one["at_mm"].map { |at| at + (round * 0.1) } } },
  "course" => lambda do |file, round|
    course = file["zones"].flat_map { |zone| zone["courses"] }.find { |one| one["material"].end_with?("paste") }
    course && course["thickness_mm"] = 1 + (round * 0.01)
  end,
  "corner" => lambda do |file, round|
    outlines = file["zones"].map { |zone| zone["outline"] }
    pointed = outlines.find { |one| one.key?("points_mm") }
    round_one = outlines.find { |one| one["diameter_mm"] }
    pointed ? pointed["points_mm"][0][0] += round * 0.05 : round_one && round_one["diameter_mm"] += round * 0.05
  end,
  "form" => lambda do |file, round|
    file["forms"]&.first&.then { |form| form.key?("sheet_mm") && form["sheet_mm"] += round * 0.01 }
  end,
  "level" => ->(file, round) { file["waters"]&.first&.then { |water| water["level_mm"] && water["level_mm"] -= round * 0.01 } },
  "temperature" => ->(file, round) { (file["climate"] ||= {})["temperature_c"] = 18 + (round * 0.1) },
  "calendar" => lambda do |file, round|
    file["calendar"] = file["calendar"].except("finish_by").merge("start" => format("2027-03-%02dT08:00", 1 + (round % 28)))
  end,
  "title" => ->(file, round) { file["title"] = "Round #{round}" }
}.freeze

files = Dir[File.expand_path("../samples/*.json", __dir__)].to_h { |path| [File.basename(path, ".json"), JSON.parse(File.read(path))] }
inputs = files.merge("large" => large).slice(*(ARGV.empty? ? [*files.keys, "large"] : ARGV))

printf("%-16s %-12s %9s %9s\n", "", "", "median", "p95")
inputs.each do |name, file|
  KINDS.each do |kind, change|
    memo = GreenPlinth::Memo.new
    edited = lambda do |round|
      copy = Marshal.load(Marshal.dump(file))
      next unless change.call(copy, round)

      began = now.call
      GreenPlinth.evaluate(reader.build(copy), memo: memo).then { |made| [made.to_h, made.drawing] }
      now.call - began
    end
    edited.call(ROUNDS + 1)
    times = (1..ROUNDS).filter_map { |round| edited.call(round) }.sort
    printf("%-16s %-12s %7.0fms %7.0fms\n", name, kind, times[times.size / 2], times[(times.size * 95 / 100)]) if times.any?
  end
end
