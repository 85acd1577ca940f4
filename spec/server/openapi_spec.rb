# frozen_string_literal: true

RSpec.describe "The API description" do
  let(:document) { JSON.parse(File.read(File.join(Specimens::ROOT, "docs/openapi.json"))) }

  before { ServerSpec.database }

  def references(node)
    case node
    when Hash then [node["$ref"], *node.values.flat_map { |inner| references(inner) }].compact
    when Array then node.flat_map { |inner| references(inner) }
    else []
    end
  end

  it "is a valid OpenAPI 3.1 document" do
    expect(document["openapi"]).to start_with("3.1")
    resolver = ->(_uri) { JSON.parse(File.read(GreenPlinth::Files::Schema::PATH)) }
    expect(JSONSchemer.openapi(document, ref_resolver: resolver).validate.map do |error|
      error["error"]
    end.to_a).to be_empty
  end

  it "refers to nothing that is not there" do
    references(document).each do |reference|
      next expect(File.file?(File.join(Specimens::ROOT, "docs", reference))).to be(true),
        reference unless reference.start_with?("#/")

      expect(document.dig(*reference.delete_prefix("#/").split("/"))).not_to be_nil, reference
    end
  end

  it "says of every operation what it is, what it answers and how it fails" do
    document["paths"].each_value do |operations|
      operations.each_value do |operation|
        expect(operation["summary"]).to be_a(String)
        expect(operation["operationId"]).to match(/\A[a-zA-Z]+\z/)
        expect(operation["responses"].keys).to include("default")
      end
    end
  end

  it "asks for the token wherever something changes" do
    document["paths"].each do |path, operations|
      operations.slice("post", "put", "patch", "delete").each do |method, operation|
        expect(operation["security"]).to eq([{ "session_token" => [] }]), "#{method} #{path}"
      end
    end
  end

  it "knows the snags and patches that the core makes" do
    contract = GreenPlinth::Server::Contract.new(document)
    sample_names.each do |name|
      told(sample(name))["snags"].each do |snag|
        expect(contract.problems("Snag", snag).map(&:to_s)).to be_empty
        snag["fixes"].each do |fix|
          expect(contract.problems("Edit",
            { "version" => 1, "label" => fix["label"], "patch" => fix["patch"] }).map(&:to_s)).to be_empty
        end
      end
    end
  end

  it "refuses what the description does not allow, each with its place" do
    contract = GreenPlinth::Server::Contract.new(document)
    found = contract.problems("Edit",
      { "version" => "x", "label" => "y", "patch" => [{ "op" => "add", "path" => "/a" }] })
    expect(found.map(&:pointer)).to include("/version", "/patch/0")
    expect { contract.check("Move", {}) }.to raise_error(GreenPlinth::InvalidFile)
    expect(contract.check("Move", { "version" => 3 })).to eq({ "version" => 3 })
  end
end
