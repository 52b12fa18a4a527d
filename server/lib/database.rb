# frozen_string_literal: true

module ElmCupServer
  # Opens the SQLite file and brings it to the newest schema.
  module Database
    MIGRATIONS = File.join(ROOT, "server/db/migrate")
    VERSIONS = Dir[File.join(MIGRATIONS, "*.rb")].map { |file| File.basename(file)[/\A\d+/] }.freeze
    BUSY_MILLISECONDS = 5_000
    # recursive_triggers: a row that is replaced is deleted for the triggers, too. synchronous full: what was acknowledged has reached the
    # disk, though the power fails a moment later.
    PRAGMAS = {journal_mode: :wal, foreign_keys: true, recursive_triggers: true, synchronous: :full}.freeze

    # Active Record's own timeout waits while holding the interpreter lock, so that no other thread could let the
    # database go; SQLite's busy handler of this gem releases it.
    module PatientConnection
      private

      def configure_connection
        super
        @raw_connection.busy_handler_timeout = BUSY_MILLISECONDS
      end
    end

    # Connects to the file at `path` (made if it is not there) and migrates it. DatabaseFile::Unusable where it cannot be used.
    def self.open(path)
      DatabaseFile.new(path, migrations: VERSIONS).check
      FileUtils.mkdir_p(File.dirname(path))
      require "active_record/connection_adapters/sqlite3_adapter"
      adapter = ActiveRecord::ConnectionAdapters::SQLite3Adapter
      adapter.prepend(PatientConnection) unless adapter.include?(PatientConnection)
      ActiveRecord::Base.establish_connection(adapter: "sqlite3", database: path, pool: 8, default_transaction_mode: :immediate,
        pragmas: PRAGMAS)
      migrate
      mark
    rescue ActiveRecord::ActiveRecordError, SQLite3::Exception, SystemCallError => error
      fault = StorageFault.of(error)
      raise DatabaseFile::Unusable, "#{path}: #{fault ? fault.words : error.message.lines.first.to_s.strip}"
    end

    # Runs the migrations that have not run.
    def self.migrate
      ActiveRecord::Migration.verbose = false
      ActiveRecord::MigrationContext.new(MIGRATIONS).migrate
    end

    # Says in the file's header whose it is.
    def self.mark
      connection = ActiveRecord::Base.connection
      return if connection.select_value("PRAGMA application_id") == DatabaseFile::APPLICATION_ID

      connection.execute("PRAGMA application_id = #{DatabaseFile::APPLICATION_ID}")
    end
    private_class_method :mark
  end
end
