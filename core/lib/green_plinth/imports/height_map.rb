# frozen_string_literal: true

require "nokogiri" # its own libxml first: libvips brings the system's
require "vips"

# With threads of its own libvips may end before it has seen that a picture is cut off, and hand out memory that nobody filled.
Vips.concurrency_set(1)

module GreenPlinth
  module Imports
    # Heights of real or made-up ground out of a file: a PNG (the brighter, the higher; of a coloured one the mean of red, green
    # and blue) or the plain ESRI ASCII grid. Rows run from the back (north) to the front.
    class HeightMap
      MOST_BYTES = 1_400_000
      MOST_CELLS = 4_000_000
      SIGNATURE = "\x89PNG\r\n\x1A\n".b

      # @return [Numo::DFloat] rows × columns, the first row the back; NaN where the file has no data
      attr_reader :values

      # @param bytes [String]
      # @return [HeightMap]; raises InvalidFile
      def self.read(bytes) = new(bytes.b)

      def initialize(bytes)
        refuse("the map is larger than #{MOST_BYTES / 1000} kB") if bytes.bytesize > MOST_BYTES
        @values = bytes.start_with?(SIGNATURE) ? png(bytes) : ascii(bytes)
        known = @values[@values.isnan.eq(0)]
        refuse("it holds no heights") if known.empty?
        refuse("it is quite flat: there is nothing to slice") if known.max - known.min < 1e-9
      end

      # Stretched over a box of the plan, its lowest place 0, its highest `height` mm; no data counts as lowest.
      # @param grid [Relief::Grid]
      # @return [Numo::DFloat] over the grid
      def fitted(grid, height)
        known = values[values.isnan.eq(0)]
        low, high = known.min, known.max
        share = (values - low) / (high - low)
        share[values.isnan] = 0.0
        sampled(share, grid) * height
      end

      private

      def refuse(message) = raise(InvalidFile, [Problem.new("/data", message)])

      # Between the four nearest values.
      def sampled(share, grid)
        rows, columns = share.shape
        across = ((grid.xs - grid.left) / (grid.columns * grid.cell) * (columns - 1)).clip(0, columns - 1)
        across = across.reshape(1, grid.columns) + Numo::DFloat.zeros(grid.rows, 1)
        down = ((1 - ((grid.ys - grid.front) / (grid.rows * grid.cell))) * (rows - 1)).clip(0, rows - 1)
        down += Numo::DFloat.zeros(1, grid.columns)
        c0, r0 = across.floor.clip(0, [columns - 2, 0].max), down.floor.clip(0, [rows - 2, 0].max)
        tx, ty = across - c0, down - r0
        flat = share.flatten
        at = ->(dr, dc) { flat[Numo::Int32.cast(((r0 + dr).clip(0, rows - 1) * columns) + (c0 + dc).clip(0, columns - 1))] }
        (((at[0, 0] * (1 - tx)) + (at[0, 1] * tx)) * (1 - ty)) + (((at[1, 0] * (1 - tx)) + (at[1, 1] * tx)) * ty)
      end

      # Read by libvips: nothing is unpacked before its size is known, and never more than that. Row after row (sequential),
      # since only then a row that is missing is an error; otherwise it would be left black with a warning.
      def png(bytes)
        image = Vips::Image.pngload_buffer(bytes, access: :sequential, fail_on: :error)
        refuse("it has more than #{MOST_CELLS / 1_000_000} million pixels") if image.width * image.height > MOST_CELLS
        colours = image.extract_band(0, n: image.bands >= 3 ? 3 : 1)
        grey = colours.bandmean.cast(:double)
        Numo::DFloat.from_binary(grey.write_to_memory, [grey.height, grey.width])
      rescue Vips::Error => e
        refuse("its picture cannot be read: #{e.message.lines.first.to_s.strip[0, 120]}")
      end

      # ncols, nrows, cellsize and NODATA_value by name, then the heights. Source: the ESRI ASCII raster format.
      def ascii(bytes)
        words = bytes.scrub.split
        head = {}
        head[words.shift.downcase] = Float(words.shift, exception: false) while words.size > 1 && words.first.match?(/\A[a-z_]+\z/i)
        columns, rows = head.values_at("ncols", "nrows").map { |value| value&.to_i }
        refuse("it is neither a grey PNG nor an ESRI ASCII grid (ncols, nrows, … then the heights)") unless columns&.positive? &&
          rows&.positive?
        refuse("it has more than #{MOST_CELLS / 1_000_000} million cells") if columns * rows > MOST_CELLS
        refuse("it promises #{columns} × #{rows} heights and holds #{words.size}") unless words.size == columns * rows

        heights = words.map { |word| Float(word, exception: false) || refuse("#{word[0, 20]} is no height") }
        field = Numo::DFloat.cast(heights).reshape(rows, columns)
        field[field.eq(head["nodata_value"])] = Float::NAN if head["nodata_value"]
        field
      end
    end
  end
end
