# frozen_string_literal: true

require "server_helper"
require "open3"
require_relative "../../cli/command_line"

# bin/elm ends every fault with one line on standard error and exit 2.
RSpec.describe "bin/elm" do
  let(:folder) { Dir.mktmpdir("elm-cup") }
  let(:errors) { StringIO.new }

  after do
    FileUtils.remove_entry(folder)
    ElmCupServer::Database.open(REQUESTS_DATABASE)
  end

  def run(*arguments, input: "", output: StringIO.new)
    @status = ElmCup::CommandLine.new(input: StringIO.new(input), output: output, errors: errors).run(arguments)
  end

  def expect_one_line(words)
    expect([@status, errors.string.lines.size]).to eq([2, 1]), errors.string
    expect(errors.string).to match(words)
    errors.truncate(0)
    errors.rewind
  end

  def file(name, bytes) = File.join(folder, name).tap { |path| File.binwrite(path, bytes) }

  it "tells what is wrong with what it was given" do
    run("assess", folder)
    expect_one_line(/cannot be read: Is a directory/)
    run("assess", File.join(folder, "none.json"))
    expect_one_line(/cannot be read: No such file/)
    {"" => /empty/, "{" => /not JSON/, "[" * 500 => /nested deeper/, "{\"name\":\"\\udfff\"}" => %r{/name.*half of a character},
     "{\"name\":\"\\u0000\"}" => /U\+0000/, "\xff" => /UTF-8/, "null" => /must be|object/}.each do |bytes, words|
      run("assess", "-", input: bytes)
      expect_one_line(words)
    end
    run("assess", "-", input: JSON.generate(formula("1 cup oats", name: "two\nlines")))
    expect_one_line(%r{/name: This must be on one line})
    run("label", "-", "--pantry", file("pantry.csv", "id,name\nhoney,a\u0000b\n"), input: "{}")
    expect_one_line(/./)
    run("assess", "-", "--pantry", file("more.csv", "id,name\nhoney,Honey,late\n"), input: JSON.generate(formula("1 cup oats")))
    expect_one_line(/row 2.*“late” has none/)
  end

  it "tells what the household's data is to blame for" do
    path = Databases.fresh
    begin
      ENV["ELM_CUP_DATABASE"] = file("none.sqlite3", "no database")
      run("export", "1", "--format", "json")
      expect_one_line(/is no database\. Nothing was changed/)
      ENV["ELM_CUP_DATABASE"] = path
      run("export", "1", "--format", "json")
      expect_one_line(/no formula with the number 1/)
      ElmCupServer::Formula.start(formula("1 cup oats"))
      ActiveRecord::Base.connection.execute("PRAGMA wal_checkpoint(TRUNCATE)")
      root, size = ActiveRecord::Base.connection.select_rows(
        "SELECT rootpage, page_size FROM sqlite_master, pragma_page_size WHERE name = 'formulas'"
      ).first
      ActiveRecord::Base.connection_pool.disconnect!
      File.open(path, "r+b") { |data|
        data.seek((root - 1) * size)
        data.write("\xFF" * size)
      }
      run("export", "1", "--format", "json")
      expect_one_line(/data is damaged/)
    ensure
      ENV.delete("ELM_CUP_DATABASE")
    end
  end

  it "says where its answer cannot go, and is silent where nobody reads it" do
    _, said, ended = Open3.capture3("#{File.join(ElmCupServer::ROOT, "bin/elm")} convert '1 cup honey' --to g > /dev/full")
    expect([ended.exitstatus, said.lines.size]).to eq([2, 1])
    expect(said).to match(/No space left/)
    reader, writer = IO.pipe
    reader.close
    run("convert", "1 cup honey", "--to", "g", output: writer)
    expect([@status, errors.string]).to eq([2, ""])
  end

  it "says one line of what nobody thought of, without a trace" do
    allow(ElmCup).to receive(:convert).and_raise(NoMethodError, "undefined method for nil\n/srv/elm.rb:1")
    run("convert", "1 cup honey")
    expect_one_line(/\Aelm: Something went wrong here \(NoMethodError\): undefined method for nil\n\z/)
    allow(ElmCup).to receive(:convert).and_raise(SystemStackError)
    run("convert", "1 cup honey")
    expect_one_line(/too large/)
    allow(ElmCup).to receive(:convert).and_raise(Interrupt)
    run("convert", "1 cup honey")
    expect_one_line(/Stopped/)
  end
end
