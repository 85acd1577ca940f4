# frozen_string_literal: true

module GreenPlinth
  module Server
    # A photograph as it is kept: upright, no larger than it has to be, a JPEG with nothing in it but what is seen: neither the place
    # nor the device nor the moment.
    class Photograph
      MOST_BYTES = 25_000_000
      # Larger ones are no photographs, pixels; a header that lies is found before anything is unpacked.
      MOST_PIXELS = 120_000_000
      # The longer side, px.
      LONG = 2000
      SMALL = 320
      QUALITY = 85
      # By what a file begins with, never by what it is called.
      KINDS = { "JPEG" => /\A\xFF\xD8\xFF/n, "PNG" => /\A\x89PNG\r\n\x1A\n/n, "WebP" => /\ARIFF.{4}WEBP/mn }.freeze

      attr_reader :bytes, :small, :width, :height

      # @param bytes [String] JPEG, PNG or WebP
      # @return [Photograph]; raises InvalidFile
      def self.read(bytes) = new(bytes.b)

      def initialize(bytes)
        refuse("it is #{(bytes.bytesize / 1e6).ceil} MB; a photograph may have #{MOST_BYTES / 1_000_000} MB") if bytes.bytesize > MOST_BYTES
        known = KINDS.each_value.any? { |sign| sign.match?(bytes) }
        refuse("it is no JPEG, PNG or WebP picture, whatever it is called: send one of these") unless known
        measured(bytes)
        image = shrunk(bytes, LONG)
        @width, @height = image.width, image.height
        @bytes, @small = written(image), written(shrunk(bytes, SMALL))
      rescue Vips::Error => e
        refuse("it is broken: #{Log.plain(e.message.lines.first.to_s.strip)[0, 120]}")
      end

      private

      def refuse(message) = raise(InvalidFile, [GreenPlinth::Problem.new("/picture", message)])

      # Only its head is read at first; then row after row, so that one that is broken off is found and not filled up with grey.
      def measured(bytes)
        head = Vips::Image.new_from_buffer(bytes, "", access: :sequential, fail_on: :truncated)
        refuse("it claims #{head.width} × #{head.height} pixels: too large for a photograph") if head.width * head.height > MOST_PIXELS
        head.avg
      end

      # Turned as the camera was held, in the colours of the web.
      def shrunk(bytes, side)
        image = Vips::Image.thumbnail_buffer(bytes, side, height: side, size: :down, export_profile: "srgb", fail_on: :error)
        image = image.flatten(background: [255, 255, 255]) if image.has_alpha?
        image.colourspace(:srgb)
      end

      def written(image) = image.jpegsave_buffer(Q: QUALITY, strip: true, optimize_coding: true, interlace: false)
    end
  end
end
