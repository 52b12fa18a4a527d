# frozen_string_literal: true

module ElmCup
  module Plan
    # What a plan says first, in a few sentences.
    class Sentences
      NAMES = {"hands" => "your hands", "melt" => "the melting bowl", "hob" => "the hob", "oven" => "the oven",
               "processor" => "the processor", "freezer" => "the freezer", "fridge" => "the fridge"}.freeze
      PLACES = %w[freezer fridge].freeze
      # Minutes of slack that are worth a word.
      CLOSE = 10

      # timetable: Timetable.
      def initialize(timetable)
        @timetable = timetable
        @result = timetable.result
        @calendar = timetable.calendar
      end

      # Sentences, the most important first.
      def all
        return [NoPlanWords.new(@timetable).sentence] unless @timetable.plan?

        [first, kitchen, *places, closest].compact
      end

      private

      def first
        return late if @result.status == :late
        return "Start #{on(start, "by")} at the latest." if @result.project.ready_by?

        "Ready #{on(@result.last, "at")}."
      end

      def late
        over = DurationWords.of(@result.late)
        "It cannot be ready #{on(@timetable.request.at, "by")}: begun now, it is ready #{on(@result.last, "at")}, #{over} late."
      end

      # The first start of what is still to be done.
      def start
        tasks = @result.project.tasks.each_index.reject { |at| @result.project.tasks[at].past }
        tasks.map { |at| @result.starts[at] }.min || @result.first
      end

      # "by 14:20"; with the day where it is not the day of the plan.
      def on(minute, by)
        day = "on #{@calendar.weekday(minute)} " unless @calendar.same_day?(minute, @timetable.request.at)
        "#{day}#{by} #{@calendar.clock(minute)}"
      end

      def kitchen
        minutes = @result.figures.hands_minutes
        return if minutes.zero?

        "In the kitchen #{DurationWords.of(minutes)} in #{DurationWords.count(@timetable.visits.size, "visit")}."
      end

      # Where a place is full: what goes in when what comes out.
      def places
        PLACES.filter_map do |name|
          at, task = full(name)
          next unless at

          slots = @timetable.resources.fetch(name)
          "#{NAMES.fetch(name)[0].upcase}#{NAMES.fetch(name)[1..]} has #{DurationWords.count(slots, "slot")}: " \
            "at #{@calendar.clock(at)} “#{@timetable.items[task].words}” has to make room."
        end
      end

      # [minute, index] of the first task of the chain that a full place holds; nil where none does.
      def full(name)
        @timetable.chain.each do |id|
          task = @timetable.items.index { |item| item.id == id }
          limit = @timetable.later[task].limits.find { |each| each.by == name && each.at }
          return [limit.at, task] if limit
        end
        nil
      end

      # What is nearest to pushing the rest, and is no part of what does.
      def closest
        tight = @timetable.later.each_with_index.select do |reach, at|
          @timetable.items[at].kind == "hands" && reach.minutes&.between?(1, CLOSE)
        end
        reach, at = tight.min_by { |reach, _| reach.minutes }
        "“#{@timetable.items[at].words}” has #{reach.minutes} #{(reach.minutes == 1) ? "minute" : "minutes"} to spare." if reach
      end
    end
  end
end
