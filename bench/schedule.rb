# frozen_string_literal: true

# The instances beside this file against what is known of their optimum, then larger seeded networks against their own
# bound, with the time each takes and the memory it leaves taken.
#   ruby --yjit --yjit-exec-mem-size=64 -rbundler/setup -Icore/lib bench/schedule.rb
require "green_plinth"
require_relative "networks"

def timed
  began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  [yield, Process.clock_gettime(Process::CLOCK_MONOTONIC) - began]
end

def percent(found, best) = 100.0 * (found - best) / best

folder = File.join(__dir__, "instances")
gaps = YAML.safe_load_file(File.join(folder, "optima.yml")).map do |name, known|
  network = GreenPlinth::Files::SequenceFile.read(File.read(File.join(folder, "#{name}.json")))
  answer, seconds = timed { GreenPlinth.schedule(network) }
  gap = percent(answer.makespan_min, known["best_min"])
  printf("%-12s %5.2f s %7d min, %s %7d min: gap %5.2f %%, to its own bound %5.2f %%%s\n", name, seconds, answer.makespan_min,
    known["proven"] ? "optimum   " : "best known", known["best_min"], gap, percent(answer.makespan_min, answer.lower_bound_min),
    answer.proven_optimal? ? ", proven" : "")
  gap
end
printf("mean gap %.2f %%, worst %.2f %%\n\n", gaps.sum / gaps.size, gaps.max)

[100, 400, 3000].each do |steps|
  network = GreenPlinth::Files::SequenceFile.read(JSON.generate(Networks.instance("long", steps, 1)))
  answer, seconds = timed { GreenPlinth.schedule(network) }
  printf("%5d steps %6.2f s, gap to its own bound %.2f %%, %d MB\n", steps, seconds, percent(answer.makespan_min, answer.lower_bound_min),
    File.read("/proc/self/status")[/VmRSS:\s+(\d+)/, 1].to_i / 1024)
end
