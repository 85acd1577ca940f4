# frozen_string_literal: true

RSpec.describe "The limit on bodies" do
  before { ServerSpec.database }

  let(:limit) { GreenPlinth::Server::Middleware::BodyLimit.new(->(env) { [200, {}, [env["rack.input"].read]] }, 10) }

  def call(body, **more)
    limit.call({ "rack.input" => StringIO.new(body) }.merge(more.transform_keys(&:to_s)))
  end

  it "lets through what is small enough" do
    expect(call("1234567890", CONTENT_LENGTH: "10")).to eq([200, {}, ["1234567890"]])
  end

  it "refuses by what the client says" do
    status, headers, body = call("", CONTENT_LENGTH: "11")
    expect([status, headers["content-type"]]).to eq([413, "application/problem+json"])
    expect(JSON.parse(body.first)["title"]).to eq("Too large")
  end

  it "refuses by what it turns out to be, where the client says nothing" do
    expect(call("12345678901", HTTP_TRANSFER_ENCODING: "chunked").first).to eq(413)
    expect(call("1234", HTTP_TRANSFER_ENCODING: "chunked")).to eq([200, {}, ["1234"]])
  end
end
