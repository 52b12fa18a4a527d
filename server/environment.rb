# frozen_string_literal: true

# Loads the server: gems, core, models, routes. Nothing is opened or served yet.
ENV["BUNDLE_GEMFILE"] ||= File.expand_path("../Gemfile", __dir__)
require "bundler/setup"
require "json"
require "active_record"
require "sinatra/base"
require "zeitwerk"
require_relative "../core/lib/elm_cup"

module ElmCupServer
  ROOT = File.expand_path("..", __dir__)
  PUBLIC = File.join(ROOT, "server/public")
  OPENAPI = File.join(ROOT, "server/openapi.yaml")

  LOADER = Zeitwerk::Loader.new
  %w[lib models routes].each { |folder| LOADER.push_dir(File.join(ROOT, "server", folder), namespace: self) }
  # Simulated devices, in a folder of their own.
  module Devices
  end
  LOADER.push_dir(File.join(ROOT, "server/devices"), namespace: Devices)
  LOADER.setup
  LOADER.eager_load
end
