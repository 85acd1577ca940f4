# frozen_string_literal: true

module GreenPlinth
  module Starts
    # A build made over for another scale and another base. Nothing is stretched: what stands for something in life keeps its size
    # in life (subjects, walls, grains, fibres); ground and water keep their share of the base; relief keeps its height in life,
    # but never grows steeper than it was; what a medium can do (its coats, the thickness of a paste) stays what it is.
    class Remade
      # The lowest relief that is worth cutting or laying, mm (from memory).
      LOWEST_MM = 1.0
      # A thinner sheet is taken where one is thicker than so many times what is wanted (from memory).
      SHEET_TOO_THICK = 1.5
      # What belongs to one build, not to its scheme: when it is made and what was done.
      OWN = %w[calendar progress accepted].freeze
      HEIGHTS = %w[from_z_mm to_z_mm invert_mm level_mm camber_mm].freeze
      DEPTHS = %w[depth_mm crown_mm].freeze

      # @param catalogue [Catalogue]
      # @param file [Hash] a plinth file
      # @param scale [Numeric] n of 1:n
      # @param outline [Hash, nil] of the base, mm; nil: the base changes with the scale
      def initialize(catalogue, file, scale:, outline: nil)
        @catalogue = catalogue
        @file = file
        @scale = scale
        @life = file["scale"] / scale.to_f
        was = file["plinth"]["outline"]
        @outline = outline || Resized.by(was, @life)
        @base = BaseChange.new(was, @outline)
        @relief = [@life, @base.larger].min
        @course = RemadeCourse.new(catalogue, scale.to_f, @life, @base.area / (@life**2))
      end

      # @return [Hash] a plinth file without calendar and progress; parts keep their ids
      def to_h
        made = whole(@file).merge("scale" => @scale, "plinth" => plinth(@file["plinth"]).merge("outline" => @outline))
        made["bodies"] = @file["bodies"].map { |body| whole(body).merge("plinth" => plinth(body["plinth"])) } if @file["bodies"]
        made["variants"] = @file["variants"].map { |variant| variant(variant) } if @file["variants"]
        WaterLevels.new(@catalogue, @file.except(*OWN), @relief).settled(made.except(*OWN))
      end

      private

      # The parts of a body, or those that a variant has more.
      def whole(of)
        made = of.to_h do |name, parts|
          [name, { "forms" => method(:form), "zones" => method(:lying), "waters" => method(:water), "features" => method(:standing),
                   "subjects" => method(:standing) }[name]&.then { |way| parts.map(&way) } || parts]
        end
        made.compact
      end

      def plinth(plinth)
        plinth.except("top_outline").merge(lengths(plinth, %w[lip_mm], @relief), "outline" => Resized.on(@base, plinth["outline"], @relief))
      end

      def form(form)
        made = lying(form).merge(lengths(form, HEIGHTS, @relief), lengths(form, DEPTHS, @relief, LOWEST_MM),
          lengths(form, %w[clear_mm], @life))
        %w[from_mm to_mm].each { |member| made[member] = @base.point(form[member]) if form[member] }
        made["edge"] = form["edge"].merge(lengths(form["edge"], %w[run_mm], @relief, 0.1)) if form["edge"]
        made.merge(form["sheet_mm"] ? sheets(form) : {})
      end

      # As many of what is sold as come nearest.
      def sheets(form)
        wanted = [form["sheet_mm"] * (form["sheets"] || 1) * @relief, LOWEST_MM].max
        sheet = form["sheet_mm"] > wanted * SHEET_TOO_THICK ? wanted.round(1) : form["sheet_mm"]
        { "sheet_mm" => sheet, "sheets" => [(wanted / sheet).round, 1].max }
      end

      # It keeps its share of the base; a strip keeps its width in life.
      def lying(part) = coursed(part.merge("outline" => Resized.on(@base, part["outline"], @relief)))

      def water(water)
        made = lying(water).merge(lengths(water, HEIGHTS, @relief))
        made["waves"] = in_life(water["waves"]) if water["waves"]
        made["fall"] = water["fall"].map { |mark|
 lengths(mark, HEIGHTS, @relief).merge("at_mm" => @base.point(mark["at_mm"])) } if water["fall"]
        made
      end

      # Its place keeps its share of the base, its size is that of life. A feature has its outline where it stands, a subject about
      # its middle.
      def standing(part)
        made = coursed(in_life(part.except("outline", "at_mm", "courses")).merge(part.slice("courses")))
        made["outline"] = Resized.at(@base, part["outline"], @life) if part["outline"]
        made["at_mm"] = @base.point(part["at_mm"]) if part["at_mm"]
        made["mass_g"] = [(part["mass_g"] * (@life**3)).round(2), 0.1].max if part["mass_g"]
        made
      end

      # Every length in it, however deep.
      def in_life(value, name = nil)
        case value
        when Hash then value.to_h { |key, inner| [key, in_life(inner, key)] }
        when Array then value.map { |inner| in_life(inner, name) }
        when Numeric
          by = { "mm" => @life, "mm2" => @life**2 }[name.to_s[/_(mm2?)\z/, 1]]
          by ? Resized.number(value * by) : value
        else value
        end
      end

      def variant(variant)
        made = variant
        made = made.merge("with" => whole(variant["with"])) if variant["with"]
        made = made.merge("changed" => variant["changed"].transform_values { |members| changed(members) }) if variant["changed"]
        made
      end

      # Only what is other: a place, a size, a mass.
      def changed(members)
        members.merge(standing(members.compact.except("outline"))).merge(members.select { |_, value| value.nil? })
      end

      def coursed(part) = part["courses"] ? part.merge("courses" => part["courses"].map { |course| @course.remade(course) }) : part

      def lengths(part, members, by, least = nil)
        part.slice(*members).transform_values do |size|
          resized = Resized.number(size * by)
          least && size.positive? ? [resized, least].max : resized
        end
      end
    end
  end
end
