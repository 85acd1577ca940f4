# frozen_string_literal: true

# One account at the most: the maker's, asked for where the application is served beyond its own machine.
Sequel.migration do
  change do
    create_table(:accounts) do
      primary_key :id
      String :login, null: false, unique: true
      String :password_hash, null: false
    end
  end
end
