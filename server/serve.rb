# frozen_string_literal: true

# Serves the application on the loop-back address. Called by bin/start and bin/demo.
require_relative "environment"
require "puma"
require "puma/configuration"
require "puma/launcher"

port = Integer(ENV.fetch("PORT", "4173"), exception: false)
abort "PORT must be a number from 1 to 65535" unless port&.between?(1, 65_535)

ElmCupServer::Database.open(ENV.fetch("ELM_CUP_DATABASE", File.join(ElmCupServer::ROOT, "data/elm_cup.sqlite3")))
if ARGV.include?("--demo")
  require_relative "demo/demo_data"
  ElmCupServer::DemoData.load_once
end

ElmCupServer::Upkeep.running = true
ElmCupServer::Upkeep.soon

configuration = Puma::Configuration.new do |config|
  config.bind "tcp://127.0.0.1:#{port}"
  config.threads 1, 4
  config.app ElmCupServer::Stack.build
  config.log_requests false
  config.quiet
end
launcher = Puma::Launcher.new(configuration, log_writer: Puma::LogWriter.new(File.open(File::NULL, "w"), $stderr))
launcher.events.after_booted do
  puts "Elm Cup is at http://127.0.0.1:#{port}/  (Ctrl+C stops it)"
  $stdout.flush
end
begin
  launcher.run
rescue Errno::EADDRINUSE
  abort "Port #{port} is taken; stop what runs there, or choose another: PORT=#{port + 1}"
end
