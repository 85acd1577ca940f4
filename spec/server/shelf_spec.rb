# frozen_string_literal: true

RSpec.describe "The shelf over HTTP" do
  include Api

  before { ServerSpec.store.all.each { |one| ServerSpec.store.delete(one.id) } }

  def shelf(**wanted)
    get("/api/builds", wanted)
    answer
  end

  def titles(**wanted) = shelf(**wanted)["builds"].map { |build| build["title"] }

  it "is searched in titles, whatever letters and signs are typed" do
    ["Heron 100%", "heron pond", "Mill_race"].each { |title| create(plain_file(title: title)) }
    expect(titles(search: " HERON ")).to contain_exactly("Heron 100%", "heron pond")
    expect([titles(search: "100%"), titles(search: "l_r"), titles(search: "n_p"), titles(search: "\\")])
      .to eq([["Heron 100%"], ["Mill_race"], [], []])
  end

  it "comes so many at a time, with how many there are in all" do
    5.times { |n| create(plain_file(title: "Number #{n}")) }
    expect(shelf(limit: 2, from: 1, sort: "title")).to include("total" => 5)
    expect(titles(limit: 2, from: 1, sort: "title")).to eq(["Number 1", "Number 2"])
    get("/api/builds", limit: 1000)
    expect([last_response.status, answer["problems"].first["pointer"]]).to eq([422, "/limit"])
  end

  it "is sorted by what was changed last, by title, or by the dates of those that are not ready" do
    starts = { "Past" => "2020-01-01T08:00", "Later" => "2032-03-01T08:00", "Soon" => "2031-03-01T08:00" }
    starts.each { |title, start| create(plain_file(title: title, calendar: { start: start })) }
    expect([titles, titles(sort: "title"), titles(sort: "ready")])
      .to eq([%w[Soon Later Past], %w[Later Past Soon], %w[Soon Later Past]])
  end
end
