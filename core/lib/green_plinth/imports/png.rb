# frozen_string_literal: true

require "zlib"

module GreenPlinth
  module Imports
    # The grey values of a PNG, 8 or 16 bits to the sample; of coloured ones the mean of red, green and blue. Source: PNG
    # specification, W3C/ISO 15948. Interlaced and palette images are refused.
    class Png
      MOST_PIXELS = 4_000_000
      # Samples for each pixel by colour type: grey, red-green-blue, grey with alpha, all four.
      SAMPLES = { 0 => 1, 2 => 3, 4 => 2, 6 => 4 }.freeze

      # @param bytes [String] binary, beginning with PNG's signature
      def initialize(bytes)
        @bytes = bytes
      end

      # @return [Numo::DFloat] rows × columns; raises InvalidFile
      def grey
        header
        rows = unfiltered(inflated)
        samples = SAMPLES[@type]
        field = Numo::DFloat.cast(rows.flat_map { |row| @depth == 16 ? row.pack("C*").unpack("n*") : row })
          .reshape(@height, @width, samples)
        samples >= 3 ? field[true, true, 0..2].mean(2) : field[true, true, 0].dup
      end

      private

      def refuse(message) = raise(InvalidFile, [Problem.new("/data", message)])

      # @return [Array<Array(String, String)>] chunks by name
      def chunks
        @chunks ||= [].tap do |list|
          at = 8
          while at + 12 <= @bytes.bytesize
            size = @bytes.byteslice(at, 4).unpack1("N")
            list << [@bytes.byteslice(at + 4, 4), @bytes.byteslice(at + 8, size)]
            at += 12 + size
          end
        end
      end

      def header
        name, data = chunks.first
        refuse("it is no whole PNG") unless name == "IHDR" && data.bytesize == 13
        @width, @height, @depth, @type, _, _, interlace = data.unpack("NNCCCCC")
        refuse("it has #{@depth} bits to the sample; save it with 8 or 16") unless [8, 16].include?(@depth)
        refuse("it has a palette; save it as grey") unless SAMPLES.key?(@type)
        refuse("it is interlaced; save it without") unless interlace.zero?
        refuse("it has more than #{MOST_PIXELS / 1_000_000} million pixels") if @width * @height > MOST_PIXELS || @width.zero? ||
          @height.zero?
        @pixel = SAMPLES[@type] * @depth / 8
      end

      # Never more than the header promises.
      def inflated
        wanted = @height * ((@width * @pixel) + 1)
        stream = Zlib::Inflate.new
        data = +"".b
        chunks.each { |name, part| name == "IDAT" && data.bytesize < wanted && data << stream.inflate(part) }
        refuse("its picture ends early") if data.bytesize < wanted
        data.byteslice(0, wanted)
      rescue Zlib::Error
        refuse("its picture cannot be unpacked")
      end

      def unfiltered(data)
        stride = @width * @pixel
        before = Array.new(stride, 0)
        Array.new(@height) do |row|
          start = row * (stride + 1)
          before = line(data.getbyte(start), data.byteslice(start + 1, stride).bytes, before)
        end
      end

      # The five filters, each a guess from the pixel before and the row above.
      def line(filter, bytes, above)
        refuse("its picture is filtered in a way that does not exist") if filter > 4
        return bytes if filter.zero?
        return bytes.each_index.map { |i| (bytes[i] + above[i]) & 255 } if filter == 2

        bytes.each_index do |i|
          left = i < @pixel ? 0 : bytes[i - @pixel]
          guess = case filter
                  when 1 then left
                  when 3 then (left + above[i]) / 2
                  else paeth(left, above[i], i < @pixel ? 0 : above[i - @pixel])
                  end
          bytes[i] = (bytes[i] + guess) & 255
        end
        bytes
      end

      def paeth(left, above, corner)
        sum = left + above - corner
        [left, above, corner].min_by.with_index { |value, index| [(sum - value).abs, index] }
      end
    end
  end
end
