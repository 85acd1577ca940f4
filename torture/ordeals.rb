# frozen_string_literal: true

# All of them, and what they need.
%w[result kit server_process client odd_build kills fuzz odd_builds twins open_page].each { |name| require_relative name }
