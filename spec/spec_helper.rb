# frozen_string_literal: true

$LOAD_PATH.unshift(File.expand_path("../core/lib", __dir__), File.expand_path("../server/lib", __dir__))

# Processes that run the specs beside each other have a database each: bin/test makes them.
beside = ENV["TEST_ENV_NUMBER"].to_s
ENV["DATABASE_URL"] = ENV["DATABASE_URL"].sub(/_test\z/, "_#{beside}_test") if ENV["DATABASE_URL"] && !["", "1"].include?(beside)

require "green_plinth"
require "prop_check"

Dir[File.join(__dir__, "support", "*.rb")].sort.each { |path| require path }

RSpec.configure do |config|
  config.expect_with(:rspec) { |expectations| expectations.max_formatted_output_length = 2000 }
  config.mock_with(:rspec) { |mocks| mocks.verify_partial_doubles = true }
  config.disable_monkey_patching!
  config.order = :random
  Kernel.srand config.seed
  config.include Specimens
  config.include Every
end
