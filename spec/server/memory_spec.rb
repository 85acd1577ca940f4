# frozen_string_literal: true

RSpec.describe "What was computed of builds" do
  before { ServerSpec.database }

  let(:memory) { GreenPlinth::Server::Memory.new }

  def known?(id) = memory.of(id).known?(:part)
  def compute(id) = memory.of(id).fetch(:part) { id }

  it "is remembered for each build by itself, for those that were asked for last" do
    (1..GreenPlinth::Server::Memory::MOST).each { |id| compute(id) }
    memory.of(1)
    compute(99)
    expect([known?(1), known?(99), known?(2)]).to eq([true, true, false])
  end

  it "is forgotten by halves where it grows too large, the oldest first" do
    (1..4).each { |id| compute(id) }
    memory.lighten
    expect((3..4).map { |id| known?(id) }).to eq([true, true])
    expect((1..2).map { |id| known?(id) }).to eq([false, false])
    3.times { memory.lighten }
    expect(known?(4)).to be(false)
  end
end
