# frozen_string_literal: true

# How the cost of a whole evaluation, and of its order of work, grows with each thing that a base has more of: seconds at four
# sizes, the exponent of the power law through them, and of the last doubling alone.
#   ruby --yjit -rbundler/setup -Icore/lib bench/growth.rb [NAME…]
require "green_plinth"
require_relative "large"

SIZES = [0.25, 0.5, 1, 2].freeze
now = -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) * 1000 }

# The first of a list, repeated and moved on as often as wanted.
more = lambda do |list, count|
  Array.new(count) do |n|
    part = Marshal.load(Marshal.dump(list[n % list.size]))
    round = n / list.size
    part["id"] = "#{part["id"]}-#{round}" if round.positive?
    at = part["at_mm"] || part.dig("outline", "at_mm")
    at[0] += round * 7.0 if at
    part["outline"]["points_mm"].each { |point| point[1] += round * 3.0 } if part.dig("outline", "points_mm")
    part
  end
end

# Each changes the large base to so many times as much of one thing.
GROWN = {
  "zones" => ->(file, times) { file["zones"] = more[file["zones"], (40 * times).round] },
  "features" => ->(file, times) { file["features"] = more[file["features"], (200 * times).round] },
  "forms" => ->(file, times) { file["forms"] = more[file["forms"], (8 * times).round] },
  "subjects" => ->(file, times) { file["subjects"] = more[file["subjects"], (8 * times).round] },
  "waters" => ->(file, times) { file["waters"] = more[file["waters"], (4 * times).round] },
  "courses" => ->(file, times) { file["zones"].each { |zone| zone["courses"] = more[zone["courses"], (6 * times).round].each { |one|
 one.delete("id") } } },
  "copies" => ->(file, times) { file["copies"] = (20 * times).round },
  "base side" => lambda do |file, times|
    file["plinth"]["outline"].merge!("width_mm" => 1200 * times, "depth_mm" => 250 * times)
    file.merge!("zones" => [], "features" => [], "forms" => [], "subjects" => [], "waters" => [])
    file["forms"] = [{ "id" => "bank", "kind" => "mound", "material" => "plaster", "crown_mm" => 20,
                       "outline" => { "kind" => "oval", "width_mm" => 800 * times, "depth_mm" => 160 * times } }]
  end
}.freeze

# Least squares through the logarithms.
exponent = lambda do |sizes, times|
  xs, ys = [sizes, times].map { |values| values.map { |value| Math.log([value, 1e-3].max) } }
  middle = [xs, ys].map { |values| values.sum / values.size }
  xs.zip(ys).sum { |x, y| (x - middle[0]) * (y - middle[1]) } / xs.sum { |x| (x - middle[0])**2 }
end

reader = GreenPlinth::Files::PlinthFile.new(GreenPlinth::Catalogue.default)
wanted = ARGV.empty? ? GROWN.keys : ARGV
printf("%-10s %s %9s %9s %9s\n", "", SIZES.map { |size| format("%8s", "× #{size}") }.join, "whole", "doubled", "order")
GreenPlinth.evaluate(reader.build(large)).to_h # so that all is compiled
wanted.each do |name|
  whole, order = SIZES.map do |size|
    file = large.tap { |base| GROWN.fetch(name).call(base, size) }
    Array.new(3) do
      evaluation = GreenPlinth.evaluate(reader.build(file))
      evaluation.pools
      began = now.call
      evaluation.order
      ordered = now.call
      evaluation.to_h
      [now.call - began, ordered - began]
    end.min
  rescue GreenPlinth::InvalidFile => e
    abort("#{name} × #{size}: #{e.problems.first}")
  end.transpose
  laws = [exponent.call(SIZES, whole), exponent.call(SIZES.last(2), whole.last(2)), exponent.call(SIZES, order)]
  printf("%-10s %s %9s %9s %9s\n", name, whole.map { |ms| format("%6.0fms", ms) }.join, *laws.map { |law| format("^%.2f", law) })
end
