# frozen_string_literal: true

module ElmCup
  module Plan
    # How far one task of a plan can go while all others stay, and what holds it, in a sentence.
    class RoomWords
      # What holds a task, by the limit's `by` where no other task, minute or place has to be named.
      PLAIN = {"ready_by" => "it must be ready", "end" => "all of it would take longer", "start" => "all of it would take longer",
               "start_at" => "that is when you begin", "now" => "it is that late already", "pin" => "it is fixed"}.freeze

      # names: words of each task by its id; calendar: Calendar.
      def initialize(names, calendar)
        @names = names
        @calendar = calendar
      end

      # "It can go 13 min later (“Dip 24 balls” follows), but not earlier (you are away until 16:20)."
      # id: of the task; earlier, later: its Room::Reaches.
      def sentence(id, earlier, later)
        return "It is fixed." if earlier.limits.map(&:by) == ["pin"]

        ways = [[later, "later#{because(id, later, "from")}"], [earlier, "earlier#{because(id, earlier, "until")}"]]
        free, held = ways.partition { |reach, _| reach.minutes.nil? || reach.minutes.positive? }
        return "It cannot go #{held.map(&:last).join(" or ")}." if free.empty?

        "It can go #{free.map { |reach, way| "#{far(reach)} #{way}" }.join(" and ")}#{", but not #{held.first.last}" if held.any?}."
      end

      private

      def far(reach) = reach.minutes ? DurationWords.of(reach.minutes) : "as much"

      # What comes first of all that holds it.
      def because(id, reach, from) = reach.limits.first&.then { |limit| " (#{held(id, limit, from)})" }

      def held(id, limit, from)
        case limit.by
        when "wait" then (limit.from == id) ? "#{name(limit.to)} follows" : "#{name(limit.from)} comes before"
        when "window" then (limit.from == id) ? "#{name(limit.to)} must follow soon" : "it must follow #{name(limit.from)} soon"
        when "away" then "you are away #{from} #{@calendar.clock(limit.at)}"
        when Project::HANDS then "your hands are busy #{from} #{@calendar.clock(limit.at)}"
        else PLAIN.fetch(limit.by) { "#{Sentences::NAMES.fetch(limit.by)} is taken #{from} #{@calendar.clock(limit.at)}" }
        end
      end

      def name(id) = "“#{@names.fetch(id, id)}”"
    end
  end
end
