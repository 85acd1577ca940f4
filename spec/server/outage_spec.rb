# frozen_string_literal: true

RSpec.describe "A database that is away" do
  include Api

  before { ServerSpec.clear }

  let(:build) { create }

  # What the driver raises, as Sequel hands it on.
  def refused(state)
    result = instance_double(PG::Result)
    allow(result).to receive(:error_field).and_return(state)
    wrapped = PG::Error.new("cannot").tap { |error| allow(error).to receive(:result).and_return(result) }
    Sequel.convert_exception_class(wrapped, Sequel::DatabaseError).tap { |error| error.wrapped_exception = wrapped }
  end

  { "the server stops" => -> { refused("57P01") }, "it starts up" => -> { refused("57P03") }, "its disk is full" => -> { refused("53100") },
    "it has no connection left" => -> { refused("53300") }, "the connection breaks" => -> { Sequel::DatabaseDisconnectError.new("gone") },
    "nobody is there" => -> { Sequel::DatabaseConnectionError.new("refused") }, "all connections are busy" => -> { Sequel::PoolTimeout.new("wait") } }
    .each do |what, error|
    it "is told as 503 with a time to ask again, when #{what}" do
      build
      allow_any_instance_of(GreenPlinth::Server::Store).to receive(:change).and_raise(instance_exec(&error))
      expect { change(build, { op: "replace", path: "/title", value: "Other" }) }.to output(/the database is away/).to_stderr
      expect(last_response.status).to eq(503)
      expect(last_response["Retry-After"]).to eq("2")
      expect(last_response.body).to include("send it again")
    end
  end

  it "is not what a mistake of ours is told as" do
    [refused("23505"), refused("42P01"), RuntimeError.new("x"), Sequel::Error.new("x")].each do |error|
      expect(GreenPlinth::Server::Outage === error).to be(false), error.inspect
    end
  end

  it "comes back by itself: connections that the server closed are made anew" do
    build
    ServerSpec.database.get(Sequel.lit("count(pg_terminate_backend(pid)) FROM pg_stat_activity " \
                                       "WHERE datname = current_database() AND pid <> pg_backend_pid() AND state = 'idle'"))
    answers = Array.new(25) { get("/api/builds").then { last_response.status } }
    expect(answers - [503]).to all(eq(200))
    expect(answers.last).to eq(200)
  end

  it "knows an edit again whose answer was lost" do
    edit = { id: "0b5f7c1e-58a3-4b7e-9f0e-2f5d8f0c1a2b", version: 1, label: "Title",
             patch: [{ op: "add", path: "/title", value: "Other" }] }
    first = patch_json("/api/builds/#{build["id"]}", edit)
    expect(patch_json("/api/builds/#{build["id"]}", edit).except("told")).to eq(first.except("told"))
    on_top = change(first, { op: "add", path: "/story", value: "Theirs" })
    expect(patch_json("/api/builds/#{build["id"]}", edit)).to include("version" => 3, "file" => on_top["file"])
  end
end
