# frozen_string_literal: true

require "rack/protection"

module ElmCupServer
  # Answers only under names of this machine, so that no page of another host name that is led here can read or write anything.
  class Hosts < Rack::Protection::HostAuthorization
    HERE = ["localhost", IPAddr.new("127.0.0.0/8"), IPAddr.new("::1")].freeze

    def initialize(app) = super(app, permitted_hosts: HERE, logging: false)

    # The Rack response to another name.
    def default_reaction(_env) = Problem.response(403, "Elm Cup answers under localhost or 127.0.0.1 alone")
  end
end
