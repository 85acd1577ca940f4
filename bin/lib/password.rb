# frozen_string_literal: true

# The password of this installation, in the database of DATABASE_URL. Without words: reads one line and keeps it, hashed.
# --there: says by its exit whether there is one. --none: takes it away.
require "green_plinth_server"

store = GreenPlinth::Server::Store.new(Sequel.connect(ENV.fetch("DATABASE_URL")))
exit(store.password_hash ? 0 : 1) if ARGV.include?("--there")
if ARGV.include?("--none")
  store.put_password(nil)
  exit
end

password = GreenPlinth::Server::Password.new($stdin.gets.to_s.chomp)
wrong = password.problem
abort "The password is not set: #{wrong}." if wrong
store.put_password(password.hash_text)
