# frozen_string_literal: true

module GreenPlinth
  module Server
    class Desk
      # What forecasts learn: looked at, switched off and forgotten; and what was seen of builds that are not here.
      module Learning
        # @return [Array<Hash>] events that belong to no build here
        def workshop_events = @store.events(nil)

        # @param row [Object] an event of a drying, or a note of one as older exports have it
        # @return [Hash, nil] an event; nil where it names no material or no times
        def drying_event(row)
          return unless row.is_a?(Hash)

          row = noted(row) unless row.key?("kind")
          row if row["kind"] == "seen_dry" && catalogue[row.dig("of", "material")] && row["id"].to_s.match?(UUID) &&
            Events::Event.moment?(row["at"]) &&
            [row.dig("of", "foretold_min"), row.dig("data", "observed_min")].all? { |minutes| minutes.is_a?(Numeric) && minutes.positive? }
        end

        # @return [Integer] how many of them were new
        def take_workshop_events(rows)
          @store.add_workshop_events(rows).size.tap { read_anew }
        end

        # Takes one back, whichever build it is of.
        # @param id [String] of an event
        # @param at [String] the moment, with its offset
        # @return [void]; raises Refusal (404)
        def take_back(id, at)
          build = id.match?(UUID) ? @store.build_of_event(id) : false
          raise Refusal.not_found("note #{id[0, 40]}") if build == false

          row = { "id" => SecureRandom.uuid, "kind" => "took_back", "at" => at, "data" => { "event" => id } }
          build ? record(build, [row]) : take_workshop_events([row])
        end

        # @param key [String] of something that was learnt
        # @return [void]; raises Refusal (404)
        def switch_learnt(key, off)
          known_factor(key)
          @store.put_learnt_off(off ? @store.learnt_off | [key] : @store.learnt_off - [key])
          read_anew
        end

        # @param at [String] the moment, with its offset: what was seen until then counts no longer
        # @return [void]; raises Refusal (404)
        def forget_learnt(key, at)
          known_factor(key)
          take_workshop_events([{ "id" => SecureRandom.uuid, "kind" => "forgot", "at" => at, "data" => { "factor" => key } }])
        end

        UUID = /\A\h{8}-\h{4}-\h{4}-\h{4}-\h{12}\z/
        private_constant :UUID

        private

        def noted(row)
          data = { "observed_min" => row["observed_min"], "text" => row["note"] }
          Events::Written.marked(JSON.generate(row), "seen_dry", nil, "2000-01-01T00:00", data)
            .merge("of" => row.slice("material", "foretold_min"))
        end

        def known_factor(key)
          workshop.factors.any? { |one| one.key == key } or raise Refusal.not_found("factor #{key[0, 60]}")
        end
      end
    end
  end
end
