# frozen_string_literal: true

# Networks that were once taken for impossible, or laid later than they need be. Each kept as it was found.
RSpec.describe "Windows that compete" do
  def made(steps, **more) = GreenPlinth.schedule(network(steps, **more))

  def gap(answer, first, later) = answer.start(later) - answer.finish(first)

  it "puts two that may not wait before one that may" do
    # The longest tail would go first and take both windows away.
    steps = { s0: [14, 300], s1: [50, 60, { s0: [20] }], s2: [5, 300, { s0: [20, 60] }],
              s3: [40, 0, { s0: [20, 60] }] }
    answer = made(steps)
    expect(gap(answer, "s0", "s2")).to be_between(20, 60)
    expect(gap(answer, "s0", "s3")).to be_between(20, 60)
    expect(answer.makespan_min).to eq(339)
  end

  it "holds a chain of windows together" do
    steps = { s0: [58], s1: [26, 300, { s0: [60, 100] }], s2: [51, 0, { s0: [20] }], s3: [57, 300, { s1: [0, 10] }],
              s4: [46, 60, { s3: [0, 10], s1: [60, 180] }] }
    answer = made(steps)
    expect(gap(answer, "s1", "s3")).to be <= 10
    expect(gap(answer, "s3", "s4")).to be <= 10
    expect(answer.makespan_min).to eq(501)
  end

  it "lays one step later so that two windows meet" do
    steps = { s0: [38, 300], s1: [11, 60], s2: [11, 0, { s1: [60, 70], s0: [240, 360] }],
              s3: [24, 300, { s1: [60, 180] }] }
    answer = made(steps)
    expect(gap(answer, "s1", "s2")).to be_between(60, 70)
    expect(gap(answer, "s0", "s2")).to be_between(240, 360)
    expect(answer.makespan_min).to eq(613)
  end

  it "packs the last evening there is" do
    steps = { s0: [54, 300], s1: [53, 300], s2: [16, 300, { s1: [1200, 1320] }], s3: [41, 60, { s1: [60] }],
              s4: [50, 60, { s2: [0], s0: [0] }], s5: [30, 0, { s0: [0] }], s6: [9, 60, { s0: [20] }] }
    answer = made(steps, sittings: evenings(6))
    expect(gap(answer, "s1", "s2")).to be_between(1200, 1320)
    expect(answer.makespan_min).to eq(4050)
  end

  it "raises no step's urgency for the next try: each begins afresh" do
    steps = { s0: [14, 300], s1: [50, 60, { s0: [20] }], s2: [5, 300, { s0: [20, 60] }],
              s3: [40, 0, { s0: [20, 60] }] }
    urgency = steps.keys.to_h { |id| [id.to_s, 1] }
    net = network(steps)
    before = urgency.dup
    GreenPlinth::Schedule::Placement.new(net, GreenPlinth::Schedule::Bounds.new(net).heads, urgency).call
    expect(urgency).to eq(before)
  end

  it "gives up in the end, and says about what" do
    # Two of 40 minutes may begin at most 10 after the same step: one pair of hands cannot.
    expect { made({ a: [5], b: [40, 0, { a: [0, 10] }], c: [40, 0, { a: [0, 10] }] }) }
      .to raise_error(GreenPlinth::Infeasible, /begins at most 10 min after a/)
  end
end
