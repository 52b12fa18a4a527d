# frozen_string_literal: true

module ElmCup
  module Door
    # A Plan::Timetable as a Hash ("plan/1"); times are ISO 8601 with the offset of the plan's zone.
    class PlanWriter
      VERSION = "plan/1"
      # What takes another look for a plan each.
      SLOW = %w[quick relax].freeze

      # sections: names of SLOW that are wanted; have: of Plan::Shopping.
      def self.call(timetable, library:, have: [], sections: SLOW) = new(timetable, library, have, sections).answer

      def initialize(timetable, library, have, sections)
        @timetable = timetable
        @request = timetable.request
        @result = timetable.result
        @calendar = timetable.calendar
        @library = library
        @have = have
        @sections = sections
      end

      def answer
        {"elm_cup" => VERSION, "name" => @request.name, "mode" => @request.mode, "at" => time(@request.at), "zone" => @calendar.zone,
         "seed" => @request.seed, "reserve_minutes" => @request.reserve, "offered_reserve_minutes" => @timetable.offered_reserve,
         "status" => @result.status.to_s, **(@timetable.plan? ? plan : {}), "rows" => rows, "formulas" => formulas,
         "sentences" => Plan::Sentences.new(@timetable).all + @request.assumed + @timetable.forgotten,
         "clashes" => @timetable.plan? ? [] : Json.of(Plan::NoPlanWords.new(@timetable).all), "shopping" => shopping,
         "guests" => Json.of(Plan::GuestTable.new(@request.guests, @timetable.assessments).answer)}.compact
      end

      private

      def time(minute) = @calendar.text(minute)

      def plan
        {"start" => time(@result.first), "ready" => time(@result.last), "late_minutes" => @result.late, "figures" => figures,
         "quick" => quick, "visits" => @timetable.visits.map { |from, to| stretch(from, to) }, "tasks" => tasks, "waits" => waits,
         "chain" => @timetable.chain, "relax" => relax}.compact
      end

      def stretch(from, to) = {"start" => time(from), "end" => time(to)}

      def figures
        found = @result.figures
        {"span" => found.span, "hands_span" => found.hands_span, "visits" => found.visits, "hands_minutes" => found.hands_minutes,
         "bound" => @result.bound}
      end

      # If all goes fast: ready sooner where it is begun as planned; when it would be early enough to begin.
      def quick
        return unless @sections.include?("quick")

        found = @timetable.quick
        {"ready" => @timetable.quick_ready&.then { |minute| time(minute) }, "start" => (time(found.first) if found&.plan?)}.compact
      end

      def relax
        return unless @sections.include?("relax")

        @timetable.gains.map do |gain|
          {"limit" => gain.limit, "to" => gain.to, "start" => time(gain.start), "ready" => time(gain.ready)}.compact
        end
      end

      # Resources that are used, with when they are closed.
      def rows
        used = @timetable.expansions.flat_map(&:tasks).flat_map { |task| task.uses.keys } +
          @timetable.stays.flat_map { |stay| stay.link.keeps.keys }
        @timetable.resources.select { |name, _| used.include?(name) || name == Plan::Project::HANDS }.map do |name, count|
          {"id" => name, "capacity" => count, "closed" => (name == Plan::Project::HANDS) ? closed : []}
        end
      end

      def closed
        from, to = @timetable.plan? ? [@result.first, @result.last] : [@request.at - Plan::Calendar::DAY_MINUTES, @request.at]
        @timetable.closures.hands.select { |each| each.to > from - DAY && each.from < to + DAY }
          .map { |each| stretch(each.from, each.to).merge("why" => each.why, "n" => each.count).compact }
      end

      DAY = Plan::Calendar::DAY_MINUTES

      def formulas
        @request.orders.zip(@timetable.assessments).each_with_index.map do |(order, assessment), at|
          {"index" => at, "name" => assessment.name, "formula" => order.formula, "version" => order.version, "times" => order.times,
           "pieces" => assessment.pieces.together&.count, "words" => assessment.pieces.together&.words,
           "ready_by" => order.ready_by&.then { |minute| time(minute) }}.compact
        end
      end

      def tasks
        @timetable.items.each_index.map { |at| task(at) }.sort_by { |each| [each["start"], each["end"]] }
      end

      def task(at)
        item = @timetable.items[at]
        task = @result.project.tasks[at]
        earlier, later = @timetable.earlier[at], @timetable.later[at]
        {"id" => item.id, "formula" => item.formula, "component" => item.step&.component, "step_id" => item.step&.id,
         "step" => item.full_words, "kind" => item.kind, **stretch(@result.starts[at], @result.end_of(at)), "uses" => uses.fetch(item.id),
         "pinned" => !task.pin.nil? && !task.past, "done" => task.past || nil, "visit" => visit(at),
         "spread_minutes" => Json.round(item.spread, 1), "right_when" => item.step&.right_when,
         "slack" => {"earlier" => earlier.minutes, "later" => later.minutes}.compact,
         "room" => (room_words.sentence(item.id, earlier, later) unless task.past),
         "limits" => later.limits.map { |limit| limit(limit) }, "limits_earlier" => earlier.limits.map { |limit| limit(limit) }}.compact
      end

      def room_words
        @room_words ||= Plan::RoomWords.new(@timetable.items.to_h { |item| [item.id, item.full_words] }, @calendar)
      end

      # Id of a task => names of what it uses, though it may be done already.
      def uses = @uses ||= @timetable.expansions.flat_map(&:tasks).to_h { |task| [task.id, task.uses.keys] }

      # The number of the visit to the kitchen that a turn of the hands belongs to.
      def visit(at)
        return unless @timetable.items[at].kind == "hands" && !@result.project.tasks[at].past

        @timetable.visits.index { |from, to| @result.starts[at].between?(from, to) }&.succ
      end

      def limit(limit)
        {"by" => limit.by, "from" => limit.from, "to" => limit.to, "at" => limit.at&.then { |minute| time(minute) }}.compact
      end

      def waits
        at = @timetable.items.each_with_index.to_h { |item, index| [item.id, index] }
        asked = @result.project.links.to_h { |link| [link.ends, link] }
        @timetable.stays.filter_map do |stay|
          link = asked[stay.link.ends] or next
          wait(stay, link, @result.end_of(at[link.from]), @result.starts[at[link.to]])
        end
      end

      def wait(stay, link, from, to)
        {"from" => link.from, "to" => link.to, "words" => stay.words, "place" => stay.wait.place,
         "slots" => (link.keeps.values.first if stay.wait.place), **stretch(from, to), "enough" => time(from + link.least),
         "at_latest" => link.greatest && time(from + link.greatest), "least" => link.least, "greatest" => link.greatest,
         "band" => (stay.wait.band if link.least.positive?), "source" => stay.wait.source, "why" => stay.wait.why}.compact
      end

      def shopping
        list = Plan::Shopping.new(@timetable.assessments, library: @library, have: @have)
        {"buy" => Json.of(list.to_buy), "check" => Json.of(list.to_check), "cost" => Json.round(list.cost, 2),
         "currency" => @library.currency, "unpriced" => list.unpriced, "unread" => list.unread}.compact
      end
    end
  end
end
