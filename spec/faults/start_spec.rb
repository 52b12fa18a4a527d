# frozen_string_literal: true

require "server_helper"
require "open3"

# What the application says of a file that it cannot use, before it touches any of it.
RSpec.describe "A database that cannot be used" do
  let(:folder) { Dir.mktmpdir("elm-cup") }
  let(:path) { File.join(folder, "household.sqlite3") }

  after do
    FileUtils.chmod_R("u+w", folder)
    FileUtils.remove_entry(folder)
  end

  def ours(at = path) = FileUtils.cp(Databases.fresh, at)

  def change(at = path)
    database = SQLite3::Database.new(at)
    yield database
    database.close
  end

  # Names, bytes and times of all that stands in the folder.
  def standing = Dir[File.join(folder, "**/*")].sort.map { |file| [file, File.file?(file) && File.binread(file), File.mtime(file)] }

  def expect_refused(words, at: path)
    before = standing
    expect { ElmCupServer::DatabaseFile.new(at, migrations: ElmCupServer::Database::VERSIONS).check }
      .to raise_error(ElmCupServer::DatabaseFile::Unusable) { |error|
        expect(error.message).to match(words)
        expect(error.message.lines.size).to eq(1)
      }
    expect(standing).to eq(before)
  end

  it "is named with what to do, and nothing is touched: a folder, another program's, a newer version's, a cut file, none at all" do
    expect_refused(/is a folder/, at: folder)
    File.write(path, "id,name\n1,Interval bites\n")
    expect_refused(/is no database/)

    FileUtils.rm(path)
    change { |database| database.execute("CREATE TABLE songs (title TEXT)") }
    expect_refused(/another program's/)

    ours
    change { |database| database.execute("PRAGMA application_id = 77") }
    expect_refused(/another program's/)

    FileUtils.rm(path)
    change do |database|
      database.execute("CREATE TABLE schema_migrations (version TEXT)")
      database.execute("CREATE TABLE songs (title TEXT)")
      database.execute("INSERT INTO schema_migrations VALUES ('20200101000000')")
    end
    expect_refused(/another program's/)

    ours
    change { |database| database.execute("INSERT INTO schema_migrations (version) VALUES ('20991231000001')") }
    expect_refused(/newer version/)

    ours
    File.truncate(path, File.size(path) / 2)
    expect_refused(/cut short/)

    File.binwrite(path, "#{ElmCupServer::DatabaseFile::MAGIC}#{"\0" * 40}")
    expect_refused(/cut short/)

    File.binwrite(path, "#{ElmCupServer::DatabaseFile::MAGIC}#{Random.new(1).bytes(8_000)}")
    expect_refused(/cut short|cannot be read as a database|another program's/)

    File.write(File.join(folder, "file"), "")
    expect_refused(/no folder/, at: File.join(folder, "file/household.sqlite3"))
  end

  it "is a place that cannot be written to, as whoever is not root finds it", unless: Process.uid.zero? do
    ours
    File.chmod(0o444, path)
    expect_refused(/cannot be written to/)
    File.chmod(0o000, path)
    expect_refused(/cannot be read/)
    File.chmod(0o644, path)
    File.chmod(0o555, folder)
    expect_refused(/cannot be written to/)
  end

  it "is none of these: no file yet, an empty one, one of this version, one with what was not yet written into the file" do
    look = ->(at = path) { ElmCupServer::DatabaseFile.new(at, migrations: ElmCupServer::Database::VERSIONS).check }
    expect(look.call).to be_nil
    expect(look.call(File.join(folder, "new/deep/household.sqlite3"))).to be_nil
    File.write(path, "")
    expect(look.call).to be_nil
    FileUtils.rm(path)
    # A first start that was cut off.
    change { |database| database.execute("CREATE TABLE schema_migrations (version TEXT)") }
    expect(look.call).to be_nil
    ours
    expect(look.call).to be_nil
    change do |database|
      database.execute("PRAGMA journal_mode = wal")
      database.execute("INSERT INTO settings (name, value) VALUES ('cupboard', '[]')")
      expect(File).to exist("#{path}-wal")
      expect(look.call).to be_nil
    end
  end

  it "stops the start with one line and exit 1, and bin/elm with one line and exit 2" do
    File.write(path, "no database")
    environment = {"ELM_CUP_DATABASE" => path, "PORT" => "4999"}
    {[RbConfig.ruby, File.join(ElmCupServer::ROOT, "server/serve.rb")] => 1,
     [File.join(ElmCupServer::ROOT, "bin/elm"), "export", "1", "--format", "json"] => 2}.each do |command, status|
      output, errors, ended = Open3.capture3(environment, *command)
      expect([ended.exitstatus, output, errors.lines.size]).to eq([status, "", 1])
      expect(errors).to match(/\A(?:elm|elm cup): .*is no database\. Nothing was changed\n\z/)
    end
    expect(File.read(path)).to eq("no database")
  end
end
