# frozen_string_literal: true

module GreenPlinth
  module Files
    # What a plinth file of the right shape may still get wrong: names that mean nothing, outlines that cross
    # themselves, ground that lies beside the plinth, days that no calendar has.
    class Sense
      # As many coats of all courses together as an order of work is made of in good time.
      MOST_COATS = 600

      CHECKS = %i[ids materials references shapes ground calendar ranges coats progress variants bodies].freeze
      private_constant :CHECKS

      # @param catalogue [Catalogue]
      # @param within [PlinthFile, nil] that looks at the files of copies that differ
      def initialize(catalogue, within = nil)
        @catalogue = catalogue
        @within = within
      end

      # @param file [Hash] of the schema's shape
      # @return [Array<Problem>]
      def problems(file)
        @design = Design.new(Marshal.load(Marshal.dump(file)), @catalogue)
        @problems = []
        CHECKS.each { |check| send(check) }
        @problems
      end

      private

      def problem(pointer, message) = @problems << Problem.new(pointer, message)

      def ids
        parts = @design.identified + @design.stirred + @design.groups + bodied
        parts.select(&:id).group_by(&:id).each_value do |same|
          same.drop(1).each do |part|
            problem("#{part.pointer}/id", "#{part.id} is taken by #{same.first.pointer}; each part needs an id of its own")
          end
        end
      end

      # Bodies with all their parts.
      def bodied
        @design.bodies + @design.bodies.flat_map do |body|
          body.ids.map { |id| Design::Part.new({ "id" => id }, body.pointer) }
        end
      end

      def materials
        known(@design.plinth.data["material"], "/plinth/material")
        (@design.features + @design.subjects).each { |part| known(part.data["material"], "#{part.pointer}/material") }
        @design.forms.each { |form| formed(form) }
        @design.waters.each do |water|
          with_trait(water.medium_key, "fills_water", "water", "#{water.pointer}/medium")
          known(water.tint_key, "#{water.pointer}/tint/material")
        end
        @design.identified.each { |part| holding(part.glue, "#{part.pointer}/fixing/glue") }
        (@design.courses + @design.outer_courses).each do |course|
          course.mix ? mixed(course) : known(course.material_key, "#{course.pointer}/material")
        end
        @design.stirred.each { |mix| stirred(mix) }
      end

      def stirred(mix)
        mix.materials.each_with_index do |key, index|
          pointer = "#{mix.pointer}/parts/#{index}/material"
          other = key.start_with?(Catalogue::Stirred::PREFIX) ? key.delete_prefix(Catalogue::Stirred::PREFIX) : nil
          next known(key, pointer) unless other

          problem(pointer, "there is no mix #{other} in the file") unless @design.mixes.key?(other)
        end
        return if (mix.mixes - @design.mixes.keys).any? || material(mix.key) || mix.materials.uniq == [Catalogue::Stirred::WATER]

        problem("#{mix.pointer}/parts", "goes in a circle: a mix cannot be a part of itself") if circular?(mix)
      end

      def circular?(mix, above = [])
        return true if above.include?(mix.id)

        mix.mixes.any? { |id| @design.mixes[id]&.then { |inner| circular?(inner, [*above, mix.id]) } }
      end

      def known(key, pointer)
        problem(pointer, "#{key} is not in the catalogue#{near(key)}") unless key.nil? || material(key) || key == Catalogue::Stirred::WATER
      end

      # Of something with a body, sealed with something that sets.
      def formed(form)
        with_trait(form.data["material"], "of_forms", "material for a form", "#{form.pointer}/material")
        form.seal.each_with_index do |key, index|
          known(key, "#{form.pointer}/seal/#{index}")
          coat = material(key)
          problem("#{form.pointer}/seal/#{index}", "#{@catalogue.name(key)} is no coat: it does not set") if coat && !coat.sets?
        end
      end

      # @return [String] the nearest key, where one is near
      def near(key)
        guess = DidYouMean::SpellChecker.new(dictionary: @catalogue.materials.keys).correct(key).first
        guess ? "; did you mean #{guess}?" : ""
      end

      # Pastes, mediums and fixers hold parts too.
      def holding(key, pointer)
        return if material(key)&.sets?
        return with_trait(key, "holds", "glue", pointer) unless key&.start_with?(Catalogue::Stirred::PREFIX)

        problem(pointer, material(key) ? "#{key} does not set: it holds nothing" : "there is no mix #{key} in the file")
      end

      def with_trait(key, trait, what, pointer)
        return if key.nil? || material(key)&.trait?(trait)

        known(key, pointer)
        problem(pointer, "#{@design.catalogue.name(key)} is no #{what}") if material(key)
      end

      # Of the catalogue, or one of the file's own mixes.
      def material(key) = @design.catalogue[key]

      def mixed(course)
        problem("#{course.pointer}/material", "there is no mix #{course.mix} in the file") unless @design.mixes.key?(course.mix)
      end

      def references
        ids = @design.identified.filter_map(&:id) + @design.bodies.flat_map { |body| [body.id, *body.ids] }
        @design.wishes.each do |wish|
          { "first" => wish.first, "then" => wish.later }.each do |member, id|
            problem("#{wish.pointer}/#{member}", "there is no part #{id}") unless ids.include?(id)
          end
        end
        @design.features.each do |feature|
          problem("#{feature.pointer}/host", "there is no part #{feature.host}") if feature.host && !ids.include?(feature.host)
        end
        @design.groups.each do |group|
          group.members.each_with_index do |id, at|
            problem("#{group.pointer}/members/#{at}", "there is no part #{id}") unless ids.include?(id)
          end
        end
      end

      # Outlines and lines, by themselves.
      def shapes = @problems.concat(ShapeSense.new(@design).problems)

      def ground
        return if @problems.any?

        top = @design.plinth.top
        @design.zones.reject(&:rest?).each do |zone|
          inside = Plan::Geos.area(zone.area.intersection(top))
          problem("#{zone.pointer}/outline", "#{zone.name} lies beside the plinth: move it onto the top") unless inside.positive?
        end
      end

      def calendar
        data = @design.calendar.data
        start = moment(data["start"], "/calendar/start")
        finish = moment(data["finish_by"], "/calendar/finish_by")
        problem("/calendar/finish_by", "is before the start") if start && finish && finish <= start
        zone = data["time_zone"]
        problem("/calendar/time_zone", "#{zone} is no time zone; one is called like Europe/Berlin") if zone && !Clock.known?(zone)
        %w[extra away].each { |key| (data[key] || []).each_with_index { |span, index| span(span, "/calendar/#{key}/#{index}") } }
      end

      def span(span, pointer)
        from = moment(span["from"], "#{pointer}/from")
        to = moment(span["to"], "#{pointer}/to")
        problem("#{pointer}/to", "must be later than from") if from && to && to <= from
      end

      # Moments that there are, and what an event cannot do without.
      def progress
        marked = @design.member("progress") || {}
        %w[done begun pinned].each do |list|
          (marked[list] || []).each_with_index do |row, index|
            %w[finished at dry wet].each { |key| moment(row[key], "/progress/#{list}/#{index}/#{key}") }
          end
        end
        (marked["events"] || []).each_with_index { |row, index| @problems.concat(EventSense.problems(row, "/progress/events/#{index}")) }
      end

      def moment(text, pointer)
        text && Moment.parse(text)
      rescue ArgumentError => e
        problem(pointer, e.message)
        nil
      end

      # Copies that differ: no more than there are, told by parts that there are, and each a right build of its own.
      def variants
        return if @design.variants.empty?

        @problems.concat(VariantSense.new(@design).problems)
        return unless @problems.empty? && @within

        @design.variants.each { |variant| inner(variant) { |one| [variant.pointer, "#{variant.name}, #{one.pointer}: #{one.message}"] } }
      end

      # Each body a right build of its own, its parts with ids that no other body has.
      def bodies
        return unless @problems.empty? && @within

        @design.bodies.each { |body| inner(body) { |one| [body.pointer_of(one.pointer), one.message] } }
      end

      # @yield [Problem] of a part that is a build by itself → where and what to tell of it
      def inner(part)
        @within.problems(part.file_of(@design.to_h)).first(MOST_WITHIN).each { |one| problem(*yield(one)) }
      end

      # So much is told of one of them.
      MOST_WITHIN = 3
      private_constant :MOST_WITHIN

      def coats
        coats = (@design.courses + @design.outer_courses).sum { |course| course.data["coats"] || 1 }
        return if coats <= MOST_COATS

        problem("", "holds #{coats} coats in all its courses together; #{MOST_COATS} are the most that can be planned")
      end

      def ranges
        @design.courses.each do |course|
          low, high = course.own_grain_mm
          problem("#{course.pointer}/grain_mm", "runs backwards: the smaller size comes first") if low && low > high
        end
      end
    end
  end
end
