# frozen_string_literal: true

module ElmCupServer
  # Makes rows of lists that are stale again behind the back of whoever asks, one after the other, so that a change of the pantry or of the
  # core makes no request pay for all of them.
  module Upkeep
    # Seconds that a request may take to make what it shows itself.
    AT_ONCE = 0.05
    # So many rows are written at once. Between two groups it rests as long as one took, and this many seconds at least: others come first.
    GROUP = 5
    PAUSE = 0.003
    LISTS = [FormulaRow, BatchRow].freeze
    LOCK = Mutex.new

    class << self
      # Turned on by what serves; in tests rows are made again when they are asked for.
      attr_accessor :running

      # Starts the work unless it goes on already.
      def soon
        return unless running

        LOCK.synchronize { @worker = Thread.new { work } unless @worker&.alive? }
      end

      # Makes every stale row again; how many there were.
      def work
        LISTS.sum { |list| until_none(list) }
      rescue => error
        warn "elm cup: lists could not be brought up to date: #{error.message}"
        0
      ensure
        ActiveRecord::Base.connection_handler.clear_active_connections!
      end

      private

      def until_none(list)
        ids = list.stale.pluck(:id)
        ids.each_slice(GROUP) do |some|
          began = Searches::CLOCK.call
          list.make_again(list.ready.where(id: some).to_a)
          sleep [PAUSE, Searches::CLOCK.call - began].max
        end
        ids.size
      end
    end
  end
end
