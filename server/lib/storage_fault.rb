# frozen_string_literal: true

require "sqlite3"

module ElmCupServer
  # What keeps the database from answering, told apart: each with its status, code and words, and a line on standard error.
  StorageFault = Struct.new(:status, :code, :words, :reason) do
    # status, code, words by the classes of SQLite's errors; nothing was changed where one is raised, as every write is one transaction.
    self::KINDS = {
      [SQLite3::FullException] => [507, "storage_full", "The disk is full, so nothing was kept. Make room, and try again"],
      [SQLite3::BusyException, SQLite3::LockedException] => [503, "storage_busy",
        "The data is in use by something else, so nothing was kept. Try again in a moment"],
      [SQLite3::ReadOnlyException] => [503, "storage_read_only",
        "The data may be read but not written, so nothing was kept. Let Elm Cup write to its folder, and try again"],
      [SQLite3::CantOpenException] => [503, "storage_out_of_reach",
        "The data cannot be opened. See that its folder is there and may be written to, and try again"],
      [SQLite3::CorruptException, SQLite3::NotADatabaseException] => [500, "storage_damaged",
        "The data is damaged, so this cannot be done. Stop Elm Cup, keep the file as it is, and bring back a backup"],
      [SQLite3::IOException] => [500, "storage_unreadable",
        "The disk could not be read or written, so nothing was kept. See that it is well, and try again"]
    }.freeze
    # When a browser may ask again.
    self::SECONDS = 5

    # The StorageFault of an error or of what caused it; nil where it is none of the storage.
    def self.of(error)
      while error
        kind = self::KINDS.find { |raised, _| raised.any? { |each| error.is_a?(each) } }&.last
        return new(*kind, error.message.lines.first.to_s.strip) if kind

        error = error.cause
      end
    end

    # Says it on standard error; itself.
    def tell
      warn "elm cup: #{code}: #{words}. (#{reason})"
      self
    end

    # The Rack response.
    def response
      answer = Problem.response(status, words, code: code)
      answer[1]["retry-after"] = self.class::SECONDS.to_s if status == 503
      answer
    end
  end
end
