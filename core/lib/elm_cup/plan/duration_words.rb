# frozen_string_literal: true

module ElmCup
  module Plan
    # Minutes as a cook says them.
    module DurationWords
      NUMBERS = %w[no one two three four five six seven eight nine ten].freeze

      # Minutes from which days are said.
      DAYS_FROM = 48 * 60

      # "25 min", "1 h 10", "2 h".
      def self.of(minutes)
        return "#{(minutes / 1440.0).round} days" if minutes >= DAYS_FROM

        hours, rest = minutes.round.divmod(60)
        return "#{rest} min" if hours.zero?

        rest.zero? ? "#{hours} h" : "#{hours} h #{rest.to_s.rjust(2, "0")}"
      end

      # "one visit", "two visits", "12 visits".
      def self.count(number, word)
        "#{NUMBERS.fetch(number, number.to_s)} #{word}#{"s" unless number == 1}"
      end
    end
  end
end
