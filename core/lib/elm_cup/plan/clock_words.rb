# frozen_string_literal: true

module ElmCup
  module Plan
    # A time as a cook says it: "18:00", "6 pm", "tomorrow 7:30", "Saturday 18:00". The next such time from now on.
    module ClockWords
      CLOCK = /(?<hour>\d{1,2})(?:[:.h](?<minute>\d\d))?\s*(?<half>am|pm|a\.m\.|p\.m\.)?/i
      DAY = /(?<day>today|tonight|tomorrow|mon(?:day)?|tue(?:s|sday)?|wed(?:nesday)?|thu(?:r|rs|rsday)?|fri(?:day)?|sat(?:urday)?|sun(?:day)?)/i
      SAID = /\A\s*(?:(?:on|by|at|next)\s+)*(?:#{DAY}[\s,]*(?:(?:at|by)\s+)?)?#{CLOCK}\s*(?:o'?clock)?\s*\z/i
      AFTER = /\A\s*(?:(?:at|by)\s+)?#{CLOCK}\s+(?:on\s+)?#{DAY}\s*\z/i
      NAMED = /\A\s*(?:by\s+|at\s+)?(?:#{DAY}\s+)?(?:at\s+)?(?<named>noon|midday|midnight)\s*\z/i
      NAMED_HOURS = {"noon" => 12, "midday" => 12, "midnight" => 24}.freeze
      DAYS = {"today" => 0, "tonight" => 0, "tomorrow" => 1}.freeze

      # The minute of it; nil where it is no time. calendar: Calendar; now: minute.
      def self.minute(text, calendar, now)
        found = NAMED.match(text) || AFTER.match(text) || SAID.match(text) or return
        hour, minute = clock(found)
        return unless hour&.between?(0, 24) && minute < 60

        days(found[:day]&.downcase, calendar, now).map { |ahead| at(calendar, now, ahead, hour, minute) }.find { |each| each > now }
      end

      class << self
        private

        def clock(found)
          return [NAMED_HOURS.fetch(found[:named].downcase), 0] if found.names.include?("named")

          hour = found[:hour].to_i
          half = found[:half].to_s.downcase.delete(".")
          return if !half.empty? && !hour.between?(1, 12)

          hour = hour % 12 + ((half == "pm") ? 12 : 0) unless half.empty?
          [hour, found[:minute].to_i]
        end

        # How many days ahead it may be: the next one that is still to come is meant.
        def days(word, calendar, now)
          return [0, 1] if word.nil?
          return [DAYS.fetch(word)] if DAYS.key?(word)

          ahead = (Calendar::DAYS.index(word[0, 3]) - calendar.time(now).wday) % 7
          [ahead, ahead + 7]
        end

        def at(calendar, now, ahead, hour, minute)
          year, month, day = calendar.date(now)
          date = Time.utc(year, month, day) + (ahead + hour / 24) * 86_400
          calendar.wall(date.year, date.month, date.day, hour % 24, minute)
        end
      end
    end
  end
end
