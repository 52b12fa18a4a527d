# frozen_string_literal: true

module ElmCupServer
  # Before anything else looks at a request to the API, and before anything is done for it: where it comes from, the text of its address,
  # and size, kind and encoding of its body.
  class RequestGuard
    MOST_BYTES = 2_000_000
    WRITING = %w[POST PUT PATCH DELETE].freeze
    # What a browser says of who asks: this very page, or a person who typed the address.
    OURS = [nil, "same-origin", "none"].freeze

    def initialize(app)
      @app = app
    end

    def call(env)
      request = Rack::Request.new(env)
      return Problem.response(403, "Another site may not read or write here") if foreign?(request)
      return Problem.response(400, "The address is not valid UTF-8 text without control characters") unless plain?(request)

      refused = WRITING.include?(request.request_method) && body_refused(request)
      refused || @app.call(env)
    end

    private

    # A browser says where a page that asks comes from; scripts on this machine say nothing.
    def foreign?(request)
      origin = request.get_header("HTTP_ORIGIN")
      referer = request.get_header("HTTP_REFERER")
      !OURS.include?(request.get_header("HTTP_SEC_FETCH_SITE")) || !(origin.nil? || origin == request.base_url) ||
        !(referer.nil? || referer.start_with?("#{request.base_url}/"))
    end

    # Path and query are text once they are decoded.
    def plain?(request)
      [request.path, request.query_string].all? do |part|
        text = URI.decode_www_form_component(part.dup.force_encoding(Encoding::UTF_8))
        text.valid_encoding? && !text.match?(ElmCup::Document::WholeCharacters::CONTROL)
      end
    rescue ArgumentError
      false
    end

    # The response to a body that is not taken; nil where it is, which is then ready to be read again.
    def body_refused(request)
      return too_large if request.content_length.to_i > MOST_BYTES

      body = request.body ? request.body.read(MOST_BYTES + 1).to_s : ""
      return too_large if body.bytesize > MOST_BYTES
      return Problem.response(415, "Send application/json") unless body.empty? || request.media_type == "application/json"

      fault = unreadable(body) and return Problem.response(400, fault)
      request.set_header("rack.input", StringIO.new(body))
      request.set_header("CONTENT_LENGTH", body.bytesize.to_s)
      nil
    end

    def too_large = Problem.response(413, "This is more than #{MOST_BYTES / 1_000_000} MB")

    # The core's limits on JSON hold for every body.
    def unreadable(body)
      ElmCup.read_json(body) unless body.empty?
      nil
    rescue ElmCup::Error => error
      error.message
    end
  end
end
