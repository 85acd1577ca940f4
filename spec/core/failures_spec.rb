# frozen_string_literal: true

RSpec.describe GreenPlinth::Failures do
  let(:heard) { [] }
  let(:file) { plain_file(zones: [zone(course("earth_paste", thickness_mm: 2))], subjects: [subject]) }
  let(:subject) { { "id" => "a", "kind" => "figure", "footprint" => { "kind" => "round", "diameter_mm" => 10 }, "at_mm" => [60, 0] } }

  def broken(where, method)
    allow_any_instance_of(where).to receive(method).and_raise(NoMethodError, "a mistake of ours")
    described_class.handled_by(->(part, error) { heard << [part, error.class] }) { yield evaluation(file) }
  end

  it "raises where nobody says what to do with a mistake" do
    allow_any_instance_of(GreenPlinth::Snags::OffPlinth).to receive(:snags).and_raise(NoMethodError, "a mistake of ours")
    expect { evaluation(file).snags }.to raise_error(NoMethodError)
  end

  it "tells a check as missing, and what the others find" do
    whole = evaluation(file).snags.map(&:code)
    broken(GreenPlinth::Snags::OffPlinth, :snags) do |evaluation|
      codes = evaluation.snags.map(&:code)
      expect(codes).to match_array(whole - ["fit/off_plinth"] + ["program/check_missing"])
      expect(evaluation.snags.find { |snag| snag.code == "program/check_missing" }.message).to include("fit/off_plinth")
    end
    expect(whole).to include("fit/off_plinth")
    expect(heard).to eq([["the check fit/off_plinth", NoMethodError]])
  end

  it "plans without a rule that breaks down, and says so" do
    whole = evaluation(file)
    expect(whole.snags.map(&:code)).not_to include("program/rule_missing")
    broken(GreenPlinth::Rules::PlinthPrepared, :waits) do |evaluation|
      expect(evaluation.steps.size).to eq(whole.steps.size)
      expect(evaluation.snags.map(&:code)).to include("program/rule_missing")
    end
  end

  it "says a judgement as unknown, and draws without a layer" do
    broken(GreenPlinth::Composition::Judgements::Thirds, :verdict) do |evaluation|
      expect(evaluation.judgements.find { |one| one.key == "thirds" }).to have_attributes(verdict: "unknown", figure: nil)
    end
    broken(GreenPlinth::Screens::PlanDrawing, :zones) do |evaluation|
      expect(evaluation.drawing).to include("zones" => [], "subjects" => [a_hash_including("pointer" => "/subjects/0")])
    end
  end

  it "lets answers through that are no mistakes" do
    described_class.handled_by(->(*) { heard << :called }) do
      expect { described_class.guard("x", nil) { raise GreenPlinth::Infeasible, "no time" } }.to raise_error(GreenPlinth::Infeasible)
    end
    expect(heard).to be_empty
  end
end
