# frozen_string_literal: true

require "highs"

# Seeded random networks of five to eight steps against the solver's proven optimum. Source of the optimum: HiGHS.
RSpec.describe "Schedules of random networks" do
  def random_network(seed, days:, windows:)
    random = Random.new(seed)
    steps = Array.new(random.rand(5..8)) do |i|
      after = {}
      if i.positive? && random.rand < 0.7
        least = [0, 30, 90, 240].sample(random: random)
        after[:"s#{random.rand(i)}"] = [least, windows && random.rand < 0.4 ? least + 120 : nil]
      end
      [:"s#{i}", [random.rand(5..50), [0, 0, 60, 300].sample(random: random), after]]
    end
    network(steps.to_h, sittings: days && evenings(days))
  end

  def compared(...)
    made = random_network(...)
    [GreenPlinth.schedule(made), Oracle.new(made).makespan]
  end

  def expect_close(found, best)
    expect(found.makespan_min).to be >= best
    expect(found.makespan_min).to be <= best * 1.05
    expect(found.lower_bound_min).to be <= best
    expect(found.makespan_min).to eq(best) if found.proven_optimal?
  end

  # Tight windows, two waits a step: about half of these cannot be done at all, and the solver says which.
  def tight_network(seed)
    random = Random.new(seed)
    steps = Array.new(random.rand(4..8)) do |i|
      after = {}
      random.rand(0..2).times do
        next if i.zero?

        least = [0, 20, 60, 240, 1200].sample(random: random)
        after[:"s#{random.rand(i)}"] =
[least, random.rand < 0.55 ? least + [10, 40, 120].sample(random: random) : nil]
      end
      [:"s#{i}", [random.rand(5..60), [0, 60, 300].sample(random: random), after]]
    end
    network(steps.to_h, sittings: random.rand < 0.5 ? evenings(6) : nil)
  end

  (1..24).each do |seed|
    it "agrees on what cannot be done, and is met where it can, seed #{seed}" do
      made = tight_network(seed)
      best = Oracle.new(made).makespan
      if best
        expect_close(GreenPlinth.schedule(made), best)
      else
        expect { GreenPlinth.schedule(made) }.to raise_error(GreenPlinth::Infeasible)
      end
    end
  end

  (1..8).each do |seed|
    it("is met on an always open bench, seed #{seed}") { expect_close(*compared(seed, days: nil, windows: false)) }
  end

  (11..16).each do |seed|
    it("is met in evenings, seed #{seed}") { expect_close(*compared(seed, days: 5, windows: false)) }
  end

  (21..26).each do |seed|
    it("is met with windows, seed #{seed}") { expect_close(*compared(seed, days: nil, windows: true)) }
  end
end
