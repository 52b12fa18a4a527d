# frozen_string_literal: true

require "open3"

RSpec.describe "The core on its own" do
  let(:report) do
    script = <<~RUBY
      require "bundler/setup"
      before = $LOADED_FEATURES.dup
      require #{File.expand_path("../../core/lib/elm_cup", __dir__).inspect}
      ElmCup.assess({"elm_cup" => "formula/1", "name" => "x", "components" => [{"name" => "d", "lines" => [{"text" => "10 soft dates"}]}]})
      gems = ($LOADED_FEATURES - before).filter_map { |path| path[%r{/gems/([a-z_]+)-\\d}, 1] }.uniq
      puts JSON.generate("gems" => gems, "server" => %w[Sinatra ActiveRecord Rack ElmCupServer Puma].select { |name| Object.const_defined?(name) },
        "server_files" => $LOADED_FEATURES.grep(%r{/server/}))
    RUBY
    output, status = Open3.capture2(RbConfig.ruby, "-e", script)
    raise output unless status.success?

    JSON.parse(output)
  end

  it "loads neither Sinatra, Active Record, Rack nor the server" do
    expect(report["server"]).to eq([])
    expect(report["server_files"]).to eq([])
  end

  it "loads no gem but the ones it names and what they bring" do
    expect(report["gems"] - %w[json json_schemer hana htmlentities regexp_parser simpleidn bigdecimal timeout highs fiddle]).to eq([])
  end

  it "asks no clock, no environment and no file outside its data" do
    sources = Dir[File.expand_path("../../core/lib/**/*.rb", __dir__)].to_h { |file| [file, File.read(file)] }
    expect(sources.size).to be > 40
    expect(sources.select { |_, text| text.match?(/\bTime\.now|\bDate\.today|\bENV\[|Process\.clock/) }.keys).to eq([])
  end

  it "lets each folder lean only on those above it" do
    order = %w[quantity ingredient mixture binding piece cold balance second_look document assessment proposal]
    modules = order.to_h { |folder| [folder.split("_").map(&:capitalize).join, folder] }
    allowed = {"second_look" => %w[mixture ingredient quantity binding]}
    offences = Dir[File.expand_path("../../core/lib/elm_cup/*/*.rb", __dir__)].flat_map do |file|
      own = file[%r{elm_cup/([a-z_]+)/}, 1]
      used = File.read(file).gsub(/#.*/, "").scan(/\b(#{modules.keys.join("|")})::/).flatten.uniq.map { |name| modules[name] } - [own]
      reachable = allowed.fetch(own, order.take(order.index(own)))
      (used - reachable).map { |name| "#{own} leans on #{name} in #{File.basename(file)}" }
    end
    expect(offences).to eq([])
  end
end
