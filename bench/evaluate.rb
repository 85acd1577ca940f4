# frozen_string_literal: true

# How long an evaluation takes: cold, warm without a memory, and after one edit with one.
#   ruby --yjit -rbundler/setup -Icore/lib bench/evaluate.rb [FILE…]
require "green_plinth"
require_relative "large"

ROUNDS = 15
now = -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) * 1000 }
timed = lambda do |&work|
  began = now.call
  work.call
  now.call - began
end
median = ->(times) { times.sort[times.size / 2] }
catalogue = GreenPlinth::Catalogue.default
reader = GreenPlinth::Files::PlinthFile.new(catalogue)

files = ARGV.empty? ? Dir[File.expand_path("../samples/*.json", __dir__)] : ARGV
inputs = files.to_h { |path| [File.basename(path, ".json"), JSON.parse(File.read(path))] }.merge("large" => large)

printf("%-16s %6s %8s %8s %8s %8s %8s\n", "", "steps", "read", "cold", "warm", "move", "deepen")
inputs.each do |name, file|
  read = timed.call { reader.build(Marshal.load(Marshal.dump(file))) }
  design = reader.build(Marshal.load(Marshal.dump(file)))
  steps = 0
  cold = timed.call { steps = GreenPlinth.evaluate(design).to_h["steps"].size }
  warm = median.call(Array.new(ROUNDS) { timed.call { GreenPlinth.evaluate(design).to_h } })
  memo = GreenPlinth::Memo.new
  edited = lambda do |round, &change|
    copy = Marshal.load(Marshal.dump(file))
    change.call(copy, round)
    timed.call { GreenPlinth.evaluate(reader.build(copy), memo: memo).then { |made| [made.to_h, made.drawing] } }
  end
  move = median.call(Array.new(ROUNDS) { |i| edited.call(i) { |copy, round| copy["subjects"][0]["at_mm"] = [round * 0.1, 0] } })
  deepen = median.call(Array.new(ROUNDS) do |i|
    edited.call(i) do |copy, round|
      copy["forms"]&.last&.fetch("kind") == "cut" ? copy["forms"].last["depth_mm"] += round * 0.01 : copy["plinth"]["thickness_mm"] = 3 +
        (round * 0.01)
    end
  end)
  printf("%-16s %6d %6.0fms %6.0fms %6.0fms %6.0fms %6.0fms\n", name, steps, read, cold, warm, move, deepen)
end
printf("memory: %.0f MB\n", File.read("/proc/self/status")[/VmRSS:\s+(\d+)/, 1].to_i / 1024.0)
