# frozen_string_literal: true

module GreenPlinth
  module Server
    class Store
      # Devices of the local network that were let in.
      module Devices
        # A device is noted as seen no more often, seconds.
        SEEN_EVERY = 60

        # One code at a time: another one takes its place.
        # @param code [String]
        # @param good_until [Time]
        def put_pairing(code, good_until)
          @db.transaction do
            pairings_ds.delete
            pairings_ds.insert(code_hash: keyed(code), good_until: good_until)
          end
        end

        # Uses a code up.
        # @return [Boolean] whether it was good
        def take_pairing(code, now) = pairings_ds.where(code_hash: keyed(code)).where { good_until > now }.delete.positive?

        def drop_pairings = pairings_ds.delete

        # @return [Integer] id
        def add_device(name, token) = devices_ds.insert(name: name, token_hash: keyed(token))

        # @return [Hash, nil] id and name of the device that has this token; noted as seen
        def device_of(token, now)
          row = devices_ds.where(token_hash: keyed(token)).select(:id, :name, :seen_at).first or return
          devices_ds.where(id: row[:id]).update(seen_at: now) if now - row[:seen_at] > SEEN_EVERY
          row.slice(:id, :name)
        end

        # @return [Array<Hash>] id, name, paired_at, seen_at
        def devices = devices_ds.order(:id).select(:id, :name, :paired_at, :seen_at).all

        # @return [Boolean] whether there was one
        def delete_device(id) = devices_ds.where(id: id).delete.positive?

        private

        # By a secret of this installation: six digits alone would be found by trying all of them.
        def keyed(text) = OpenSSL::HMAC.hexdigest("SHA256", @device_secret ||= secret("devices"), text)

        def devices_ds = @db[:devices]
        def pairings_ds = @db[:pairings]
      end
    end
  end
end
