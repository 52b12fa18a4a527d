# frozen_string_literal: true

module ElmCupServer
  # Before anything else looks at a request to the API: where it comes from, and size, kind and encoding of its body.
  class RequestGuard
    MOST_BYTES = 2_000_000
    WRITING = %w[POST PUT PATCH DELETE].freeze

    def initialize(app)
      @app = app
    end

    def call(env)
      request = Rack::Request.new(env)
      return @app.call(env) unless request.path.start_with?("/api/") && WRITING.include?(request.request_method)

      return Problem.response(403, "Another site may not write here") unless same_site?(request)

      body = request.body ? request.body.read(MOST_BYTES + 1).to_s : ""
      return Problem.response(413, "This is more than #{MOST_BYTES / 1_000_000} MB") if body.bytesize > MOST_BYTES
      return Problem.response(415, "Send application/json") unless body.empty? || request.media_type == "application/json"
      return Problem.response(400, "The body is not valid UTF-8 text") unless body.dup.force_encoding(Encoding::UTF_8).valid_encoding?

      fault = unreadable(body)
      return Problem.response(400, fault) if fault

      env["rack.input"] = StringIO.new(body)
      env["CONTENT_LENGTH"] = body.bytesize.to_s
      @app.call(env)
    end

    private

    # A browser says where a page that writes comes from; scripts on this machine say nothing.
    def same_site?(request)
      origin = request.get_header("HTTP_ORIGIN")
      origin.nil? || origin == request.base_url
    end

    # The core's limits on JSON hold for every body.
    def unreadable(body)
      ElmCup.read_json(body) unless body.empty?
      nil
    rescue ElmCup::Error => error
      error.message
    end
  end
end
