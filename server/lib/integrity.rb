# frozen_string_literal: true

module ElmCupServer
  # Whether every page of the database is as it was written: looked at once after the start, behind the back of whoever asks.
  module Integrity
    SCRIPT = File.join(ROOT, "server/integrity_check.rb")
    MOST = 20

    class << self
      # What is known of it: nil while it is being looked at, "sound", or what is wrong.
      attr_reader :found

      # Starts the look at the file at `path`; its Thread.
      def look(path)
        Thread.new { check(path) }
      end

      # The look itself; what it found.
      def check(path)
        wrong = IO.popen([RbConfig.ruby, SCRIPT, path], err: File::NULL, &:readlines).map(&:strip)
        wrong = ["it could not be looked at"] if wrong.empty? && !Process.last_status.success?
        @found = wrong.empty? ? "sound" : wrong.first(MOST).join("; ")
        warn "elm cup: the data is damaged: #{@found}. Stop Elm Cup, keep the file as it is, and bring back a backup" unless sound?
        @found
      end

      # Nothing is wrong, as far as is known.
      def sound? = [nil, "sound"].include?(@found)

      # As it is before the look.
      def forget = @found = nil
    end
  end
end
