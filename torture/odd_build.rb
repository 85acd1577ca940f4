# frozen_string_literal: true

require "json"

module Torture
  # A build that no maker would send, and some would by mistake: one file each in odd/, with the reason why it is odd. Members
  # of a file:
  #   reason   in words
  #   text     the bytes themselves, where it is no plinth file at all; else:
  #   of       "plain", or the name of a sample
  #   patch    what is put into it
  #   repeat   a value put in so many times: "path", "times", "value" (%{n} in its texts counts), and, to lay the parts out in
  #            rows, "at" (pointer within the value), "from", "step" and "across"
  #   long     a text of so many letters: "path", "letters"
  class OddBuild
    FOLDER = File.join(__dir__, "odd")
    PLAIN = { "format" => "green-plinth/1", "title" => "Odd", "purpose" => "diorama", "scale" => 35,
              "calendar" => { "start" => "2027-03-01T09:00" },
              "plinth" => { "outline" => { "kind" => "rectangle", "width_mm" => 100, "depth_mm" => 60 }, "thickness_mm" => 20,
                            "material" => "mdf" } }.freeze

    # @return [Array<OddBuild>]
    def self.all = Dir[File.join(FOLDER, "*.json")].sort.map { |path| new(path) }

    attr_reader :name

    def initialize(path)
      @name = File.basename(path, ".json")
      @data = JSON.parse(File.read(path))
    end

    def reason = @data["reason"]

    # @return [String] what is sent
    def text = @data["text"] || JSON.generate(file)

    private

    def file
      whole = patched(base, @data["patch"] || [])
      grow(whole, @data["repeat"]) if @data["repeat"]
      patched(whole, @data["long"] ? [{ "path" => @data["long"]["path"], "value" => "x" * @data["long"]["letters"] }] : [])
    end

    def base
      return JSON.parse(JSON.generate(PLAIN)) if @data["of"] == "plain"

      JSON.parse(File.read(File.join(__dir__, "../samples/#{@data["of"]}.json")))
    end

    # Puts values where their pointers say; nothing is checked, that is the business of what they are sent to.
    def patched(file, patch)
      patch.each do |operation|
        *way, key = operation["path"].split("/").drop(1)
        holder = way.reduce(file) { |inner, token| inner.is_a?(Array) ? inner[token.to_i] : inner[token] }
        holder.is_a?(Array) ? holder[key.to_i] = operation["value"] : holder[key] = operation["value"]
      end
      file
    end

    def grow(file, repeat)
      list = file.fetch(repeat["path"].split("/")[1])
      repeat["times"].times { |n| list << placed(numbered(repeat["value"], n), repeat, n) }
    end

    def numbered(value, number)
      case value
      when Hash then value.transform_values { |inner| numbered(inner, number) }
      when Array then value.map { |inner| numbered(inner, number) }
      when String then value.sub("%{n}", number.to_s)
      else value
      end
    end

    def placed(value, repeat, number)
      return value unless repeat["at"]

      row, column = number.divmod(repeat["across"])
      at = [column, row].zip(repeat["from"], repeat["step"]).map { |count, from, step| from + (count * step) }
      patched(value, [{ "path" => repeat["at"], "value" => at }])
    end
  end
end
