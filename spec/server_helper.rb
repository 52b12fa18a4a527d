# frozen_string_literal: true

require "spec_helper"
require "rack/test"
require "tmpdir"
require_relative "../server/environment"
require_relative "../server/demo/demo_data"

# Databases for the examples: migrated once, and copied.
module Databases
  FOLDER = Dir.mktmpdir("elm-cup")
  # Not by a child that was made to be killed and ended by itself.
  OWNER = Process.pid
  at_exit { FileUtils.remove_entry(FOLDER, true) if Process.pid == OWNER }

  # The path of one with everything migrated: empty, or with what the demo holds.
  def self.fresh(demo: false)
    File.join(FOLDER, "#{SecureRandom.hex(6)}.sqlite3").tap { |path| FileUtils.cp(demo ? with_demo : empty, path) }
  end

  def self.empty = @empty ||= ready_made("empty")

  def self.with_demo = @with_demo ||= ready_made("demo") { ElmCupServer::DemoData.load_once }

  # Closed, so that all of it is in the one file.
  def self.ready_made(name)
    File.join(FOLDER, "#{name}.sqlite3").tap do |path|
      ElmCupServer::Database.open(path)
      yield if block_given?
      ActiveRecord::Base.connection_pool.disconnect!
    end
  end
  private_class_method :empty, :with_demo, :ready_made
end

# The file of the request specs; browser specs open others, so that each example here makes sure of its own.
REQUESTS_DATABASE = Databases.fresh
ElmCupServer::Database.open(REQUESTS_DATABASE)

# Requests to the whole stack, contract and headers included; every answer is held against the contract.
module Requests
  include Rack::Test::Methods

  APP = ElmCupServer::Stack.build
  SCHEMA = Committee::Drivers.load_from_file(ElmCupServer::OPENAPI, parser_options: {strict_reference_validation: true})

  def app = APP

  def build_rack_mock_session = Rack::MockSession.new(app, "localhost")

  # The parsed answer of a request with a JSON body.
  def ask(verb, path, body = nil, headers = {})
    headers.each { |name, value| header(name, value) }
    header "Content-Type", "application/json" if body
    public_send(verb, path, body && (body.is_a?(String) ? body : JSON.generate(body)))
    hold_to_contract
    JSON.parse(last_response.body)
  end

  def hold_to_contract
    operation = SCHEMA.open_api.request_operation(last_request.request_method.downcase, last_request.path)
    return unless operation && last_response.status != 400

    operation.validate_response_body(OpenAPIParser::RequestOperation::ValidatableResponseBody.new(last_response.status,
      JSON.parse(last_response.body), last_response.headers.transform_keys { |name| name.split("-").map(&:capitalize).join("-") }))
  end
end

RSpec.configure do |config|
  config.include Requests, server: true
  config.around(:each, server: true) do |example|
    ElmCupServer::Database.open(REQUESTS_DATABASE) unless ActiveRecord::Base.connection_db_config.database == REQUESTS_DATABASE
    ActiveRecord::Base.connection_pool.pin_connection!(false)
    example.run
  ensure
    ActiveRecord::Base.connection_pool.unpin_connection!
  end
end
