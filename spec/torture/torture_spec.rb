# frozen_string_literal: true

require_relative "../../torture/ordeals"

# The ordeals of bin/torture in their short form, over a database of their own. How soon an answer comes is measured by
# bin/torture on a quiet machine, not here.
RSpec.describe "Torture" do
  let(:database) { ENV.fetch("DATABASE_URL").sub(/_test\z/, "_torture") }
  let(:kit) { Torture::Kit.new(database, 1) }

  before do
    system({ "DATABASE_URL" => database }, "ruby", "-rbundler/setup", File.join(Specimens::ROOT, "bin/lib/prepare_database.rb")) or
      raise "no database to torture"
    kit.empty
  end

  def stood(ordeal)
    result = ordeal.call
    expect(result.stood).to be(true), result.to_s
  end

  it("loses no acknowledged edit to kill -9") { stood(Torture::Kills.new(kit, rounds: 4)) }
  it("answers nonsense with a refusal") { stood(Torture::Fuzz.new(kit, requests: 400, within: Torture::Client::PATIENCE)) }
  it("bears odd builds") { stood(Torture::OddBuilds.new(kit, every: 16, within: Torture::Client::PATIENCE)) }
  it("keeps two servers alike") { stood(Torture::Twins.new(kit)) }
  it("keeps the edits of an open page through outages") { stood(Torture::OpenPage.new(kit, outages: 2)) }
end
