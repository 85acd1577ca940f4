# frozen_string_literal: true

# Schedules of seeded random networks against their own lower bound, and how long they take.
#   ruby --yjit -rbundler/setup -Icore/lib bench/schedule.rb
require "green_plinth"

def network(steps, seed)
  random = Random.new(seed)
  start = GreenPlinth::Moment.parse("2027-03-01T00:00")
  sittings = Array.new(4000) { |day| [start + (day * 1440) + (19 * 60), start + (day * 1440) + (22 * 60)] }
  nodes = Array.new(steps) do |i|
    firsts = (0...i).to_a.sample(random.rand(0..3), random: random).last(2)
    links = firsts.map { |first| GreenPlinth::Schedule::Link.new("s#{first}", [0, 0, 60, 240, 720, 1440].sample(random: random), nil) }
    GreenPlinth::Schedule::Node.new(id: "s#{i}", hands_on_min: random.rand(5..60), tail_min: [0, 0, 240, 1440].sample(random: random), after: links)
  end
  GreenPlinth::Schedule::Network.new(start: start, sittings: sittings, hands: 1, steps: nodes)
end

printf("%6s %5s %9s %11s %11s %7s\n", "steps", "seed", "seconds", "makespan", "bound", "gap")
[10, 20, 40, 60, 400, 3000].each do |steps|
  (steps > 100 ? [1] : [1, 2, 3]).each do |seed|
    made = network(steps, seed)
    began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    answer = GreenPlinth.schedule(made)
    seconds = Process.clock_gettime(Process::CLOCK_MONOTONIC) - began
    printf("%6d %5d %8.2fs %8d min %8d min %6.2f%%\n", steps, seed, seconds, answer.makespan_min, answer.lower_bound_min,
      100.0 * (answer.makespan_min - answer.lower_bound_min) / answer.lower_bound_min)
  end
end
