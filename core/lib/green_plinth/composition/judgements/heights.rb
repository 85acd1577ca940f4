# frozen_string_literal: true

module GreenPlinth
  module Composition
    module Judgements
      # Front, middle and back of the base as the eye has them: how high each rises.
      class Heights < Judgement
        title "Front, middle, back"
        how "the highest of front, middle and back as the eye has them − the lowest of the three",
          from: "the relief; how flat is flat from memory"
        weight 70
        purposes "shown"
        # Less relief than this share of the longer side looks like a table top (from memory).
        FLAT = 0.06
        NAMES = %w[front middle back].freeze

        # Looked at by a snag too: once for both.
        def self.of(evaluation) = evaluation.heights

        # How much the back is raised by the fix, as a share of the longer side (from memory).
        RAISE = 0.08

        def verdict
          judged(flat? || hides? ? "look" : "good", sentence, figure: highest.max - highest.min, unit: "mm", marks: marks,
            fixes: [flat? ? raised : nil])
        end

        # @return [Fix, nil] a torn bank over the back third
        def raised(share = RAISE) = RaisedBack.new(design, back).fix(longer_side * share)

        # @return [Boolean] whether nothing rises to speak of
        def flat? = rise_mm < FLAT * longer_side

        # @return [Float] mm from the lowest ground to the highest thing
        def rise_mm = highest.max - @evaluation.terrain.lowest_mm

        # @return [RGeo geometry] the third of the base that is farthest from the eye
        def back = bands.last

        public :longer_side

        private

        def highest = @highest ||= bands.map { |band| top_of(band) }

        # @return [Array<RGeo geometry>] thirds of the depth of the base, the nearest first
        def bands
          @bands ||= begin
            near, far = Plan::Geos.rings(@evaluation.ground.foot).flatten(1).map { |x, y| eye.nearness(x, y) }.minmax.reverse
            (0..2).map { |i| band(near + ((far - near) * i / 3), near + ((far - near) * (i + 1) / 3)) }
          end
        end

        def band(near, far)
          wide = box.map(&:abs).max * 2
          corner = ->(across, depth) { [(eye.right[0] * across) + (eye.toward[0] * depth),
                                        (eye.right[1] * across) + (eye.toward[1] * depth)] }
          Plan::Geos.polygon([corner[-wide, near], corner[wide, near], corner[wide, far], corner[-wide, far]])
            .intersection(@evaluation.ground.foot)
        end

        def top_of(band)
          _, ground = @evaluation.terrain.range_in(band)
          [ground || 0.0, *@evaluation.solids.all.select { |solid| solid.shape.intersects?(band) }.map(&:high)].max
        end

        # The front higher than all that stands behind it.
        def hides? = highest[0] > highest[1..].max + (FLAT * longer_side)

        def sentence
          told = NAMES.zip(highest).map { |name, top| "#{name} #{mm(top)}" }.join(", ")
          return "#{told.capitalize}: flat as a table. Raise one part, or add something upright." if flat?
          return "#{told.capitalize}: the front stands before all the rest." if hides?

          "#{told.capitalize}: the eye climbs to the #{NAMES[highest.index(highest.max)]}."
        end

        def marks
          bands.zip(highest, NAMES).flat_map do |band, top, name|
            next [] if band.empty?

            middle = band.centroid
            [Mark.area(band), Mark.point([middle.x, middle.y], "guide", "#{name} #{mm(top)}")]
          end
        end
      end
    end
  end
end
