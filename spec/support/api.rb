# frozen_string_literal: true

require "rack/test"

# Speaks to the application as a page does: JSON, a session, its token; and holds every answer to the description.
module Api
  include Rack::Test::Methods

  def app = @app ||= Rack::Lint.new(ServerSpec.app)
  def build_rack_test_session(_name) = Rack::Test::Session.new(app, "localhost")
  def openapi = @openapi ||= JSON.parse(File.read(File.join(Specimens::ROOT, "docs/openapi.json")))
  def contract = @contract ||= GreenPlinth::Server::Contract.new(openapi)
  def token = @token ||= get("/api/session").then { JSON.parse(last_response.body)["csrf_token"] }

  def send_json(method, path, data, **headers)
    text = data.is_a?(String) ? data : JSON.generate(data)
    custom_request(method, path, {},
      { :input => text, "CONTENT_TYPE" => "application/json", "HTTP_X_CSRF_TOKEN" => token }.merge(headers.transform_keys(&:to_s)))
    answer
  end

  def post_json(...) = send_json("POST", ...)
  def patch_json(...) = send_json("PATCH", ...)

  # The parsed answer, once it is as the description says it is.
  def answer
    return if last_response.status == 204

    data = JSON.parse(last_response.body)
    operation = described
    expect(operation).not_to be_nil, "#{last_request.request_method} #{last_request.path} is not described"
    type = last_response.media_type
    if last_response.successful?
      schema = operation.dig("responses", last_response.status.to_s, "content", type, "schema")
      expect(schema).not_to be_nil, "no #{last_response.status} #{type} in the description"
      expect(wrong(schema, data)).to be_empty
    else
      expect(type).to eq("application/problem+json")
      expect(contract.problems("Problem", data).map(&:to_s)).to be_empty
      expect(data["status"]).to eq(last_response.status)
    end
    data
  end

  def described
    openapi["paths"].each do |path, operations|
      pattern = Regexp.new("\\A#{Regexp.escape(path).gsub(/\\\{\w+\\\}/, "[^/]+?")}\\z")
      return operations[last_request.request_method.downcase] if pattern.match?(last_request.path)
    end
    nil
  end

  def wrong(schema, data)
    return contract.problems(schema["$ref"].split("/").last, data).map(&:to_s) if schema["$ref"]

    data.flat_map { |one| wrong(schema["items"], one) }
  end

  # Something that happened at the bench, as a device tells it.
  def event(kind, step: nil, at: "2027-03-01T19:30:00.000+01:00", data: {}, copies: nil, id: SecureRandom.uuid)
    { id: id, kind: kind, at: at, step: step, copies: copies, data: data }.compact
  end

  # @return [Hash] the build after these; what was refused as it was
  def record(build, *events)
    told = post_json("/api/builds/#{build["id"]}/events", { events: events })
    last_response.successful? ? get("/api/builds/#{build["id"]}").then { answer } : told
  end

  def create(file = plain_file) = post_json("/api/builds", file)
  def change(build, *patch, label: "Change", version: build["version"])
    patch_json("/api/builds/#{build["id"]}", { version: version, label: label, patch: patch })
  end
  def read(build) = get("/api/builds/#{build["id"]}").then { answer }
end
