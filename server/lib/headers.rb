# frozen_string_literal: true

module ElmCupServer
  # Headers that every answer carries, static files and errors included.
  class Headers
    CSP = "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; font-src 'self'; " \
      "connect-src 'self'; worker-src 'self'; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'"
    ALWAYS = {
      "content-security-policy" => CSP, "x-content-type-options" => "nosniff", "referrer-policy" => "no-referrer",
      "cross-origin-opener-policy" => "same-origin"
    }.freeze
    YEAR = "public, max-age=31536000, immutable"

    def initialize(app)
      @app = app
    end

    def call(env)
      status, headers, body = @app.call(env)
      [status, headers.merge(ALWAYS).merge("cache-control" => cache(env["PATH_INFO"], headers)), body]
    end

    private

    # Built assets carry a hash in their name; everything else may change.
    def cache(path, headers)
      return YEAR if path.start_with?("/assets/")

      headers["cache-control"] || "no-cache"
    end
  end
end
