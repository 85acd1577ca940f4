# frozen_string_literal: true

source "https://rubygems.org"

# The core: computation only.
gem "highs", "~> 0.2"           # a mixed-integer solver: small schedules proven
gem "icalendar", "~> 2.13"      # calendars out
gem "json_schemer", "~> 2.5"    # the plinth file's schema, and OpenAPI 3.1 in the server
gem "matrix", "~> 0.4"          # small systems of equations: spectra of colours
gem "numo-narray", "~> 0.9.2"   # height fields
gem "prawn", "~> 2.5"           # templates as PDF
gem "rgeo", "~> 3.0"            # GEOS polygons
gem "ruby-vips", "~> 2.2"       # height maps in
gem "tzinfo", "~> 2.0"          # nights on which the clock is changed
gem "tzinfo-data", "~> 1.2024"  # and where; a bare machine has no zones of its own
gem "zeitwerk", "~> 2.6.18"

# The server.
gem "argon2", "~> 2.3"          # how the password is kept
gem "nokogiri", "~> 1.18"       # SVG outlines in
gem "pg", "~> 1.6"
gem "puma", "~> 8.0"
gem "que", "~> 2.4"            # work that leaves the request
gem "rack", "~> 3.2"
gem "rack-attack", "~> 6.8"     # tries of the password, bounded
gem "rodauth", "~> 2.43"        # asking for it
gem "rqrcode", "~> 3.0"        # letting a tablet in by its camera
gem "rubyzip", "~> 3.0"         # everything as one file
gem "sequel", "~> 5.110"
gem "sequel_pg", "~> 1.17", require: false
gem "sinatra", "~> 4.2"

group :test do
  gem "axe-core-capybara", "~> 4.10"
  gem "capybara", "~> 3.40"
  gem "cuprite", "~> 0.17"
  gem "pdf-inspector", "~> 1.3" # templates read back
  gem "prop_check", "~> 1.0"
  gem "rack-test", "~> 2.1"
  gem "rgl", "~> 0.6"           # a second opinion on graphs
  gem "rspec", "~> 3.13"
  gem "rspec-retry", "~> 0.6"   # a hand on a busy machine, given a second try that is told
  gem "rubocop", "~> 1.60", require: false
  gem "turbo_tests", "~> 2.2", require: false # the specs on several processors
end
