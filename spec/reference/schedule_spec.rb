# frozen_string_literal: true

require "highs"

RSpec.describe "Schedules against the outside" do
  # Source: Hillier and Lieberman, Introduction to Operations Research, 7th ed., chapter 22, table 22.1 (the Reliable
  # Construction Co. project): 44 weeks by the path A-B-C-E-F-J-L-N; slack of D, G, H, M 4, of I 2, of K 1.
  describe "a textbook network" do
    let(:weeks) { { a: 2, b: 4, c: 10, d: 6, e: 4, f: 5, g: 7, h: 9, i: 7, j: 8, k: 4, l: 5, m: 2, n: 6 } }
    let(:before) do
      { b: %i[a], c: %i[b], d: %i[c], e: %i[c], f: %i[e], g: %i[d], h: %i[e g], i: %i[c], j: %i[f i], k: %i[j], l: %i[j], m: %i[h],
        n: %i[k l] }
    end
    # As waits, so that no hands are wanted: each activity begins when those before it have lasted their weeks.
    let(:answer) do
      GreenPlinth.schedule(network(weeks.to_h do |id, long|
        [id, [0, long, (before[id] || []).to_h do |first|
          [first, [weeks[first]]]
        end]]
      end))
    end

    it "takes as long as its critical path" do
      expect(answer).to have_attributes(makespan_min: 44, lower_bound_min: 44, proven_optimal?: true)
    end

    it "has the slack the book gives" do
      expect(answer.slack.transform_keys(&:to_sym)).to eq({ a: 0, b: 0, c: 0, e: 0, f: 0, j: 0, l: 0, n: 0, d: 4, g: 4, h: 4, m: 4, i: 2,
k: 1 })
    end
  end

  # The same problem put to a solver as a mixed-integer program: a start for each step, a binary for each pair (which
  # first) and for each step and sitting (in which). Source of the solver: HiGHS, by its gem.
  describe "the optimum of small networks" do
    def optimum(network)
      Oracle.new(network).makespan
    end

    cases = {
      "drying between" => [{ a: [30, 0], b: [40, 0], c: [20, 60, { a: [90] }], d: [10, 200] }, nil],
      "two chains" => [
        { a: [20, 0], b: [20, 0, { a: [60] }], c: [20, 0, { b: [60] }], d: [35, 0], e: [25, 120, { d: [45] }] }, nil],
      "evenings" => [{ a: [50, 0], b: [60, 0, { a: [300] }], c: [40, 0], d: [45, 100, { c: [60] }] }, 4],
      "a window" => [{ a: [20, 0], b: [30, 0, { a: [30, 90] }], c: [60, 0], d: [15, 30, { b: [100] }] }, nil],
      "a full evening" => [{ a: [60, 0], b: [60, 0], c: [30, 60, { a: [20] }], d: [30, 0, { b: [20] }], e: [45, 0] },
        4],
      "long tails" => [{ a: [10, 900], b: [10, 500], c: [10, 0], d: [50, 20], e: [30, 400, { c: [10] }] }, nil],
    }
    cases.each do |name, (steps, days)|
      it "is met: #{name}" do
        made = network(steps, sittings: days && evenings(days))
        found = GreenPlinth.schedule(made)
        best = optimum(made)
        expect(found.makespan_min).to be_within(best * 0.01).of(best)
        expect(found.lower_bound_min).to be <= best
        expect(best).to eq(found.makespan_min) if found.proven_optimal?
      end
    end
  end
end
