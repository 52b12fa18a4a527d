# frozen_string_literal: true

require "tzinfo"

module ElmCup
  module Plan
    # Elapsed minutes, and what the clock on the wall of a zone says of them. Minutes are whole, from 1970-01-01T00:00Z on.
    class Calendar
      DAYS = %w[sun mon tue wed thu fri sat].freeze
      DAY_MINUTES = 24 * 60
      # Before a change of the clock, by more than it changes.
      BEFORE_CHANGE = 4 * 3600
      LOCAL = /\A(\d{4})-(\d\d)-(\d\d)[T ](\d\d):(\d\d)(?::\d\d(?:\.\d+)?)?\z/

      # Minutes of the years that plans are for: 2000 to 2199.
      YEARS = (Time.utc(2000).to_i / 60...Time.utc(2200).to_i / 60)

      attr_reader :zone

      # zone: IANA name, such as "Europe/Berlin". ArgumentError for none.
      def initialize(zone)
        @zone = zone
        @rules = TZInfo::Timezone.get(zone)
      rescue TZInfo::InvalidTimezoneIdentifier, TZInfo::InvalidDataSource
        raise ArgumentError, zone
      end

      # The minute of ISO 8601 text: with its offset, or by the clock on the wall. nil where it is none, or centuries away.
      def minute(text)
        found = LOCAL.match(text)
        minute = found ? wall(*found.captures.map(&:to_i)) : elapsed(Time.iso8601(text))
        minute if YEARS.cover?(minute)
      rescue ArgumentError
        nil
      end

      # The minute at which the clock on the wall shows a time. An hour that is not there is moved on by what the clock jumps; of one that
      # is there twice the first is taken. ArgumentError where there is no such day or hour.
      def wall(year, month, day, hour, minute)
        local = Time.utc(year, month, day, hour, minute)
        raise ArgumentError, "no such day" unless local.day == day && local.hour == hour

        elapsed(@rules.local_to_utc(local) { |periods| periods.min_by { |period| -period.observed_utc_offset } })
      rescue TZInfo::PeriodNotFound
        elapsed(local - @rules.period_for_utc(local - @rules.base_utc_offset - BEFORE_CHANGE).observed_utc_offset)
      end

      # Time of a minute, with the offset that holds then.
      def time(minute) = @rules.to_local(Time.at(minute * 60).utc)

      # ISO 8601 with the offset that holds then.
      def text(minute) = time(minute).strftime("%Y-%m-%dT%H:%M:%S%:z")

      # "14:20"
      def clock(minute) = time(minute).strftime("%H:%M")

      # "Friday"
      def weekday(minute) = time(minute).strftime("%A")

      # The same day on the wall.
      def same_day?(one, other) = date(one) == date(other)

      # Date of a minute on the wall.
      def date(minute) = time(minute).then { |local| [local.year, local.month, local.day] }

      # [from, to] minutes of a stretch that comes again ("23:00" to "07:00") on the days of a span that are among `days` ("mon" …).
      def every(days, start, stop, from, to)
        first = Time.utc(*date(from)) - DAY_MINUTES * 60
        last = Time.utc(*date(to)) + DAY_MINUTES * 60
        (0..((last - first) / 86_400).to_i).filter_map do |number|
          day = first + number * 86_400
          next unless days.include?(DAYS[day.wday])

          begins = on(day, start)
          ends = on((stop > start) ? day : day + 86_400, stop)
          [begins, ends] if ends > from && begins < to
        end
      end

      private

      def on(day, clock) = wall(day.year, day.month, day.day, *clock.split(":").map(&:to_i))

      def elapsed(time) = time.to_i.div(60)
    end
  end
end
