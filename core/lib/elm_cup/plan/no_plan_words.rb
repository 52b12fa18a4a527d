# frozen_string_literal: true

module ElmCup
  module Plan
    # Why there is no plan, and the nearest that has one, in words.
    class NoPlanWords
      # words: what cannot be; nearest: what can, nil where nothing near was found
      Said = Value.of(:code, :words, :tasks, nearest: nil)

      def initialize(timetable)
        @timetable = timetable
        @calendar = timetable.calendar
        @names = timetable.items.to_h { |item| [item.id, item.full_words] }
      end

      # One sentence for all of it.
      def sentence
        said = all
        return "No plan was found." if said.empty?
        return "#{said.first.words} #{said.first.nearest}".strip if @timetable.result.contradiction

        "No plan was found. #{(said.size == 1) ? "This stands in the way" : "Some of it does not go together"}:"
      end

      # Saids, none of which can be left out.
      def all
        found = @timetable.result.contradiction
        @all ||= found ? [proof(found)] : @timetable.clashes.map { |demand| said(demand) }
      end

      private

      def name(id) = "“#{@names.fetch(id, id)}”"

      # What waits between two tasks.
      def stay(from, to) = "“#{@timetable.stays.find { |stay| stay.link.ends == [from, to] }.words}”"

      def proof(found)
        facts = found.facts
        case found.code
        when :circle
          Said.new(code: "circle", tasks: facts[:tasks], words: "These steps wait for each other: #{facts[:tasks].map { |id| name(id) }.join(", then ")}.",
            nearest: "Let one of them come first.")
        when :never_together
          Said.new(code: "window", tasks: facts[:tasks], words: "These steps leave each other no time: #{facts[:tasks].map { |id| name(id) }.join(", ")}.",
            nearest: "Let one of them wait longer.")
        when :never_room then never_room(facts)
        when :too_long
          Said.new(code: "away", tasks: [facts[:task]], words: "#{name(facts[:task])} takes #{DurationWords.of(facts[:minutes])} in one go, and nobody is there so long at a stretch.",
            nearest: "Stay #{DurationWords.of(facts[:minutes])} at a stretch, or make less at a time.")
        end
      end

      def never_room(facts)
        where = Sentences::NAMES.fetch(facts[:resource])
        what = facts[:to] ? stay(facts[:task], facts[:to]) : name(facts[:task])
        if facts[:has].zero?
          Said.new(code: "never_room", tasks: [facts[:task]], words: "#{what} needs #{where}, and there is none.",
            nearest: "Say in Kitchen what there is, or change the step.")
        else
          Said.new(code: "never_room", tasks: [facts[:task]],
            words: "#{what} takes #{facts[:needs]} places in #{where}; there #{(facts[:has] == 1) ? "is 1" : "are #{facts[:has]}"}.",
            nearest: "Make room for #{facts[:needs]}, or do it in rounds.")
        end
      end

      def said(demand)
        case demand.kind
        when :pin then pin(demand)
        when :away then away(demand)
        when :window then window(demand)
        when :place then place(demand)
        end
      end

      def pin(demand)
        nearest = demand.nearest && "The nearest time for it is #{@calendar.clock(demand.nearest)}."
        words = "#{name(demand.what)} is fixed at #{@calendar.clock(demand.now)}."
        Said.new(code: "pin", tasks: [demand.what], words: words, nearest: nearest)
      end

      def away(demand)
        from, to = demand.what
        why = @timetable.closures.hands.find { |each| [each.from, each.to] == [from, to] }&.why || Closures::OUT
        nearest = demand.nearest && "Be back by #{@calendar.clock(from + demand.nearest)}."
        Said.new(code: "away", tasks: [], words: "You are away from #{@calendar.clock(from)} to #{@calendar.clock(to)} (#{why}).", nearest: nearest)
      end

      def window(demand)
        from, to = demand.what
        nearest = demand.nearest && "#{DurationWords.of(demand.nearest)} would do."
        Said.new(code: "window", tasks: [from, to], words: "#{name(to)} comes at most #{DurationWords.of(demand.now)} after #{name(from)}.", nearest: nearest)
      end

      def place(demand)
        where = Sentences::NAMES.fetch(demand.what)
        nearest = demand.nearest && "#{demand.nearest} would do."
        words = "There #{(demand.now == 1) ? "is one place" : "are #{demand.now} places"} in #{where}."
        Said.new(code: "place", tasks: [], words: words, nearest: nearest)
      end
    end
  end
end
