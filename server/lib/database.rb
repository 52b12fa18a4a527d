# frozen_string_literal: true

module ElmCupServer
  # Opens the SQLite file and brings it to the newest schema.
  module Database
    MIGRATIONS = File.join(ROOT, "server/db/migrate")
    BUSY_MILLISECONDS = 5_000

    # Active Record's own timeout waits while holding the interpreter lock, so that no other thread could let the
    # database go; SQLite's busy handler of this gem releases it.
    module PatientConnection
      private

      def configure_connection
        super
        @raw_connection.busy_handler_timeout = BUSY_MILLISECONDS
      end
    end

    # Connects to the file at `path` (made if it is not there) and migrates it.
    def self.open(path)
      FileUtils.mkdir_p(File.dirname(path))
      require "active_record/connection_adapters/sqlite3_adapter"
      adapter = ActiveRecord::ConnectionAdapters::SQLite3Adapter
      adapter.prepend(PatientConnection) unless adapter.include?(PatientConnection)
      ActiveRecord::Base.establish_connection(adapter: "sqlite3", database: path, pool: 8, default_transaction_mode: :immediate,
        pragmas: {journal_mode: :wal, foreign_keys: true, synchronous: :normal})
      migrate
    end

    # Runs the migrations that have not run.
    def self.migrate
      ActiveRecord::Migration.verbose = false
      ActiveRecord::MigrationContext.new(MIGRATIONS).migrate
    end
  end
end
