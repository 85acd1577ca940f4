# frozen_string_literal: true

# Ordeals for the whole application, one after the other; each ends with a line of figures. Called by bin/torture.
require "optparse"

require_relative "ordeals"

options = { seed: 1, short: false }
OptionParser.new do |parser|
  parser.banner = "bin/torture [--short] [--seed N] [kills] [fuzz] [odd] [twins] [page]"
  parser.on("--short", "two minutes instead of fifteen") { options[:short] = true }
  parser.on("--seed N", Integer, "the same for the same seed") { |seed| options[:seed] = seed }
end.parse!

kit = Torture::Kit.new(ENV.fetch("DATABASE_URL"), options[:seed])
short = options[:short]
ordeals = {
  "kills" => -> { Torture::Kills.new(kit, rounds: short ? 6 : 200) },
  "fuzz" => -> { Torture::Fuzz.new(kit, requests: short ? 600 : 20_000) },
  "odd" => -> { Torture::OddBuilds.new(kit, every: short ? 12 : 1) },
  "twins" => -> { Torture::Twins.new(kit) },
  "page" => -> { Torture::OpenPage.new(kit, outages: short ? 3 : 6) }
}
wanted = ARGV.empty? ? ordeals.keys : ARGV
results = ordeals.slice(*wanted).map do |_, ordeal|
  kit.empty
  began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  ordeal.call.call.tap { |result| puts format("%s (%d s)", result, Process.clock_gettime(Process::CLOCK_MONOTONIC) - began) }
end
exit results.all?(&:stood)
