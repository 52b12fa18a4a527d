# frozen_string_literal: true

module ElmCupServer
  # A row of a list, made of what is stored: `shown` as JSON, `aside` where it cannot be read, `made_by` what it depends on beside its
  # `source`. Rows that were made by what holds no more are stale: they are shown, and made again.
  module Listed
    def self.included(base)
      base.extend(Reading)
    end

    # Held by the request that makes rows again: with many at once one is enough.
    MAKING = Mutex.new

    # Of a class of rows.
    module Reading
      # Rows that hold each word of `asked`.
      def searched(asked)
        SearchText.words(asked.to_s).reduce(all) { |rows, word| rows.where("instr(#{table_name}.search, ?) > 0", word) }
      end

      # Rows that can be read, or those that cannot.
      def readable = where(aside: nil)

      def set_aside = where.not(aside: nil)

      # Rows that wait to be made again.
      def stale = where.not(made_by: made_by)

      # Makes those of `rows` that are stale again until `seconds` are over, unless another request does so, and gives all rows as the
      # contract has them: those that are stale still say so, and are made again behind. A row that was never made is made in any case.
      def answers(rows, seconds: Upkeep::AT_ONCE)
        by = made_by
        alone = MAKING.try_lock
        until_then = alone ? now + seconds : 0
        told = rows.flat_map { |row| (row.made_by == by || (now > until_then && row.made_by != "")) ? row : shown_again(row) }
        waiting = told.reject { |row| row.made_by == by }
        Upkeep.soon if waiting.any?
        told.map { |row| waiting.include?(row) ? row.to_answer.merge("stale" => true) : row.to_answer }
      ensure
        MAKING.unlock if alone
      end

      # Makes rows again by what holds now, all in one writing that waits for no reckoning. What was written meanwhile stays.
      def make_again(rows)
        made, empty = rows.map { |row| [row, row.made_now] }.partition(&:last)
        transaction do
          where(id: empty.map { |row, _| row.id }).where(made_by: "").delete_all
          made.each { |row, columns| where(id: row.id, source: [row.source, ""]).update_all(columns) }
        end
        made.each { |row, columns| row.assign_attributes(columns) }.map(&:first)
      end

      private

      # A row made again for who asks for it; where it cannot be kept, because the disk is full or may only be read, it is shown all the
      # same.
      def shown_again(row)
        make_again([row])
      rescue ActiveRecord::StatementInvalid => error
        fault = StorageFault.of(error) or raise
        fault.tell
        columns = row.made_now or return []
        row.tap { row.assign_attributes(columns) }
      end

      # Reasons for what the core itself stumbles over: one row stops nobody, and standard error has the rest.
      def senseless(error)
        raise error if error.is_a?(ActiveRecord::ActiveRecordError)

        warn error.full_message(highlight: false)
        Problem.errors([ElmCup::Fault.at("", :stored_makes_no_sense)])
      end

      def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    end

    # What is shown, as a Hash.
    def answer = JSON.parse(shown)

    # Why it cannot be read, as the contract has Reasons; nil where it can.
    def reasons = aside && JSON.parse(aside)
  end
end
