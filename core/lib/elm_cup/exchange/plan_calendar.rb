# frozen_string_literal: true

module ElmCup
  module Exchange
    # A kept plan as iCalendar (RFC 5545): an event for each turn of the hands and each formula that is ready, in UTC; an alarm five minutes
    # before each visit to the kitchen.
    class PlanCalendar
      PRODUCT = "-//Elm Cup//Plan//EN"
      ALARM = "-PT5M"

      # plan: "plan/1" (Hash); uid: of the plan, the same whenever it is written; sequence: how often it was changed; stamp: Time.
      def initialize(plan, uid:, sequence:, stamp:)
        @plan = plan
        @uid = uid
        @sequence = sequence
        @stamp = stamp
      end

      # Text with CRLF line ends. InvalidDocument where there is no plan.
      def to_s
        InvalidDocument.refuse("", :plan_has_no_times) unless @plan["tasks"]

        # Only who writes a calendar pays for it: it brings much that nothing else here needs.
        require "icalendar"
        calendar = Icalendar::Calendar.new
        calendar.prodid = PRODUCT
        calendar.x_wr_calname = @plan["name"] if @plan["name"]
        events.each { |task| add(calendar, task) }
        calendar.publish
        calendar.to_ical
      end

      private

      # What is still to be done.
      def events = @plan["tasks"].reject { |task| task["done"] }

      def add(calendar, task)
        calendar.event do |event|
          event.uid = "#{@uid}-#{task["id"].gsub(/[^\w.-]/, "_")}@elm-cup.invalid"
          event.dtstamp = utc(@stamp)
          event.sequence = @sequence
          event.dtstart = utc(Time.iso8601(task["start"]))
          event.dtend = utc(Time.iso8601(task["end"]))
          event.summary = summary(task)
          event.description = task["right_when"] && "Right when: #{task["right_when"]}."
          alarm(event, task) if first_of_visit?(task)
        end
      end

      def utc(time) = Icalendar::Values::DateTime.new(time.utc, "tzid" => "UTC")

      # A cook plans several formulas: which one it is of is said.
      def summary(task)
        several = (@plan["formulas"] || []).size > 1 && task["kind"] == "hands"
        several ? "#{task["step"]}: #{@plan["formulas"][task["formula"]]["name"]}" : task["step"]
      end

      def first_of_visit?(task)
        return false unless task["visit"]

        task.equal?(events.select { |each| each["visit"] == task["visit"] }.min_by { |each| Time.iso8601(each["start"]) })
      end

      def alarm(event, task)
        event.alarm do |alarm|
          alarm.action = "DISPLAY"
          alarm.trigger = ALARM
          alarm.summary = nil
          alarm.description = "In five minutes: #{task["step"]}"
        end
      end
    end
  end
end
