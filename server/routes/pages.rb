# frozen_string_literal: true

module ElmCupServer
  # The built web application: its files, and its one page for every other address.
  class Pages
    INDEX = File.join(PUBLIC, "index.html")

    def initialize
      @files = Rack::Files.new(PUBLIC)
    end

    def call(env)
      return [405, {"content-type" => "text/plain"}, ["Only GET and HEAD here"]] unless %w[GET HEAD].include?(env["REQUEST_METHOD"])

      path = env["PATH_INFO"]
      return @files.call(env) if path != "/" && file?(path)
      return [404, {"content-type" => "text/plain; charset=utf-8"}, ["Not found"]] if path.start_with?("/assets/")
      unless File.file?(INDEX)
        return [503, {"content-type" => "text/plain; charset=utf-8"},
          ["The web application is not built yet: run bin/start or bin/demo"]]
      end

      [200, {"content-type" => "text/html; charset=utf-8"}, [File.read(INDEX)]]
    end

    private

    def file?(path)
      full = File.expand_path(File.join(PUBLIC, Rack::Utils.unescape_path(path)))
      full.start_with?("#{PUBLIC}/") && File.file?(full)
    rescue ArgumentError
      false
    end
  end
end
