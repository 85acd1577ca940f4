# frozen_string_literal: true

module GreenPlinth
  # Remembers computed parts by what they depend on, so that moving a figure does not rebuild the relief. Keys are
  # compared by value. Holds the newest values of each name; safe to share by threads.
  class Memo
    # Values kept for each name. A field over the largest base takes 1 MB: a terrain holds one for each zone.
    ROOM = { terrain: 4, bulk: 4, pools: 4, covers: 4, form: 12, slopes: 2, sight: 2, solids: 4, heights: 2, layout: 4,
             mesh: 1, edge_skin: 2, sight_view: 2, sight_ground: 2, relief_map: 1, turntable: 1, templates: 2, mass: 4, plan: 200, order: 8,
             zone_area: 600, cover: 120, ruling: 4 }.freeze
    USUAL_ROOM = 8
    # Values of each name where many changes are looked at that nobody makes.
    ASIDE = 2
    private_constant :ASIDE
    # Of what tells itself what it depends on, which is small.
    RECALLED = 40

    # @param room [Integer] values kept for each name that ROOM does not tell
    def initialize(room: USUAL_ROOM)
      @room = room
      @values = Hash.new { |hash, name| hash[name] = {} }
      @recalled = Hash.new { |hash, name| hash[name] = [] }
      @lock = Mutex.new
    end

    # For a look aside: it knows what this one knows, and keeps the little that it learns to itself.
    # @param pause [#call, nil] called between any two parts, where somebody else may be waiting
    # @return [Memo]
    def aside(pause = nil) = Memo.new.tap { |memo| memo.instance_exec(self) { |under| @under, @most, @pause = under, ASIDE, pause } }

    # A short key for plain data, the same whatever order its members come in: 64 bits, of a function that each process keys
    # anew. Of a million keys two different ones are the same once in 37 million processes.
    # @param value [Hash, Array, String, Numeric, true, false, nil]
    # @return [Integer]
    def self.digest(value) = value.hash

    # @return [Boolean] whether a value is remembered for these inputs
    def known?(name, *inputs) = !look(name, inputs).nil?

    # @return the value remembered for these inputs, or the block's, now remembered
    def fetch(name, *inputs)
      @pause&.call
      kept = @lock.synchronize { touch(@values[name], inputs) } || @under&.look(name, inputs)
      return kept.first if kept

      value = yield
      @lock.synchronize { store(name, inputs, value) }
      value
    end

    # A value that tells itself what it depends on: remembered with the digests of the members that it looked at.
    # @param now [#call] member → its digest now
    # @return the value for which no member that it looked at has changed, or the block's, now remembered
    def recall(name, now)
      @pause&.call
      kept = recalled(name)
      found = kept.find { |reads, _| reads.all? { |member, digest| now.call(member) == digest } }
      if found
        Reads.note(*found.first.keys)
      else
        value, members = Reads.during { yield }
        found = [members.to_h { |member| [member, now.call(member)] }, value]
      end
      @lock.synchronize { @recalled[name] = [found, *@recalled[name].reject { |one| one.equal?(found) }].first(room(name, RECALLED)) }
      found.last
    end

    # A value that can tell whether it serves; of the newest ones that were made so.
    # @param serves [#call] value → whether it does
    # @return the value that serves, or the block's, now remembered
    def find(name, serves)
      found = found_so(name).find(&serves) || yield
      fetch(name, found) { found }
    end

    # The same value as an equal one, where one was known not long ago: what did not change is the same object.
    # @param fields [Object] what makes it what it is, compared by value
    def same(name, fields, value)
      kept = @under&.look(name, fields)
      kept ? kept.first : @lock.synchronize { (touch(@values[name], fields) || store(name, fields, value)).first }
    end

    protected

    # @return [Array, nil] what is kept for these inputs, in a box
    def look(name, inputs) = @lock.synchronize { @values[name][inputs] } || @under&.look(name, inputs)

    def recalled(name) = @lock.synchronize { @recalled[name].dup } + (@under&.recalled(name) || [])

    # The newest first.
    def found_so(name) = @lock.synchronize { @values[name].values.reverse.map(&:first) } + (@under&.found_so(name) || [])

    private

    def touch(values, inputs)
      kept = values.delete(inputs)
      values[inputs] = kept if kept
    end

    def store(name, inputs, value)
      values = @values[name]
      boxed = values[inputs] = [value]
      values.shift if values.size > room(name, @room)
      boxed
    end

    def room(name, usual) = [ROOM.fetch(name, usual), @most].compact.min
  end
end
