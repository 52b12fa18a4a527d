# frozen_string_literal: true

require "sqlite3"

module ElmCupServer
  # The file that a household's data is in, looked at before it is opened: what is not ours, or not whole, is not touched.
  class DatabaseFile
    # It cannot be used; one plain line that says why and what to do.
    class Unusable < StandardError; end

    # What SQLite files begin with, and what their header says (https://www.sqlite.org/fileformat2.html, 1.3).
    MAGIC = "SQLite format 3\0".b
    HEADER_BYTES = 100
    # "ElmC": written into the header of every database of ours.
    APPLICATION_ID = 0x456c6d43
    VERSIONS = "schema_migrations"
    # What stands there before the first migration has run: a start may have been cut off.
    FIRST = [VERSIONS, "ar_internal_metadata"].freeze

    # migrations: versions that this version of the application has, as texts.
    def initialize(path, migrations:)
      @path = path
      @migrations = migrations
    end

    # nil, or Unusable: whether it can be opened and brought to the newest schema; one that is not there yet can be made.
    def check
      refuse("is a folder; name a file in it") if File.directory?(@path)
      return check_place unless File.exist?(@path) && !File.empty?(@path)

      refuse("cannot be read; see to its permissions") unless File.readable?(@path)
      check_header
      check_content
      check_place
    end

    private

    def refuse(why) = raise(Unusable, "#{@path} #{why}. Nothing was changed")

    def check_place
      folder = File.dirname(File.expand_path(@path))
      near = folder
      near = File.dirname(near) until File.exist?(near)
      refuse("is in #{near}, which is no folder") unless File.directory?(near)
      refuse("is in #{near}, which cannot be written to") unless File.writable?(near)
      refuse("cannot be written to; see to its permissions") if File.exist?(@path) && !File.writable?(@path)
    end

    def check_header
      header = File.binread(@path, HEADER_BYTES).to_s
      refuse("is no database") unless header.start_with?(MAGIC)

      refuse("is cut short: the end of it is missing; bring back a backup") if header.bytesize < HEADER_BYTES || cut?(header)
    end

    # It is shorter than its header says. The number of pages holds where the two counters agree; what still waits beside the file may
    # be what is missing.
    def cut?(header)
      size = header.unpack1("@16 n").then { |bytes| (bytes == 1) ? 65_536 : bytes }
      pages, changed, valid_for = header.unpack("@28 N @24 N @92 N")
      changed == valid_for && File.size(@path) < pages * size && !File.size?("#{@path}-wal")
    end

    def check_content
      looked_into do |database|
        tables = database.execute("SELECT name FROM sqlite_master WHERE type = 'table'").flatten
        next if tables.empty?

        versions = tables.include?(VERSIONS) ? database.execute("SELECT version FROM #{VERSIONS}").flatten : []
        id = database.get_first_value("PRAGMA application_id")
        refuse("is another program's database; name another file") unless ours?(id, tables, versions)

        newer = versions - @migrations
        refuse("was written by a newer version of Elm Cup; install that version, or name another file") if newer.any?
      end
    rescue SQLite3::Exception => error
      refuse("cannot be read as a database (#{error.message.lines.first.to_s.strip}); bring back a backup")
    end

    # Its header says so; of one that says nothing yet, one of our migrations has run in it, or it was just begun.
    def ours?(id, tables, versions)
      return id == APPLICATION_ID unless id.zero?

      versions.empty? ? (tables - FIRST).empty? : versions.intersect?(@migrations)
    end

    # Read-only; where nothing waits to be written into the file, without so much as a lock beside it.
    def looked_into
      still = File.exist?("#{@path}-wal") ? "mode=ro" : "immutable=1"
      plain = URI::DEFAULT_PARSER.escape(File.expand_path(@path), /[^A-Za-z0-9\/._-]/)
      database = SQLite3::Database.new("file:#{plain}?#{still}", readonly: true, uri: true)
      yield database
    ensure
      database&.close
    end
  end
end
