# frozen_string_literal: true

module ElmCupServer
  # Whether every page of the database is as it was written: looked at once after the start, behind the back of whoever asks.
  module Integrity
    # What is known of it: nil while it is being looked at, "sound", or what is wrong.
    class << self
      attr_reader :found

      # Starts the look; its Thread.
      def look
        Thread.new { check }
      end

      # The look itself; what it found.
      def check
        said = ActiveRecord::Base.connection_pool.with_connection { |connection| connection.select_values("PRAGMA integrity_check(20)") }
        said += broken_links
        @found = (said == ["ok"]) ? "sound" : said.reject { |line| line == "ok" }.first(20).join("; ")
      rescue ActiveRecord::ActiveRecordError => error
        @found = error.message.lines.first.to_s.strip
      ensure
        warn "elm cup: the data is damaged: #{@found}. Stop Elm Cup, keep the file as it is, and bring back a backup" unless sound?
      end

      # Nothing is wrong, as far as is known.
      def sound? = [nil, "sound"].include?(@found)

      private

      # Rows that point to none.
      def broken_links
        rows = ActiveRecord::Base.connection_pool.with_connection { |connection| connection.select_rows("PRAGMA foreign_key_check") }
        rows.map { |table, row, parent, _| "row #{row} of #{table} points to no row of #{parent}" }
      end
    end
  end
end
