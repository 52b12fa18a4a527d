# frozen_string_literal: true

require "server_helper"
require "zlib"

RSpec.describe "The built web application", server: true do
  let(:index) { File.read(ElmCupServer::Pages::INDEX) }

  # Every script the page asks for before a view is drawn, and what those import at once.
  def initial(names, seen = [])
    names.each_with_object(seen) do |name, all|
      next if all.include?(name)

      all << name
      source = File.read(File.join(ElmCupServer::PUBLIC, "assets", name))
      initial(source.scan(/(?:^|[;,}])import(?:[^"'()]*?from)?\s*["']\.\/([^"']+\.js)["']/).flatten, all)
    end
  end

  it "starts with less than 250 kB of JavaScript, compressed" do
    scripts = initial(index.scan(%r{/assets/([^"]+\.js)}).flatten)
    mix = Dir[File.join(ElmCupServer::PUBLIC, "assets/MixView-*.js")].map { |file| File.basename(file) }
    all = initial(mix, scripts)
    expect(scripts).not_to be_empty
    expect(all.sum { |name| Zlib.gzip(File.read(File.join(ElmCupServer::PUBLIC, "assets", name))).bytesize }).to be < 250_000
  end

  it "asks nothing of any other machine" do
    files = Dir[File.join(ElmCupServer::PUBLIC, "**/*.{html,css}")]
    expect(files.flat_map { |file| File.read(file).scan(%r{(?:src|href|url\()\s*=?["'(]?https?://}) }).to eq([])
    expect(Dir[File.join(ElmCupServer::PUBLIC, "assets/*.woff2")].size).to be >= 2
  end

  it "keeps its assets for a year and its page for no time" do
    get "/"
    expect(last_response.headers["cache-control"]).to eq("no-cache")
    get "/assets/#{index[%r{/assets/([^"]+\.js)}, 1]}"
    expect(last_response.headers["cache-control"]).to include("immutable")
    expect(last_response.headers["content-type"]).to match(/javascript/)
  end
end
