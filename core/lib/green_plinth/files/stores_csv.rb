# frozen_string_literal: true

require "csv"

module GreenPlinth
  module Files
    # The stores as a table, as other programs write it: the first row names the columns, in any order; columns that are not
    # known are refused by name. Separated by commas, semicolons or tabs.
    class StoresCsv
      COLUMNS = %w[material name colour pack unit full open opened_on bought_on keeps_closed_months keeps_open_months price_minor place
                   note].freeze
      NUMBERS = %w[pack open keeps_closed_months keeps_open_months].freeze
      WHOLE = %w[full price_minor].freeze
      SEPARATORS = [",", ";", "\t"].freeze
      MOST_ROWS = 5000

      # @param catalogue [Catalogue]
      def initialize(catalogue)
        @catalogue = catalogue
      end

      # @param text [String] UTF-8, with or without a byte order mark
      # @return [Array<Hash>] jars as a stores file has them; raises InvalidFile with every problem, each by its row
      def read(text)
        rows = parsed(text)
        refuse("", "is empty: the first row names the columns #{COLUMNS.join(", ")}") if rows.empty?
        columns(rows.headers)
        refuse("", "has more than #{MOST_ROWS} rows") if rows.size > MOST_ROWS
        @problems = []
        jars = rows.map.with_index { |row, index| jar(row, index) }
        sense(jars) if @problems.empty?
        raise InvalidFile, @problems unless @problems.empty?

        jars
      end

      # @param jars [Array<Hash>]
      # @return [String] RFC 4180
      def self.write(jars)
        CSV.generate(row_sep: "\r\n") do |csv|
          csv << COLUMNS
          jars.each { |jar| csv << COLUMNS.map { |column| Cell.safe(cell(jar, column)) } }
        end
      end

      def self.cell(jar, column)
        state = column[/\Akeeps_(closed|open)_months\z/, 1]
        state ? jar.dig("keeps_months", state) : jar[column]
      end
      private_class_method :cell

      private

      def parsed(text)
        text = text.dup.force_encoding(Encoding::UTF_8).delete_prefix("\uFEFF")
        refuse("", "is not UTF-8: save it as UTF-8 and try again") unless text.valid_encoding?
        first = text.lines.first.to_s
        CSV.parse(text, headers: true, skip_blanks: true, col_sep: SEPARATORS.max_by { |one| first.count(one) })
      rescue CSV::MalformedCSVError => e
        refuse("/row/#{e.line_number}", "cannot be read: #{e.message.sub(/ in line \d+\.?\z/, "")}")
      end

      def refuse(pointer, why) = raise(InvalidFile, [Problem.new(pointer, why)])

      def columns(headers)
        names = headers.map { |header| header.to_s.strip.downcase }
        strange = names - COLUMNS
        refuse("/row/1", "there is no column #{strange.first.inspect}; there are #{COLUMNS.join(", ")}") if strange.any?
        missing = %w[material pack unit] - names
        refuse("/row/1", "the column #{missing.first} is missing") if missing.any?
      end

      # The first row names the columns: jars begin in the second.
      def jar(row, index)
        cells = row.to_h.to_h { |name, text| [name.strip.downcase, text.to_s.strip] }.reject { |_, text| text.empty? }
        cells = cells.to_h { |name, text| [name, value(name, Cell.plain(text), "/row/#{index + 2}/#{name}")] }
        keeps = { "closed" => cells.delete("keeps_closed_months"), "open" => cells.delete("keeps_open_months") }.compact
        keeps.empty? ? cells : cells.merge("keeps_months" => keeps)
      end

      def value(name, text, pointer)
        return text unless NUMBERS.include?(name) || WHOLE.include?(name)

        number = Float(text.tr(",", "."))
        return @problems << Problem.new(pointer, "must be a whole number; it is #{text}") if WHOLE.include?(name) && number != number.floor

        number == number.floor ? number.to_i : number
      rescue ArgumentError
        @problems << Problem.new(pointer, "must be a number; it is #{text[0, 40].inspect}")
      end

      def sense(jars)
        found = StoresFile.new(@catalogue).problems({ "format" => StoresFile::FORMAT, "jars" => jars })
        @problems.concat(found.map { |one| Problem.new(row_of(one.pointer), one.message) })
      end

      def row_of(pointer) = pointer.sub(%r{\A/jars/(\d+)}) { "/row/#{Regexp.last_match(1).to_i + 2}" }
    end
  end
end
