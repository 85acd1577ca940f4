# frozen_string_literal: true

module GreenPlinth
  module Balance
    # Mass by part, centre of mass and the angle at which the base tips. Unknown masses stay unknown: then the whole
    # is unknown too, and what is known is told apart.
    class Mass
      # A moulded base is hollow: weighed as a shell (trade rule, from memory), mm.
      SHELL_MM = 2.0
      # One part: grams (nil unknown) and the centre of its mass, mm.
      Share = Struct.new(:pointer, :grams, :centre)

      # @param thickness_mm [Float] of the plinth, where it is asked what another one would do
      def initialize(design, terrain, pools, thickness_mm: design.plinth.thickness_mm)
        @design = design
        @terrain = terrain
        @pools = pools
        @thickness = thickness_mm
      end

      # @param thickness_mm [Float]
      # @return [Mass] of the same base on a plinth of this thickness
      def on_plinth(thickness_mm) = self.class.new(@design, @terrain, @pools, thickness_mm: thickness_mm)

      # @return [Array<Share>]
      def pieces = @pieces ||= [plinth, *forms, *courses, *waters, *features, *subjects]

      # @return [Array<String>] pointers of the parts whose mass is not known
      def unknown = pieces.select { |piece| piece.grams.nil? }.map(&:pointer)

      # @return [Float] grams of what is known
      def known_g = pieces.sum { |piece| piece.grams || 0.0 }

      # @return [Float, nil] grams; nil while any part is unknown
      def total_g = unknown.empty? ? known_g : nil

      # @return [Array(Float, Float, Float), nil] mm
      def centre
        total = total_g
        return unless total&.positive?

        (0..2).map { |axis| pieces.sum { |piece| piece.grams.zero? ? 0.0 : piece.grams * piece.centre[axis] } / total }
      end

      # The least angle, over the edges of the foot, that brings the centre of mass over the edge.
      # @return [Float, nil] degrees
      def tip_deg = centre && tips_at(centre)

      # @param middle [Array(Float, Float, Float)] of all that stands on this foot, mm
      # @return [Float] degrees that bring it over the nearest edge; 0 where it lies beyond
      def tips_at((x, y, z))
        hull = @terrain.ground.foot.convex_hull
        return 0.0 unless hull.contains?(Plan::Geos.point([x, y]))

        arm = hull.exterior_ring.distance(Plan::Geos.point([x, y]))
        Math.atan2(arm, z + @thickness) * 180 / Math::PI
      end

      # @return [Float, nil] mm from the bench to the highest thing; nil while a height is unknown
      def height_mm
        tops = [@terrain.highest_mm, *@pools.select(&:wet?).map(&:level)]
        tops += (@design.subjects + @design.features).map { |part| part.height_mm && (part.height_mm + ground_under(part)) }
        tops.include?(nil) ? nil : tops.max + @thickness
      end

      private

      def plinth
        material = @design.plinth.material
        foot = @terrain.ground.foot
        return Share.new("/plinth", nil, nil) unless material&.density_dry

        volume = material.trait?("hollow") ? shell_mm3(foot) : foot.area * @thickness
        centre = foot.centroid
        Share.new("/plinth", volume * material.density_dry / 1000, [centre.x, centre.y, -@thickness / 2])
      end

      # A top and a rim of the shell's thickness; nothing below.
      def shell_mm3(foot)
        rim = [@thickness - SHELL_MM, 0].max
        (foot.area * [SHELL_MM, @thickness].min) + (foot.exterior_ring.length * SHELL_MM * rim)
      end

      # A cut takes away what lies there: the forms below it, and the plinth under those.
      def forms
        @design.forms.zip(@terrain.bulk.strata).map do |form, stratum|
          taken = form.cut? || form.bore?
          density = (taken ? cut_material(form) : form.material)&.density_dry
          grams = stratum.volume_mm3.zero? ? 0.0 : density && (stratum.volume_mm3 * density / 1000 * (taken ? -1 : 1))
          Share.new(form.pointer, grams, stratum.centre)
        end
      end

      def cut_material(form)
        below = @design.forms.take_while { |other| other.pointer != form.pointer }.reject { |other| other.cut? || other.bore? }
        (below.reverse.find { |other| other.area.intersects?(form.area) } || @design.plinth).material
      end

      def courses
        @design.zones.each_with_index.flat_map do |zone, index|
          area = @terrain.ground.area(index)
          next [] if area.empty?

          z = @terrain.mean_height(index)
          centre = area.centroid
          zone.courses.zip(@terrain.raises[index]).map do |course, rise|
            Share.new(course.pointer, course_g(course, rise, area.area), [centre.x, centre.y, z])
          end
        end
      end

      # Films and dusts weigh next to nothing; bodies and grains by their layer, fibres and tufts by their dose.
      def course_g(course, rise, area)
        material = course.material or return
        return area * rise * material.density_dry / 1000 if rise.positive? && material.density_dry

        uses = Quantities::Dose.new(@design.catalogue).course(course, area)
        return uses.first.amount if uses.first.unit == "g"
        return uses.first.amount * material["grams_each"] if material["grams_each"]

        0.0
      end

      def waters
        @pools.map do |pool|
          density = pool.water.medium&.density_dry
          next Share.new(pool.water.pointer, nil, nil) unless pool.known?
          next Share.new(pool.water.pointer, 0.0, [0, 0, 0]) unless pool.wet?

          centre = pool.water.area.centroid
          Share.new(pool.water.pointer, density && (pool.volume_mm3 * density / 1000),
            [centre.x, centre.y, pool.surface_at(centre.x, centre.y) - (pool.max_depth_mm / 3)])
        end
      end

      def features
        @design.features.map { |feature| Share.new(feature.pointer, feature.mass_g&.to_f, standing_centre(feature)) }
      end

      def subjects
        @design.subjects.map { |subject| Share.new(subject.pointer, subject.mass_g&.to_f, standing_centre(subject)) }
      end

      # Halfway up, over its place on the ground.
      def standing_centre(part)
        x, y = part.middle
        [x, y, ground_under(part) + ((part.height_mm || 0) / 2.0)]
      end

      def ground_under(part) = @terrain.height_at(*part.middle) || 0.0
    end
  end
end
