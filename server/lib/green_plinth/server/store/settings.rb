# frozen_string_literal: true

module GreenPlinth
  module Server
    class Store
      # Secrets of this installation, and the password that is asked for.
      module Settings
        # Who the password is of: one maker's workshop.
        ACCOUNT = "maker"
        PREFERENCES = "preferences"
        LEARNT_OFF = "learnt_off"
        private_constant :PREFERENCES, :LEARNT_OFF

        # A random secret of this installation, made once and shared by every process.
        def secret(name)
          settings_ds.insert_conflict.insert(name: name, value: SecureRandom.hex(64))
          settings_ds.where(name: name).get(:value)
        end

        # @return [Hash] as the maker chose; what was not chosen is not there
        def preferences = settings_ds.where(name: PREFERENCES).get(:value)&.then { |text| JSON.parse(text) } || {}

        # @param chosen [Hash]
        def put_preferences(chosen)
          value = JSON.generate(chosen)
          settings_ds.insert_conflict(target: :name, update: { value: value }).insert(name: PREFERENCES, value: value)
          @db.notify(STORED, payload: "")
        end

        # @return [Array<String>] keys of what was learnt and is switched off
        def learnt_off = settings_ds.where(name: LEARNT_OFF).get(:value)&.then { |text| JSON.parse(text) } || []

        # @param keys [Array<String>]
        def put_learnt_off(keys)
          value = JSON.generate(keys)
          settings_ds.insert_conflict(target: :name, update: { value: value }).insert(name: LEARNT_OFF, value: value)
          restocked
        end

        # @return [String, nil] what the password hashes to, by argon2; nil: none is asked for
        def password_hash = accounts_ds.get(:password_hash)

        # @param hash [String, nil] by argon2; nil: none is asked for
        def put_password(hash)
          return accounts_ds.delete unless hash

          accounts_ds.insert_conflict(target: :login, update: { password_hash: hash }).insert(login: ACCOUNT, password_hash: hash)
        end

        private

        def settings_ds = @db[:settings]
        def accounts_ds = @db[:accounts]
      end
    end
  end
end
