# frozen_string_literal: true

RSpec.describe "How figures come about, over HTTP" do
  include Api

  before { ServerSpec.clear }

  it "is told of a build, as described" do
    id = create(plain_file(zones: [zone(course("earth_paste", thickness_mm: 2))]))["id"]
    get("/api/builds/#{id}/reckonings")
    expect(last_response.status).to eq(200)
    expect(answer.map { |one| one["key"] }).to include("vitals/ready", "vitals/mass", "quantities/earth_paste/")
    get("/api/builds/999999/reckonings")
    expect(last_response.status).to eq(404)
  end
end
