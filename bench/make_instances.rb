# frozen_string_literal: true

# Writes the seeded networks of bench/instances anew, with what is known of their optimum (best, bound and whether proven),
# by a search and a solver run far longer than the product ever does. Takes some minutes.
#   ruby --yjit -rbundler/setup -Icore/lib bench/make_instances.rb
require "green_plinth"
require_relative "networks"

SIZES = [8, 12, 16, 20, 30, 45, 60].freeze
PATIENCE_S = 60.0

# @return [Hash, nil] nil where no schedule was found
def known(network)
  answers = [1, 2, 3].map { |seed| GreenPlinth::Schedule::Scheduler.new(network, seed: seed).call }
  best = answers.map(&:ready_at).min
  bound = answers.map(&:lower_bound).max
  if bound < best
    solver = GreenPlinth::Schedule::Optimum.new(network, GreenPlinth::Schedule::Bounds.new(network), best, seconds: PATIENCE_S)
    bound = [bound, solver.bound || 0].max
    best = network.steps.map { |step| solver.starts[step.id] + step.hands_on_min + step.tail_min }.max if solver.starts
  end
  { "best_min" => best - network.start, "bound_min" => bound - network.start, "proven" => bound >= best }
rescue GreenPlinth::Infeasible
  nil
end

folder = File.join(__dir__, "instances")
optima = Networks::KINDS.keys.each_with_object({}) do |name, all|
  SIZES.each do |steps|
    (1..50).each do |seed|
      data = Networks.instance(name, steps, seed)
      found = known(GreenPlinth::Files::SequenceFile.read(JSON.generate(data))) or next
      title = format("%s-%02d", name, steps)
      File.write(File.join(folder, "#{title}.json"), "#{JSON.generate(data)}\n")
      all[title] = found
      puts "#{title} (seed #{seed}): #{found}"
      break
    end
  end
end
File.write(File.join(folder, "optima.yml"),
  "# Minutes; proven: no schedule can be ready sooner than best_min. Written by bench/make_instances.rb.\n#{optima.to_yaml}")
