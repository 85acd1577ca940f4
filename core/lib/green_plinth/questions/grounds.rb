# frozen_string_literal: true

module GreenPlinth
  module Questions
    # Ground made of ground: zones joined into one, or one split along a line. What comes out is drawn corner by corner.
    class Grounds
      # Areas smaller than this are left over by rounding, mm².
      LEAST_MM2 = 0.5
      SIMPLIFY_MM = 0.05
      # Corners are written to this many decimals of a mm.
      DECIMALS = 2
      # A line reaches so many mm beyond every base, both ways.
      BEYOND_MM = 20_000.0

      # @param evaluation [Evaluation]
      def initialize(evaluation)
        @design = evaluation.design
        @zones = @design.zones
        @ground = evaluation.ground
      end

      # The first keeps its name and its courses and takes the areas of the others, which go.
      # @param places [Array<Integer>] among the zones, two or more
      # @return [Array<Hash>] JSON Patch; raises InvalidFile where they do not make one area without a hole
      def joined(places)
        first, *others = known(places.uniq, "/join")
        refuse("/join", "takes two zones or more") if others.empty?
        rest = [first, *others].find(&:rest?)
        refuse("/join", "#{rest.name} takes all that is left as it is: join others") if rest
        outline = drawn(Plan::Geos.polygons(Plan::Geos.union([first, *others].map(&:area))), [first, *others])
        gone = others.map { |zone| index(zone) }.sort.reverse
        [replaced(first, outline), *gone.map { |at| { "op" => "remove", "path" => "/zones/#{at}" } }]
      end

      # What lies left of the line, seen along it, stays; what lies right of it is ground of its own, with the same courses.
      # @param place [Integer] among the zones
      # @param line [Array(Float, Float, Float, Float)] two points of it, mm
      # @return [Array<Hash>] JSON Patch; raises InvalidFile where the line does not part it
      def split(place, line)
        zone = known([place], "/split").first
        area = zone.rest? ? @ground.area(place) : zone.area
        left, right = halves(line).map { |half| Plan::Geos.polygons(area.intersection(half)).select { |one| one.area >= LEAST_MM2 } }
        refuse("/along", "does not part #{zone.name}: draw it across") if left.empty? || right.empty?
        parts = [*left, *right].map { |polygon| drawn([polygon], [zone]) }
        ids = @design.fresh_ids(zone.id.sub(/-\d+\z/, "")).first(parts.size - 1)
        kept, *apart = parts
        [replaced(zone, kept), *apart.zip(ids).map.with_index { |(outline, id), at| added(zone, place + 1 + at, outline, id, at + 2) }]
      end

      private

      def index(zone) = zone.pointer.split("/").last.to_i

      def known(places, pointer)
        places.map { |at| @zones[at] || refuse(pointer, "there is no zone at place #{at}") }
      end

      def replaced(zone, outline) = { "op" => "replace", "path" => "#{zone.pointer}/outline", "value" => outline }

      # Its courses get ids of their own when somebody speaks of them.
      def added(zone, at, outline, id, number)
        courses = (zone.data["courses"] || []).map { |course| course.except("id") }
        value = zone.data.merge("id" => id, "name" => "#{zone.name} #{number}", "outline" => outline, "courses" => courses)
        { "op" => "add", "path" => "/zones/#{at}", "value" => value }
      end

      # Left and right of a line, each as large as any base.
      def halves(line)
        x0, y0, x1, y1 = line
        long = Math.hypot(x1 - x0, y1 - y0)
        refuse("/along", "needs two points apart from each other") if long < 1e-6
        along = [(x1 - x0) / long, (y1 - y0) / long].map { |one| one * BEYOND_MM }
        left = [-along[1], along[0]]
        ends = [-1, 1].map { |sign| [x0 + (along[0] * sign), y0 + (along[1] * sign)] }
        [left, left.map(&:-@)].map do |side|
          Plan::Geos.polygon([*ends, *ends.reverse.map { |x, y| [x + side[0], y + side[1]] }])
        end
      end

      def drawn(polygons, zones)
        names = zones.map(&:name).join(" and ")
        refuse("/join", "#{names} do not touch: ground in two places stays two grounds") if polygons.size > 1
        whole = polygons.first
        pierced = whole.interior_rings.any? { |ring| Plan::Geos.ring_area(Plan::Geos.coordinates(ring)) >= LEAST_MM2 }
        refuse(zones.size > 1 ? "/join" : "/split", "#{names} would have a hole, which cannot be drawn corner by corner") if pierced
        { "kind" => "polygon", "points_mm" => corners(whole) }
      end

      def corners(polygon)
        simple = Plan::Geos.polygons(polygon.simplify(SIMPLIFY_MM)).first || polygon
        Plan::Geos.coordinates(simple.exterior_ring)[0..-2].map { |point| point.map { |one| one.round(DECIMALS) } }
      end

      def refuse(pointer, message) = raise(InvalidFile, [Problem.new(pointer, message)])
    end
  end
end
