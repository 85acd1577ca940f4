# frozen_string_literal: true

RSpec.describe GreenPlinth::Schedule do
  def answer(...) = GreenPlinth.schedule(network(...))
  def starts(answer) = answer.starts.transform_values { |at| GreenPlinth::Moment.format(at) }

  describe "an always open bench" do
    it "has nothing to do for nothing" do
      expect(answer({})).to have_attributes(makespan_min: 0, proven_optimal?: true)
    end

    it "does one thing after the other with one pair of hands" do
      expect(answer({ a: [20], b: [30], c: [10] }).makespan_min).to eq(60)
    end

    it "works while something dries" do
      # a dries 60 while b takes 40: c follows at 80, not at 120.
      expect(answer({ a: [20], b: [40], c: [10, 0, { a: [60] }] }).makespan_min).to eq(90)
    end

    it "counts what dries after the last step" do
      expect(answer({ a: [20, 600], b: [10] })).to have_attributes(makespan_min: 620, proven_optimal?: true)
    end

    it "puts first what the most must follow" do
      expect(answer({ short: [60], long: [10, 0],
after: [10, 0, { long: [50] }] }).start("long")).to eq(minutes("2027-03-01T00:00"))
    end

    it "has two steps done at once by two pairs of hands" do
      expect(answer({ a: [20], b: [20] }, hands: 2).makespan_min).to eq(20)
    end
  end

  describe "sittings" do
    it "hold a step whole" do
      made = answer({ a: [90], b: [60] }, sittings: evenings(3))
      expect(starts(made).values.sort).to eq(%w[2027-03-01T19:00 2027-03-02T19:00])
    end

    it "let drying run round the clock" do
      made = answer({ a: [10], b: [10, 0, { a: [20 * 60] }] }, sittings: evenings(3))
      expect(starts(made)["b"]).to eq("2027-03-02T19:00")
    end

    it "are laid out as they are used" do
      made = answer({ a: [90], b: [60], c: [20] }, sittings: evenings(3))
      used = GreenPlinth::Schedule::Sittings.of(made)
      expect(used.map { |one| one.steps.sort }).to eq([%w[a c], %w[b]]).or eq([%w[a], %w[b c]])
    end
  end

  describe "windows" do
    it "hold a follower to the minute" do
      made = answer({ spread: [10], mark: [20, 0, { spread: [30, 90] }], other: [100] })
      gap = made.start("mark") - made.finish("spread")
      expect(gap).to be_between(30, 90)
    end

    it "hold back what would be too early for its follower" do
      # b must start within 60 of a; b also waits 300 for c. So a is done late.
      made = answer({ a: [10], c: [10], b: [10, 0, { a: [0, 60], c: [300] }] })
      expect(made.start("b") - made.finish("a")).to be <= 60
      expect(made.makespan_min).to eq(320)
    end

    it "keep both in one sitting when the next comes too late" do
      made = answer({ first: [70], grout: [20], setts: [30, 0, { grout: [30, 90] }] }, sittings: evenings(4))
      expect(made.start("setts") - made.finish("grout")).to be_between(30, 90)
    end
  end

  describe "what cannot be" do
    def why(...) = answer(...) && nil
    def message(...) = why(...) || "no error"

    it "names the step no sitting holds" do
      expect do
        message({ mural: [200] },
          sittings: evenings(2))
      end.to raise_error(GreenPlinth::Infeasible, /mural takes 3 h 20 min in one go, and the longest sitting is 2 h/)
    end

    it "names the shortest circle" do
      steps = { a: [1, 0, { b: [0] }], b: [1, 0, { c: [0] }], c: [1, 0, { a: [0], d: [0] }], d: [1, 0, { c: [0] }] }
      expect { message(steps) }.to raise_error(GreenPlinth::Infeasible) { |error| expect(error.steps).to contain_exactly("c", "d") }
    end

    it "names windows that contradict" do
      expect do
        message({ a: [10], b: [10, 0, { a: [100] }],
       c: [10, 0, { a: [0, 60], b: [0] }] })
      end.to raise_error(GreenPlinth::Infeasible, /c must begin at most 1 h after a/)
    end

    it "says when no sitting is left" do
      expect do
        message({ a: [60], b: [60, 0, { a: [0] }], c: [60, 0, { b: [0] }] },
          sittings: evenings(1))
      end.to raise_error(GreenPlinth::Infeasible, /No sitting is left for c/)
    end
  end

  describe "slack" do
    it "is how long a step may slip before the date does" do
      made = answer({ a: [10], b: [10, 100, { a: [0] }], c: [10] })
      expect(made.slack).to include("a" => 0, "b" => 0)
      expect(made.slack["c"]).to be > 0
    end
  end

  # Networks of all kinds: whatever they are, the answer keeps every promise it makes.
  describe "any network" do
    let(:networks) do
      g = PropCheck::Generators
      g.tuple(g.array(g.tuple(g.choose(0..60), g.choose(0..300), g.choose(0..5), g.choose(0..400), g.choose(0..3)), min: 1, max: 12),
        g.boolean)
    end

    def built(rows, open)
      steps = rows.each_with_index.to_h do |(hands, tail, back, least, window), i|
        first = i - 1 - back
        after = first >= 0 ? { "s#{first}": [least, window.zero? ? least + 900 : nil] } : {}
        ["s#{i}", [hands, tail, after]]
      end
      network(steps, sittings: open ? nil : evenings(90))
    end

    it "keeps waits, windows, sittings and hands, and its bound is no higher than its date" do
      PropCheck.forall(networks) do |rows, open|
        made = built(rows, open)
        found = begin
          GreenPlinth.schedule(made)
        rescue GreenPlinth::Infeasible => e
          expect(e.message).not_to be_empty
          next
        end
        busy = made.steps.select do |step|
          step.hands_on_min.positive?
        end.map { |step| [found.start(step.id), found.finish(step.id)] }.sort
        expect(busy.each_cons(2)).to all(satisfy { |(_, to), (from, _)| to <= from })
        made.steps.each do |step|
          step.after.each do |link|
            gap = found.start(step.id) - found.finish(link.first)
            expect(gap).to be >= link.at_least_min
            expect(gap).to be <= link.at_most_min if link.at_most_min
          end
          next if open || step.hands_on_min.zero?

          expect(made.sittings).to include(satisfy { |from, to|
            from <= found.start(step.id) && found.finish(step.id) <= to
          })
        end
        expect(found.lower_bound_min).to be <= found.makespan_min
      end
    end

    it "has one answer, however often it is asked" do
      made = network({ a: [30], b: [45, 200], c: [20, 0, { a: [60] }], d: [50, 0, { b: [10] }], e: [25] },
        sittings: evenings(9))
      expect(GreenPlinth.schedule(made).starts).to eq(GreenPlinth.schedule(made).starts)
    end
  end

  describe GreenPlinth::Schedule::FreeTime do
    subject(:bench) { described_class.new(network) }

    let(:network) { GreenPlinth::Schedule::Network.new(start: 0, sittings: [[100, 160], [200, 300]], hands: 1, steps: []) }

    it "finds the earliest free time that holds the whole" do
      expect(bench.earliest(0, 60)).to eq([100, 0])
      expect(bench.earliest(110, 60)).to eq([200, 0])
      expect(bench.earliest(0, 101)).to be_nil
    end

    it "goes round what is taken, and gives back what is freed" do
      bench.take(0, 100, 30)
      expect(bench.earliest(0, 30)).to eq([130, 0])
      bench.free(0, 100)
      expect(bench.earliest(0, 30)).to eq([100, 0])
    end

    it "knows when so much time has been open" do
      expect(bench.after_open(0, 60)).to eq(160)
      expect(bench.after_open(0, 61)).to eq(201)
      expect(bench.after_open(0, 161)).to be_nil
    end

    it "finds the latest start that ends in time" do
      expect(bench.latest_alone(250, 40)).to eq(210)
      expect(bench.latest_alone(210, 40)).to eq(120)
      expect(bench.latest_alone(120, 40)).to be_nil
    end
  end
end
