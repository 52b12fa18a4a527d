# frozen_string_literal: true

require "open3"
require "ripper"

# The core's files as they stand, and what stands in their code.
module CoreSources
  SOURCES = Dir[File.expand_path("../../core/lib/**/*.rb", __dir__)].to_h { |file|
    [file[%r{core/lib/(?:elm_cup/)?(.*)}, 1], File.read(file)]
  }
  # The folders, in the order a cook asks; each leans only on those above it.
  ORDER = %w[quantity ingredient pantry mixture fat binding piece coating cold keeping document wish second_look assessment balance method plan observation counter exchange door].freeze
  COMMENTS = %i[on_comment on_embdoc on_embdoc_beg on_embdoc_end].freeze

  # file => its code, of all examples.
  CODE = {}

  module_function

  # Code without its comments, read as Ruby reads it: what stands behind the hash of an interpolation is code.
  def code(text) = Ripper.lex(text).reject { |_, kind, _| COMMENTS.include?(kind) }.map { |token| token[2] }.join

  def code_of(file) = CODE[file] ||= code(SOURCES.fetch(file))

  def folder(file) = file[%r{\A([a-z_]+)(?:/|\.rb\z)}, 1]

  # Files in which the pattern stands in code.
  def files_with(pattern) = SOURCES.keys.select { |file| code_of(file).match?(pattern) }
end

RSpec.describe "The core on its own" do
  include CoreSources

  # Loaded once, in a process of its own.
  before(:all) do
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

    @report = JSON.parse(output)
  end

  it "loads neither Sinatra, Active Record, Rack nor the server" do
    expect(@report["server"]).to eq([])
    expect(@report["server_files"]).to eq([])
  end

  it "loads no gem but the ones it names and what they bring" do
    expect(@report["gems"] - %w[json json_schemer hana htmlentities regexp_parser simpleidn bigdecimal timeout highs fiddle zeitwerk securerandom psych nokogiri racc tzinfo]).to eq([])
  end

  it "tells comments from interpolated code" do
    expect(code(%("\#{Assessment::X}" # Balance::Y\n"# Wish::Z"))).to eq(%("\#{Assessment::X}" "# Wish::Z"))
  end

  it "asks no clock, no environment and no file outside its data" do
    expect(CoreSources::SOURCES.size).to be > 200
    expect(files_with(/\bTime\.now|\bDate\.today|\bENV\[|Process\.clock/)).to eq([])
  end

  it "lets each folder lean only on those above it, and what belongs to no folder on none" do
    modules = CoreSources::ORDER.to_h { |folder| [folder.split("_").map(&:capitalize).join, folder] }
    offences = (CoreSources::SOURCES.keys - ["elm_cup.rb"]).flat_map do |file|
      own = folder(file)
      used = code_of(file).scan(/(?<![\w:])(#{modules.keys.join("|")})(?:::|\.[a-z])/)
        .flatten.uniq.map { |name| modules[name] } - [own]
      (used - CoreSources::ORDER.take(CoreSources::ORDER.index(own) || 0)).map { |name| "#{file} leans on #{name}" }
    end
    expect(offences).to eq([])
  end

  it "has every folder in the order" do
    expect(CoreSources::SOURCES.keys.filter_map { |file| file[%r{\A([a-z_]+)/}, 1] }.uniq - CoreSources::ORDER).to eq([])
  end

  it "asks for the library that ships at the doors alone, so that nothing below can forget the household's own" do
    expect(files_with(/Library\.default|\bElmCup\.shipped|(?<!def self\.)\bshipped(?!\?)\b(?! =)/) - ["elm_cup.rb",
      "ingredient/library.rb"]).to eq([])
    expect(files_with(/library: [A-Z]/)).to eq([])
  end

  it "turns values into JSON at the doors alone, and reads none of that" do
    expect(files_with(/Door::/)).to eq(["elm_cup.rb"])
    expect(files_with(/\b(?:answer|assessment|assessed)\["/)).to eq([])
    expect(files_with(/object_id/)).to eq([])
  end

  it "keeps what a file holds under the name of the file" do
    expect { ElmCup::LOADER.eager_load(force: true) }.not_to raise_error
  end
end
