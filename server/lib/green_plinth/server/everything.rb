# frozen_string_literal: true

require "zip"

module GreenPlinth
  module Server
    # All that makers have put in, as one zip of open files: builds/*.json (plinth files), catalogue.json (own materials,
    # techniques and recipes), builds/*/*.jpg (their photographs), stores.json (what is on the shelf) and dryings.json (how long things
    # took that belong to no build here). Taken in, builds are added
    # to those that are there; own entries, jars and notes that are there already stay as they are.
    class Everything
      CATALOGUE = "catalogue.json"
      DRYINGS = "dryings.json"
      STORES = "stores.json"
      # As many files, and so much unpacked, bytes.
      MOST_FILES = 2000
      MOST_BYTES = 200_000_000

      # @param desk [Desk]
      def initialize(desk)
        @desk = desk
      end

      # @return [String] zip
      def pack
        Zip::OutputStream.write_buffer do |zip|
          @desk.shelf.each { |build| put_build(zip, build.id) }
          put(zip, CATALOGUE, { "format" => Files::CatalogueFile::FORMAT }.merge(@desk.workshop.own))
          put(zip, STORES, { "format" => Files::StoresFile::FORMAT, "jars" => @desk.stockroom.data })
          put(zip, DRYINGS, @desk.workshop_events)
        end.string
      end

      # What was taken in: ids of new builds, keys of own entries, notes; and what was not, with the reason.
      Taken = Struct.new(:builds, :entries, :notes, :left) do
        def to_h = super.transform_keys(&:to_s)
      end

      # @param bytes [String] zip
      # @return [Taken]; raises InvalidFile for what is no such zip
      def unpack(bytes)
        files = read(bytes)
        taken = Taken.new([], [], 0, [])
        entries(files[CATALOGUE], taken) if files[CATALOGUE]
        notes(files[DRYINGS], taken) if files[DRYINGS]
        jars(files[STORES], taken) if files[STORES]
        files.each { |name, text| build(name, text, taken, files) if name.match?(%r{\Abuilds/[^/]+\.json\z}) }
        taken
      end

      private

      def put_build(zip, id)
        build = @desk.find(id)
        put(zip, "builds/#{id}.json", @desk.written(build))
        @desk.kept_pictures(build).each do |picture|
          zip.put_next_entry("builds/#{id}/#{picture["number"]}.jpg")
          zip.write(@desk.picture(id, picture["number"]))
        end
      end

      def put(zip, name, data)
        zip.put_next_entry(name)
        zip.write(JSON.pretty_generate(data))
      end

      # Nothing is unpacked beyond what is allowed, whatever the zip says of its sizes.
      def read(bytes)
        room = MOST_BYTES
        Zip::File.open_buffer(StringIO.new(bytes.b)) do |zip|
          refuse("holds more than #{MOST_FILES} files") if zip.size > MOST_FILES
          return zip.select(&:file?).to_h do |entry|
            text = entry.get_input_stream.read(Photograph::MOST_BYTES).to_s
            refuse("is more than #{MOST_BYTES / 1_000_000} MB unpacked") if (room -= text.bytesize).negative?
            [entry.name, text]
          end
        end
      rescue Zip::Error, Zlib::Error, EOFError => e
        refuse("is no zip that can be read: #{Log.plain(e.message)}")
      end

      def refuse(why) = raise(InvalidFile, [GreenPlinth::Problem.new("/zip", why)])

      def build(name, text, taken, files)
        id = @desk.create(Files::Json.parse(text))
        taken.builds << id
        pictures(id, name.delete_suffix(".json"), files, taken)
      rescue InvalidFile => e
        taken.left << { "file" => name, "reason" => e.problems.first.to_s }
      rescue Refusal => e
        # Kept, and to be mended.
        taken.builds << e.members.dig("broken", "id")
      end

      def pictures(id, folder, files, taken)
        files.each do |name, bytes|
          number = name[%r{\A#{Regexp.escape(folder)}/(\d{1,6})\.jpg\z}, 1] or next
          @desk.take_picture(id, bytes, number.to_i)
        rescue InvalidFile => e
          taken.left << { "file" => name, "reason" => e.problems.first.to_s }
        end
      end

      def entries(text, taken)
        found = Files::CatalogueFile.new(@desk.catalogue).read(text)
        fresh = found.to_h { |kind, list| [kind, list.except(*@desk.workshop.own[kind].keys)] }
        @desk.stock(fresh) if fresh.values.any?(&:any?)
        taken.entries.concat(fresh.values.flat_map(&:keys))
      rescue InvalidFile => e
        taken.left << { "file" => CATALOGUE, "reason" => e.problems.first.to_s }
      end

      # Those that are there already, to the letter, stay as they are.
      def jars(text, taken)
        fresh = Files::StoresFile.new(@desk.catalogue).read(text) - @desk.stockroom.data
        @desk.stockroom.add(fresh) if fresh.any?
      rescue InvalidFile => e
        taken.left << { "file" => STORES, "reason" => e.problems.first.to_s }
      end

      # What an older export has of them, or events.
      def notes(text, taken)
        good, bad = Array(Files::Json.parse(text)).map { |row| @desk.drying_event(row) }.partition(&:itself)
        taken.notes = @desk.take_workshop_events(good)
        taken.left << { "file" => DRYINGS, "reason" => "#{bad.size} notes name no material or no times" } unless bad.empty?
      end
    end
  end
end
