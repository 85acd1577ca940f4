# frozen_string_literal: true

module GreenPlinth
  module Stores
    # What was used at the bench, taken out of the jars: of what is open first, then a full pack is opened. A jar that somebody has
    # looked at since counts as it was found then, so that it does not matter how late an event comes in.
    class UsedUp
      # jar: as a stores file has it; noted: instant at which somebody last said what is in it, seconds since 1970.
      Looked = Struct.new(:id, :jar, :noted)

      # @param events [Array<Events::Event>] uses, in order
      # @param catalogue [Catalogue] with recipes
      def initialize(events, catalogue)
        @events = events.select { |event| event.data["amount"] && event.data["unit"] }
        @catalogue = catalogue
      end

      # @param jars [Array<Looked>]
      # @return [Hash{Object => Hash}] by id, what is in them now
      def left(jars)
        left = jars.to_h { |one| [one.id, one.jar] }
        @events.each { |event| take(event, jars.select { |one| holds?(one, event) }, left) }
        left
      end

      private

      def holds?(one, event)
        return false if event.instant <= one.noted
        return one.id == event.data["jar"] if event.data["jar"]

        one.jar["material"] == event.data["material"] && one.jar["colour"]&.downcase == event.data["colour"]&.downcase
      end

      # How full an open jar is that nobody has noted stays unknown, and so does what else may have gone out of others instead.
      def take(event, jars, left)
        amount = event.data["amount"]
        jars.sort_by { |one| left[one.id]["open"] ? 0 : 1 }.each do |one|
          break unless amount.positive?

          jar = left[one.id]
          break if jar["opened_on"] && jar["open"].nil?

          material = @catalogue[jar["material"]] or next
          wanted = Quantities::Units.convert(amount, event.data["unit"], jar["unit"], material) or next
          left[one.id], out = out_of(jar, wanted, event)
          amount *= 1 - (out / wanted)
        end
      end

      # @return [Array(Hash, Float)] the jar after it, and how much came out
      def out_of(jar, wanted, event)
        there = ((jar["full"] || 0) * jar["pack"]) + (jar["open"] || 0)
        out = [wanted, there].min.to_f
        return [jar, out] if out.zero?

        rest = there - out
        full = [(rest / jar["pack"]).floor, jar["full"] || 0].min
        opened = full < (jar["full"] || 0) || jar["opened_on"].nil?
        [jar.merge("full" => full, "open" => (rest - (full * jar["pack"])).round(3),
          "opened_on" => opened ? Moment.format(event.minute)[0, 10] : jar["opened_on"]), out]
      end
    end
  end
end
