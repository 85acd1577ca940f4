# frozen_string_literal: true

module GreenPlinth
  module Events
    # How long coats really took to dry, as a log tells it.
    class Dryings
      # id: of the event; material: its key; minutes foretold by the catalogue alone, and as observed; note: the maker's words.
      Note = Struct.new(:id, :material, :foretold_min, :observed_min, :note, keyword_init: true)

      # @param log [Log]
      def initialize(log)
        @log = log
      end

      # @return [Array<Note>] the oldest first
      def notes
        @laid, @wet = {}, {}
        @log.events.filter_map { |event| take(event) }
      end

      private

      def take(event)
        case event.kind
        when "laid" then @laid[event.step] = event.instant and @wet.delete(event.step)
        when "redone" then [event.step, *event.data["off"]].each { |id| @laid.delete(id) }
        when "still_wet" then @wet[event.step] = minutes(event)
        when "seen_dry" then return note(event)
        end
        nil
      end

      def note(event)
        foretold = event.of&.dig("foretold_min")
        observed = event.data["observed_min"] || (foretold && between(@wet[event.step], minutes(event), foretold))
        return unless foretold&.positive? && observed&.positive? && event.of["material"]

        Note.new(id: event.id, material: event.of["material"], foretold_min: foretold, observed_min: observed,
          note: event.data["text"] || "")
      end

      # @return [Float, nil] minutes since it was laid
      def minutes(event) = @laid[event.step] && ((event.instant - @laid[event.step]) / 60.0)

      # It dried between the last time it was wet and the first time it was dry: by ratio the middle of both. What was looked at
      # later than foretold, and was not seen wet before, may have been dry for long: that says nothing.
      def between(wet, dry, foretold)
        return unless dry&.positive?
        return Math.sqrt(wet * dry) if wet&.positive? && wet < dry

        dry if dry <= foretold
      end
    end
  end
end
