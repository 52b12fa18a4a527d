# frozen_string_literal: true

require "securerandom"

module ElmCupServer
  # Headers that every answer carries, static files and errors included.
  class Headers
    CSP = "default-src 'self'; script-src 'self'; style-src 'self' 'nonce-%s'; style-src-attr 'unsafe-inline'; " \
      "img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; worker-src 'self'; object-src 'none'; base-uri 'none'; " \
      "form-action 'self'; frame-ancestors 'none'"
    ALWAYS = {
      "x-content-type-options" => "nosniff", "referrer-policy" => "no-referrer", "cross-origin-opener-policy" => "same-origin",
      "cross-origin-resource-policy" => "same-origin"
    }.freeze
    YEAR = "public, max-age=31536000, immutable"
    # Where the nonce of an answer stands in its env: styles that bear it may run.
    NONCE = "elm_cup.nonce"

    # A response with the headers that every answer carries.
    def self.on(response, nonce: SecureRandom.base64(16))
      status, headers, body = response
      [status, headers.merge(ALWAYS).merge("content-security-policy" => format(CSP, nonce)), body]
    end

    def initialize(app)
      @app = app
    end

    def call(env)
      env[NONCE] = SecureRandom.base64(16)
      status, headers, body = @app.call(env)
      Headers.on([status, headers.merge("cache-control" => cache(status, env["PATH_INFO"], headers)), body], nonce: env[NONCE])
    end

    private

    # Built assets carry a hash in their name; everything else may change, and what is missing may come.
    def cache(status, path, headers)
      return YEAR if path.start_with?("/assets/") && [200, 206, 304].include?(status)

      headers["cache-control"] || "no-cache"
    end
  end
end
