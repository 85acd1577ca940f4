# frozen_string_literal: true

RSpec.describe GreenPlinth::Memo do
  describe "aside" do
    let(:memo) { described_class.new.tap { |made| made.fetch(:known, 1) { "known" } } }

    it "knows what the other knows, and keeps what it learns to itself" do
      aside = memo.aside
      expect(aside.fetch(:known, 1) { raise "asked again" }).to eq("known")
      expect(aside.fetch(:learnt, 1) { "learnt" }).to eq("learnt")
      expect([aside.known?(:learnt, 1), memo.known?(:learnt, 1), aside.known?(:known, 1)]).to eq([true, false, true])
    end

    it "knows what tells itself what it depends on, and what serves or is the same" do
      now = ->(_member) { 1 }
      memo.recall(:told, now) { GreenPlinth::Reads.note("zones") && "told" }
      memo.find(:serving, ->(_) { false }) { "serving" }
      memo.same(:same, [1], kept = +"same")
      aside = memo.aside
      expect(aside.recall(:told, now) { raise "asked again" }).to eq("told")
      expect(aside.find(:serving, ->(one) { one == "serving" }) { "asked again" }).to eq("serving")
      expect(aside.same(:same, [1], +"same").equal?(kept)).to be(true)
    end

    it "keeps little, and pauses between any two parts" do
      pauses = 0
      aside = memo.aside(-> { pauses += 1 })
      4.times { |n| aside.fetch(:learnt, n) { n } }
      expect([pauses, (0..3).count { |n| aside.known?(:learnt, n) }]).to eq([4, 2])
    end
  end

  subject(:memo) { described_class.new(room: 2) }

  it "computes once for the same inputs" do
    calls = 0
    2.times { memo.fetch(:area, "plinth") { calls += 1 } }
    expect(calls).to eq(1)
  end

  it "keeps an answer of nil" do
    calls = 0
    2.times { memo.fetch(:level, "pool") { calls += 1 and nil } }
    expect(calls).to eq(1)
  end

  it "lets go of what was asked for longest ago" do
    memo.fetch(:part, 1) { :one }
    memo.fetch(:part, 2) { :two }
    memo.fetch(:part, 1) { :never }
    memo.fetch(:part, 3) { :three }
    expect(memo.fetch(:part, 1) { :again }).to eq(:one)
    expect(memo.fetch(:part, 2) { :again }).to eq(:again)
  end

  it "digests plain data whatever order its members come in" do
    expect(described_class.digest({ "a" => 1,
"b" => [{ "x" => 1, "y" => 2 }] })).to eq(described_class.digest({ "b" => [{ "y" => 2, "x" => 1 }], "a" => 1 }))
    expect(described_class.digest([1, 2])).not_to eq(described_class.digest([2, 1]))
  end

  it "does not rebuild the relief when a figure moves" do
    file = plain_file(forms: [lift(5, round(40))], subjects: [figure(round(10))])
    shared = described_class.new
    first = GreenPlinth.evaluate(design(file), memo: shared).terrain
    moved = GreenPlinth.evaluate(design(file.merge("subjects" => [figure(round(10), at_mm: [5, 5])])), memo: shared)
    expect(moved.terrain).to equal(first)
    expect(moved.layout.subjects).not_to eq(GreenPlinth.evaluate(design(file), memo: shared).layout.subjects)
  end

  it "gives the same evaluation with a warm memory as without one" do
    shared = described_class.new
    file = sample("peat-bank")
    GreenPlinth.evaluate(design(file), memo: shared).to_h
    file["forms"][3]["depth_mm"] = 4
    expect(GreenPlinth.evaluate(design(file), memo: shared).to_h).to eq(told(file))
  end
end
