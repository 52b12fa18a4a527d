# frozen_string_literal: true

require "json"
require "tempfile"
require_relative "../core/lib/elm_cup"
Dir[File.join(__dir__, "support/*.rb")].sort.each { |file| require file }

RSpec.configure do |config|
  config.expect_with(:rspec) { |c| c.syntax = :expect }
  config.disable_monkey_patching!
  config.order = :random
  Kernel.srand config.seed
  config.include Bowls
  config.include Balancing
  config.include Happenings
end
