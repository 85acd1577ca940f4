# frozen_string_literal: true

require "tzinfo"

module GreenPlinth
  # The wall clock of a place, which is put forward and back twice a year: what dries overnight then dries by another hour
  # than the clock says. Minutes are local ones, as in Moment; waits are what really passes.
  class Clock
    # Changes of the clock are looked up so far ahead, years.
    YEARS = 6
    # A local time that comes twice, or never, is found within so many minutes.
    DAY = 1440

    # @param name [String] e.g. "Europe/Berlin"
    # @return [Boolean]
    def self.known?(name) = TZInfo::Timezone.all_identifiers.include?(name)

    # @param name [String] raises TZInfo::InvalidTimezoneIdentifier
    # @param start [Integer] local minute from which it is needed
    def initialize(name, start)
      zone = TZInfo::Timezone.get(name)
      from, to = [start - (2 * DAY), start + (YEARS * 366 * DAY)].map { |minute| Time.at(minute * 60).utc }
      @first = zone.period_for_utc(from).utc_total_offset / 60
      @changes = zone.transitions_up_to(to, from).map { |change| [change.at.to_i / 60, change.offset.utc_total_offset / 60] }
    end

    # @param minute [Integer]
    # @param wait [Integer] minutes that pass
    # @return [Integer] what the clock shows then
    def later(minute, wait) = local(universal(minute) + wait)

    # @return [Integer] what the clock showed so long before
    def earlier(minute, wait) = local(universal(minute) - wait)

    # The same looked at backwards: for a network turned round.
    def turned = Turned.new(self)

    # Time run backwards: minutes are negative, what was later is earlier.
    Turned = Struct.new(:clock) do
      def later(minute, wait) = -clock.earlier(-minute, wait)
      def earlier(minute, wait) = -clock.later(-minute, wait)
      def turned = clock
    end

    private

    def local(universal) = universal + offset(universal)

    # Of a time that comes twice the second; of one that never comes what the clock would have shown.
    def universal(local)
      near = offset(local - @first)
      later = offset(local - near)
      local - (offset(local - later) == later ? later : near)
    end

    def offset(universal)
      at = @changes.bsearch_index { |moment, _| moment > universal } || @changes.size
      at.zero? ? @first : @changes[at - 1][1]
    end
  end
end
