# frozen_string_literal: true

module GreenPlinth
  module Templates
    # Lays boxes on sheets: the free room of every sheet is kept as the largest rectangles that fit in it, and each box goes
    # where it leaves the least along one side (maximal rectangles, best short side; Jylänki 2010). Several orders are
    # tried, the one of the fewest sheets is kept.
    class Packing
      # The largest first: by area, by the longer side, by the shorter, by the way round.
      ORDERS = [->(box) { -box.width * box.depth }, ->(box) { -[box.width, box.depth].max },
                ->(box) { -[box.width, box.depth].min }, ->(box) { -(box.width + box.depth) }].freeze
      # Beyond so many boxes one order must do.
      MANY = 150

      Box = Struct.new(:key, :width, :depth, :may_turn)
      Placed = Struct.new(:key, :x, :y, :width, :depth, :turned)
      Free = Struct.new(:x, :y, :width, :depth) do
        def holds?(width, depth) = width <= self.width + 1e-6 && depth <= self.depth + 1e-6
        def meets?(other)
          x < other.x + other.width - 1e-6 && other.x < x + width - 1e-6 && y < other.y + other.depth - 1e-6 && other.y < y + depth - 1e-6
        end
        def within?(other)
          x >= other.x - 1e-6 && y >= other.y - 1e-6 &&
            x + width <= other.x + other.width + 1e-6 && y + depth <= other.y + other.depth + 1e-6
        end
      end

      # @param size_mm [Array(Float, Float)] of a sheet
      # @param boxes [Array<Box>] each fits the sheet one way or the other
      def initialize(size_mm, boxes)
        @width, @depth = size_mm.map(&:to_f)
        @boxes = boxes
      end

      # @return [Array<Array<Placed>>] sheet by sheet
      def sheets
        orders = @boxes.size > MANY ? ORDERS.first(1) : ORDERS
        @sheets ||= orders.map { |order| packed(@boxes.sort_by.with_index { |box, i| [order.call(box), i] }) }
          .min_by { |sheets| [sheets.size, filled_last(sheets)] }
      end

      # No packing needs fewer: by area, and by boxes so large that no two share a sheet.
      # @return [Integer]
      def lower_bound
        by_area = @boxes.sum { |box| box.width * box.depth } / (@width * @depth)
        [(by_area - 1e-9).ceil, @boxes.count { |box| alone?(box) }].max
      end

      private

      # Whether a sheet that holds it has no room for another such.
      def alone?(box)
        [box.width, box.depth].min > [@width, @depth].max / 2.0 ||
          (box.width > @width / 2.0 && box.depth > @depth / 2.0 && !turns?(box))
      end

      def turns?(box) = box.may_turn && box.depth <= @width && box.width <= @depth
      def filled_last(sheets) = sheets.last&.sum { |placed| placed.width * placed.depth } || 0

      def packed(boxes)
        free = []
        sheets = []
        boxes.each do |box|
          index, place = best(free, box)
          unless place
            free << [Free.new(0.0, 0.0, @width, @depth)]
            sheets << []
            index = sheets.size - 1
            place = fit(free[index], box)
          end
          sheets[index] << place
          free[index] = cut(free[index], place)
        end
        sheets
      end

      def best(free, box)
        free.each_with_index do |rooms, index|
          place = fit(rooms, box)
          return [index, place] if place
        end
        [nil, nil]
      end

      def fit(rooms, box)
        ways = [[box.width, box.depth, false]]
        ways << [box.depth, box.width, true] if box.may_turn
        options = rooms.product(ways).select { |room, (width, depth, _)| room.holds?(width, depth) }
        room, (width, depth, turned) = options.min_by { |one, (width, depth, _)| [one.width - width, one.depth - depth].minmax }
        room && Placed.new(box.key, room.x, room.y, width, depth, turned)
      end

      # What is left of every room beside what was laid in it; rooms within others go.
      def cut(rooms, placed)
        taken = Free.new(placed.x, placed.y, placed.width, placed.depth)
        left = rooms.flat_map { |room| room.meets?(taken) ? beside(room, taken) : [room] }
        left.reject.with_index do |room, i|
          left.each_with_index.any? { |other, j| i != j && room.within?(other) && (!other.within?(room) || j < i) }
        end
      end

      def beside(room, taken)
        [Free.new(room.x, room.y, taken.x - room.x, room.depth),
          Free.new(taken.x + taken.width, room.y, room.x + room.width - taken.x - taken.width, room.depth),
          Free.new(room.x, room.y, room.width, taken.y - room.y),
          Free.new(room.x, taken.y + taken.depth, room.width,
            room.y + room.depth - taken.y - taken.depth)].select { |one| one.width > 1e-6 && one.depth > 1e-6 }
      end
    end
  end
end
