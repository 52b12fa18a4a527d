# frozen_string_literal: true

# Prints what is wrong with the database at the path that is given, a line each, nothing where it is sound. In a process of its own: SQLite
# looks at every page in one go, and a server would answer nobody meanwhile. Read-only.
require "bundler/setup"
require "sqlite3"

MOST = 20
begin
  database = SQLite3::Database.new(ARGV.fetch(0), readonly: true)
  database.busy_timeout = 5_000
  puts(database.execute("PRAGMA integrity_check(#{MOST})").flatten.reject { |line| line == "ok" })
  database.execute("PRAGMA foreign_key_check").first(MOST).each do |table, row, parent, _|
    puts "row #{row} of #{table} points to no row of #{parent}"
  end
rescue SQLite3::Exception => error
  puts error.message.lines.first.to_s.strip
end
