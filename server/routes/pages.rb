# frozen_string_literal: true

module ElmCupServer
  # The built web application: its files, and its one page for every other address.
  class Pages
    # What the build writes where the nonce goes.
    NONCE = "NONCE-OF-THIS-ANSWER"
    INDEX = File.join(PUBLIC, "index.html")

    def initialize
      @files = Rack::Files.new(PUBLIC)
    end

    def call(env)
      return Problem.response(405, "Only GET and HEAD here") unless %w[GET HEAD].include?(env["REQUEST_METHOD"])

      path = env["PATH_INFO"]
      return @files.call(env) if path != "/" && file?(path)
      return Problem.response(404, "There is no such file") if path.start_with?("/assets/")
      return Problem.response(503, "The web application is not built yet: run bin/start or bin/demo") unless File.file?(INDEX)

      [200, {"content-type" => "text/html; charset=utf-8"}, [page(env[Headers::NONCE])]]
    end

    private

    # The page, with the nonce that its styles bear in this answer.
    def page(nonce) = File.read(INDEX).gsub(NONCE, nonce.to_s)

    def file?(path)
      full = File.expand_path(File.join(PUBLIC, Rack::Utils.unescape_path(path)))
      full.start_with?("#{PUBLIC}/") && File.file?(full)
    rescue ArgumentError
      false
    end
  end
end
