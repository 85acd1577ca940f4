# frozen_string_literal: true

module GreenPlinth
  # JSON Patch (RFC 6902) on plain data. A patch is applied whole or not at all; the original stays as it is, and no two
  # places of the result share a value, so that a later operation changes one of them only. Our own, since the library that
  # was here before shares what it copies, and stumbles over paths that run through a number or a text.
  class Patch
    MOST = 500
    # What all operations together may put into a file, and what the file may be afterwards, bytes as JSON.
    MOST_BYTES = 2_000_000
    # As deep as a file may be that is read.
    MOST_DEEP = 40
    OPERATIONS = %w[add remove replace move copy test].freeze
    INDEX = /\A(?:0|[1-9]\d{0,8})\z/

    # @param file [Hash]
    # @param operations [Array<Hash>] plain, with "op", "path", and "from" or "value"
    # @return [Hash] a changed copy; raises InvalidFile naming the operation that does not fit
    def self.apply(file, operations) = new(file).call(operations)

    def initialize(file)
      @file = own(file)
      @room = MOST_BYTES
    end

    def call(operations)
      refuse("", "may hold #{MOST} operations at most") if operations.size > MOST
      operations.each_with_index do |operation, index|
        @index = index
        step(operation)
      end
      size(@file, "", "the file would be")
      @file
    end

    private

    def step(operation)
      name = operation["op"]
      refuse("/#{@index}/op", "must be one of #{OPERATIONS.join(", ")}") unless OPERATIONS.include?(name)
      send(:"step_#{name}", operation)
    end

    def step_add(operation) = put(operation["path"], value(operation))
    def step_remove(operation) = take(operation["path"])

    def step_replace(operation)
      value = value(operation)
      holder, key = holder_of(operation["path"])
      missing(operation["path"]) unless there?(holder, key)
      holder[key] = value
    end

    def step_move(operation)
      from, path = operation.values_at("from", "path")
      refuse("/#{@index}/path", "lies inside of what is moved") if path.to_s.start_with?("#{from}/")
      put(path, take(from))
    end

    def step_copy(operation)
      holder, key = holder_of(operation["from"], "from")
      missing(operation["from"]) unless there?(holder, key)
      put(operation["path"], counted(own(holder[key])))
    end

    def step_test(operation)
      holder, key = holder_of(operation["path"])
      there = there?(holder, key)
      refuse("/#{@index}", "there is something else at #{operation["path"]}") unless there && holder[key] == operation["value"]
    end

    def value(operation)
      refuse("/#{@index}", "is missing value") unless operation.key?("value")
      counted(own(operation["value"]))
    end

    def put(pointer, value)
      holder, key = holder_of(pointer, adding: true)
      holder.is_a?(Array) ? holder.insert(key, value) : holder[key] = value
    end

    def take(pointer)
      holder, key = holder_of(pointer)
      missing(pointer) unless there?(holder, key)
      holder.is_a?(Array) ? holder.delete_at(key) : holder.delete(key)
    end

    # @return [Array(Hash, String), Array(Array, Integer)] what holds a place, and its key there
    def holder_of(pointer, member = "path", adding: false)
      refuse("/#{@index}/#{member}", "must name a member of the file") unless pointer.is_a?(String) && pointer.start_with?("/")
      *way, key = pointer[1..].split("/", -1).map { |token| token.gsub("~1", "/").gsub("~0", "~") }
      key ||= ""
      holder = way.reduce(@file) { |inner, token| inside(inner, token, pointer) }
      return [holder, key] if holder.is_a?(Hash)

      missing(pointer) unless holder.is_a?(Array)
      return [holder, holder.size] if adding && key == "-"

      missing(pointer) unless INDEX.match?(key) && key.to_i <= holder.size
      [holder, key.to_i]
    end

    def inside(holder, token, pointer)
      key = holder.is_a?(Array) && INDEX.match?(token) ? token.to_i : token
      there?(holder, key) ? holder[key] : missing(pointer)
    end

    def there?(holder, key)
      case holder
      when Hash then holder.key?(key)
      when Array then key.is_a?(Integer) && key < holder.size
      else false
      end
    end

    def own(value) = Marshal.load(Marshal.dump(value))

    # Copies of copies double: what all operations put in is counted.
    def counted(value)
      @room -= size(value, "/#{@index}", "the value is")
      refuse("/#{@index}", "puts more than #{MOST_BYTES / 1_000_000} MB into the file") if @room.negative?
      value
    end

    def size(value, where, what)
      bytes = ::JSON.generate(value, max_nesting: MOST_DEEP).bytesize
      return bytes if bytes <= MOST_BYTES

      refuse(where, format("%s %.1f MB; a file is %d MB at the most", what, bytes / 1e6, MOST_BYTES / 1_000_000))
    rescue ::JSON::NestingError
      refuse(where, "makes the file deeper than #{MOST_DEEP} levels")
    end

    def missing(pointer) = refuse("/#{@index}", "there is nothing at #{pointer.to_s[0, 200]} that can be changed so")
    def refuse(where, message) = raise(InvalidFile, [Problem.new("/patch#{where}", message)])
  end
end
