# frozen_string_literal: true

$LOAD_PATH.unshift(File.expand_path("../core/lib", __dir__), File.expand_path("../server/lib", __dir__))

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
