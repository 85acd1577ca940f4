# frozen_string_literal: true

RSpec.describe GreenPlinth::Batching::AssemblyLine do
  include Works

  let(:sittings) { [[0, 120], [1440, 1560], [2880, 3000]] }
  let(:portions) { GreenPlinth::Batching::Portions.new(120, 10) }
  let(:paint) { work("paint", minutes: 30.0) }
  let(:prime) { work("prime", minutes: 2.0) }

  def line(done: [], copies: 10)
    progress = GreenPlinth::Design::Progress.new({ "done" => done.map { |id| { "step" => id, "finished" => "2027-03-01T20:00" } } })
    described_class.new([paint, prime], copies, sittings, portions, progress)
  end

  def batches(made, id) = made.fine.fetch(id, [])

  it "takes long work copy by copy, and leaves short work whole" do
    expect(batches(line, "paint")).to eq((1..10).map { |copy| copy..copy })
    expect(line.fine).not_to have_key("prime")
  end

  it "takes no fewer at a time than are worth setting up for" do
    quick = work("paint", minutes: 13.0)
    made = described_class.new([quick], 10, sittings, portions, GreenPlinth::Design::Progress.new({}))
    # 25 minutes are worth it: one of 13 is too few to split further, two at a time are 26.
    expect(batches(made, "paint").map(&:size).uniq).to eq([1])
    slow = described_class.new([work("paint", minutes: 12.5)], 10, sittings, portions, GreenPlinth::Design::Progress.new({}))
    expect(batches(slow, "paint").map(&:size)).to eq([2] * 5)
  end

  it "splits nothing on a bench that is always open" do
    open = described_class.new([paint], 10, nil, portions, GreenPlinth::Design::Progress.new({}))
    expect(open.fine).to eq(open.begun).and be_empty
  end

  it "keeps what is done, and deals out the rest" do
    made = line(done: ["paint/bases-3-5"])
    expect(made.begun["paint"]).to eq([1..2, 3..5, 6..10])
    expect(batches(made, "paint")).to include(3..5)
    expect(batches(made, "paint").flat_map(&:to_a).sort).to eq((1..10).to_a)
  end

  describe "joining" do
    def step_of(copies)
      GreenPlinth::Steps::Step.new(id: "paint/bases-#{copies.min}-#{copies.max}", copies: copies, hands_on_min: 30)
    end

    def answer(steps, starts)
      nodes = steps.map { |step| GreenPlinth::Schedule::Node.new(id: step.id, hands_on_min: 30, tail_min: 0, after: []) }
      net = GreenPlinth::Schedule::Network.new(start: 0, sittings: sittings, hands: 1, steps: nodes)
      GreenPlinth::Schedule::Answer.new(net, steps.map(&:id).zip(starts).to_h, 0)
    end

    it "makes one batch of what follows without a pause" do
      steps = (1..10).map { |copy| step_of(copy..copy) }
      starts = [0, 30, 60, 1440, 1470, 1530, 2880, 2910, 2940, 2970]
      expect(line.joined(steps, answer(steps, starts))["paint"]).to eq([1..3, 4..5, 6..6, 7..10])
    end

    it "remembers when the first copy of each batch began" do
      steps = (1..10).map { |copy| step_of(copy..copy) }
      starts = [0, 30, 60, 1440, 1470, 1530, 2880, 2910, 2940, 2970]
      joined = [1..3, 4..5, 6..6, 7..10].map { |copies| step_of(copies) }
      expect(line.starts(joined, steps, answer(steps, starts)).values).to eq([0, 1440, 1530, 2880])
    end
  end
end
