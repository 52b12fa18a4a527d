# frozen_string_literal: true

require "rack"
require "rack/deflater"

module ElmCupServer
  # The whole Rack application: headers, last resort, names of this machine, compression, guards, contract, API and pages.
  module Stack
    COMPRESSED = %w[application/json application/problem+json text/html text/css text/javascript application/javascript image/svg+xml].freeze

    # A Rack app. The database must be open.
    def self.build
      Rack::Builder.app do
        use Headers
        use Errors
        use Hosts
        use Rack::Deflater, include: COMPRESSED
        map("/api") { run Stack.api }
        run Pages.new
      end
    end

    # The guarded API, under addresses that name /api whole.
    def self.api
      Rack::Builder.app do
        use RestorePath
        use RequestGuard
        use Committee::Middleware::RequestValidation, **Contract.options
        run Api
      end
    end

    # `map` moves the prefix to SCRIPT_NAME; the routes and the contract name whole addresses.
    class RestorePath
      def initialize(app)
        @app = app
      end

      def call(env) = @app.call(env.merge("PATH_INFO" => env["SCRIPT_NAME"] + env["PATH_INFO"], "SCRIPT_NAME" => ""))
    end
  end
end
