# frozen_string_literal: true

module GreenPlinth
  module Server
    class Desk
      # The daybook: what really was, with its photographs.
      module Remembering
        # So much is found at once.
        MOST_FOUND = 200

        # @param build [Store::Build]
        # @return [Daybook::Story]
        def story(build)
          evaluation = evaluate(build.file, build.id)
          first = evaluator(build.id).call(evaluation.design.with("progress", {}))
          Daybook::Story.new(evaluation, first, log(build.id))
        end

        # @param bytes [String] as a camera made it
        # @return [Hash] number, width, height; raises InvalidFile
        def photograph(build, bytes)
          photograph = Photograph.read(bytes)
          { "number" => @store.add_picture(build.id, photograph), "width" => photograph.width, "height" => photograph.height }
        end

        def picture(build_id, number, small: false) = @store.picture(build_id, number, small: small)

        # @return [Hash] all photographs with their sizes, px, and what they are for
        def pictures(build)
          used = Daybook::Photographs.new(log(build.id), evaluate(build.file, build.id).design)
          { "pictures" => kept_pictures(build) }.merge(used.to_h)
        end

        # @param count [Integer]
        # @return [Array<String>] JPEG, of so many at most that show how it came to be, the oldest first
        def pictures_of_the_work(build, count)
          return [] if count.zero?

          used = Daybook::Photographs.new(log(build.id), evaluate(build.file, build.id).design)
          used.of_the_work(count).filter_map { |number| picture(build.id, number) }
        end

        # @return [Array<Hash>] all photographs with their sizes, px, of a build that need not be readable
        def kept_pictures(build) = @store.pictures(build.id).map { |row| row.transform_keys(&:to_s) }

        # @param asked [Hash] picture, from_px, to_px, distance_mm
        # @return [Hash] see Daybook::Photographs.laid; raises InvalidFile
        def laid_underneath(build, asked)
          picture = @store.pictures(build.id).find { |row| row[:number] == asked["picture"] } or
            raise InvalidFile, [Problem.new("/picture", "there is no photograph #{asked["picture"]} of this build")]
          Daybook::Photographs.laid(*asked.values_at("from_px", "to_px", "distance_mm"), picture.values_at(:width, :height))
        end

        # @return [Hash{Integer => String}] JPEG by number, of those that a story tells
        def all_pictures(build) = story(build).pictures.to_h { |number| [number, @store.picture(build.id, number)] }.compact

        # Those that a sample tells of and that are not there yet.
        def draw_pictures(id)
          there = @store.pictures(id).map { |row| row[:number] }
          missing = log(id).events.select { |event| event.kind == "pictured" && !there.include?(event.data["picture"]) }
          return if missing.empty?

          evaluation = evaluate(find(id).file, id)
          missing.each { |event| @store.add_picture(id, Samples.picture(evaluation, event), event.data["picture"]) }
        end

        # @param number [Integer] that it had elsewhere
        def take_picture(build_id, bytes, number) = @store.add_picture(build_id, Photograph.read(bytes), number)

        def preferences = @store.preferences

        # What happened, over all builds, where every word is met: in titles, materials, notes, reasons.
        # @param words [String]
        # @return [Array<Hash>] the newest first
        def remembered(words)
          @store.search_events(words.split, MOST_FOUND).map do |build_id, title, row|
            event = Events::Event.of(row)
            { "build" => build_id, "build_title" => title, "kind" => event.kind, "at" => Moment.format(event.minute), "step" => event.step,
              "title" => event.of&.dig("title"), "materials" => (event.of&.dig("materials") || []).map { |key| catalogue.name(key) },
              "text" => [event.data["what"], event.data["why"], event.data["text"]].compact.join(": "), "picture" => event.data["picture"] }
          end
        end
      end
    end
  end
end
