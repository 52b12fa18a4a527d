# frozen_string_literal: true

# Serves the application on the loop-back address. Called by bin/start and bin/demo.
require_relative "environment"
require "puma"
require "puma/configuration"
require "puma/launcher"

port = Integer(ENV.fetch("PORT", "4173"), exception: false)
abort "PORT must be a number from 1 to 65535" unless port&.between?(1, 65_535)

path = ENV.fetch("ELM_CUP_DATABASE", File.join(ElmCupServer::ROOT, "data/elm_cup.sqlite3"))
begin
  ElmCupServer::Database.open(path)
rescue ElmCupServer::DatabaseFile::Unusable => error
  abort "elm cup: #{error.message}"
end
if ARGV.include?("--demo")
  require_relative "demo/demo_data"
  ElmCupServer::DemoData.load_once
end
if ARGV.include?("--demo") || ENV["ELM_CUP_DEVICES"] == "simulated"
  ElmCupServer::Devices::Household.simulate
end
ElmCupServer::Integrity.look(path)
ElmCupServer::Upkeep.running = true
ElmCupServer::Upkeep.soon

Puma::Server.prepend(ElmCupServer::PumaProblems)
configuration = Puma::Configuration.new do |config|
  config.bind "tcp://127.0.0.1:#{port}"
  config.threads 1, 4
  config.app ElmCupServer::Stack.build
  config.environment "production"
  config.log_requests false
  config.http_content_length_limit ElmCupServer::RequestGuard::MOST_BYTES
  config.lowlevel_error_handler { |error, env, status| ElmCupServer::Errors.lowlevel(error, env, status) }
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
