# frozen_string_literal: true

require "vips"

RSpec.describe "Photographs over HTTP" do
  include Api

  let(:build) { create(plain_file(title: "Fen")) }

  before { ServerSpec.clear }
  after { ServerSpec.clear }

  def send_picture(bytes, type = "image/jpeg")
    custom_request("POST", "/api/builds/#{build["id"]}/pictures", {},
      { :input => bytes, "CONTENT_TYPE" => type, "HTTP_X_CSRF_TOKEN" => token })
    answer
  end

  def image_of(number, path = "picture")
    get("/api/builds/#{build["id"]}/#{path}/#{number}")
    Vips::Image.new_from_buffer(last_response.body, "")
  end

  # Red above, blue below, as the sensor saw it.
  def shot(width = 60, height = 40)
    half = ->(colour) { (Vips::Image.black(width, height / 2, bands: 3) + colour).cast(:uchar) }
    half[[250, 0, 0]].join(half[[0, 0, 250]], :vertical).copy(interpretation: :srgb)
  end

  def held_upright(image)
    image.mutate do |one|
      one.set_type!(GObject::GINT_TYPE, "orientation", 6)
      one.set_type!(GObject::GSTR_TYPE, "exif-ifd0-Make", "Camera (Camera, ASCII, 7 components, 7 bytes)")
      one.set_type!(GObject::GSTR_TYPE, "exif-ifd3-GPSLatitude", "51/1 30/1 0/1 (51, 30, 0, Rational, 3 components, 24 bytes)")
    end
  end

  it "are kept upright, with neither place nor device in them" do
    bytes = held_upright(shot).jpegsave_buffer
    expect(Vips::Image.new_from_buffer(bytes, "").get_fields).to include("exif-ifd0-Make", "orientation")
    sent = send_picture(bytes)
    expect(sent).to include("width" => 40, "height" => 60)
    image = image_of(sent["number"])
    expect(image.get_fields.grep(/exif|orientation|icc|xmp|iptc/)).to be_empty
    expect(last_response.body).not_to include("Camera")
    # Turned by a quarter to the right, what was above lies to the right.
    expect(image.getpoint(35, 30)).to match([be > 200, be < 60, be < 60])
    expect(image.getpoint(4, 30)).to match([be < 100, be < 60, be > 200])
  end

  it "are shrunk to 2,000 px, with a small one beside them" do
    sent = send_picture(Vips::Image.black(3000, 1500, bands: 3).copy(interpretation: :srgb).pngsave_buffer, "image/png")
    expect(sent.values_at("width", "height")).to eq([2000, 1000])
    expect(image_of(sent["number"], "small-picture").width).to eq(320)
    expect(last_response.headers).to include("content-type" => "image/jpeg")
    get("/api/builds/#{build["id"]}/pictures")
    expect(answer["pictures"].map { |one| one["number"] }).to eq([sent["number"]])
  end

  it "lie under the plan as two points say, moved by another event, and are taken away" do
    number = send_picture(shot(600, 400).jpegsave_buffer)["number"]
    under = -> { get("/api/builds/#{build["id"]}/pictures").then { answer }["underlays"] }
    path = "/api/builds/#{build["id"]}/underlay"
    asked = { picture: number, from_px: [100, 50], to_px: [400, 450 - 50], distance_mm: 92 }
    # 300 across and 350 down: 460.98 px are 92 mm.
    laid = post_json(path, asked)
    expect(laid).to include("mm_per_px" => be_within(1e-5).of(92 / Math.hypot(300, 350)), "at_mm" => [0, 0])
    record(build, event("pictured", data: { picture: number, underlay: laid }))
    expect(under.call.map { |one| one["at_mm"] }).to eq([[0, 0]])
    record(build, event("pictured", at: "2027-03-01T20:00:00Z", data: { picture: number, underlay: laid.merge("at_mm" => [5, -2]) }))
    expect(under.call.map { |one| one["at_mm"] }).to eq([[5, -2]])
    record(build, event("pictured", at: "2027-03-01T21:00:00Z", data: { picture: number, underlay: laid.merge("shown" => false) }))
    expect(under.call).to eq([])
    [[asked.merge(to_px: [101, 50]), "/to_px"], [asked.merge(to_px: [601, 50]), "/to_px"], [asked.merge(picture: 99), "/picture"],
      [asked.merge(distance_mm: 0), "/distance_mm"]].each do |wrong, pointer|
      expect(post_json(path, wrong)["problems"].map { |one| one["pointer"] }).to eq([pointer])
    end
  end

  it "stay pinned to a part by its name, however the file changes" do
    number = send_picture(shot.jpegsave_buffer)["number"]
    made = create(plain_file(title: "Fen", subjects: [figure(round(8), id: "heron"), figure(round(8), id: "crane", at_mm: [20, 0])]))
    record(made, event("pictured", data: { picture: number, fact: "stands on one leg", part: "/subjects/1" }))
    pinned = -> { get("/api/builds/#{made["id"]}/pictures").then { answer }["references"].map { |one| one.values_at("fact", "part") } }
    expect(pinned.call).to eq([["stands on one leg", "/subjects/1"]])
    change(read(made), { op: "remove", path: "/subjects/0" })
    expect(pinned.call).to eq([["stands on one leg", "/subjects/0"]])
    change(read(made), { op: "remove", path: "/subjects/0" })
    expect(pinned.call).to eq([["stands on one leg", nil]])
  end

  it "are taken as WebP, and what shines through stands on white" do
    clear = Vips::Image.black(20, 20, bands: 4).copy(interpretation: :srgb).webpsave_buffer
    expect(image_of(send_picture(clear, "image/webp")["number"]).getpoint(10, 10)).to all(be > 245)
  end

  { "an SVG" => "<svg xmlns='http://www.w3.org/2000/svg'><script>alert(1)</script></svg>", "HTML" => "<!doctype html><script>1</script>",
    "nothing" => "", "a program" => "MZ\x90\x00" }.each do |what, bytes|
    it "is not #{what}, whatever it is called" do
      expect(send_picture(bytes)["problems"].first["message"]).to match(/no JPEG, PNG or WebP picture/)
    end
  end

  it "is not one that is broken off" do
    expect(send_picture(shot(600, 400).jpegsave_buffer[0, 900])["problems"].first["message"]).to match(/broken/)
    expect(get("/api/builds/#{build["id"]}/pictures").then { answer }["pictures"]).to be_empty
  end

  it "is not one that claims to be huge: only its head is read" do
    head = [1_000_000, 1_000_000].pack("NN") + [8, 2, 0, 0, 0].pack("C5")
    chunk = [13].pack("N") + "IHDR" + head + [Zlib.crc32("IHDR#{head}")].pack("N")
    refused = send_picture("\x89PNG\r\n\x1A\n".b + chunk.b, "image/png")
    expect(refused["problems"].first["message"]).to match(/claims 1000000 × 1000000|broken/)
  end

  it "is not larger than 25 MB" do
    send_picture("\xFF\xD8\xFF".b + ("x" * 25_000_001))
    expect(last_response.status).to eq(413)
  end

  it "is of its own build only" do
    sent = send_picture(shot.jpegsave_buffer)["number"]
    other = create(plain_file)
    get("/api/builds/#{other["id"]}/picture/#{sent}")
    expect(last_response.status).to eq(404)
  end
end
