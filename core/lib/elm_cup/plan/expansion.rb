# frozen_string_literal: true

module ElmCup
  module Plan
    # The steps of one formula as tasks and waits: hands-on steps become tasks, those that only take time become part of the wait behind
    # the step before. Sets become tasks one behind another; where there are more trays than slots, tray after tray.
    class Expansion
      # Where the next step is reached from: a task, the Method::Wait behind it, slots that it takes, what waits.
      Exit = Value.of(:task, :wait, :words, slots: 1)
      MARK = "ready"
      # Dough for later trays waits under a cover for so long, filling for a mould in the fridge. Source: common practice, an estimate.
      COVERED_MINUTES = 480

      # Tasks, Items, Stays.
      attr_reader :tasks, :items, :stays

      # steps: kept Method::Steps in their order; index: of the formula in the plan; name: of the formula; means: Document::Means;
      # ready_by: minute that its mark must be there by, nil where the plan's own holds; serial: what the trays stand for is used again for
      # each round, as a mould is.
      def initialize(steps, index:, name:, means:, ready_by: nil, serial: false)
        @steps = steps
        @prefix = "#{index + 1}."
        @index = index
        @means = means
        @serial = serial
        @tasks = []
        @items = []
        @stays = []
        @first = {}
        @exits = {}
        steps.each { |step| @exits[step.id] = (1..trays(step)).map { |tray| lay(step, tray) } }
        in_turn if serial
        once_each
        mark(name, ready_by)
      end

      private

      # How many trays a step is done one after another for: one where they all have room at once.
      def trays(step) = step.per_tray ? rounds : 1

      # Rounds of all steps that are done tray by tray.
      def rounds
        @rounds ||= begin
          on_trays = @steps.select(&:per_tray)
          most = on_trays.map(&:trays).max || 1
          slots = on_trays.filter_map { |step| step.wait&.place }.select { |place| cold?(place) }.map { |place| @means.slots(place) }.min
          (@serial || (slots && slots < most)) ? most : 1
        end
      end

      def cold?(place) = @means.cold.key?(place)

      # Exits of a step for one tray.
      def lay(step, tray)
        before = step.after.flat_map { |id| before(id, step, tray) }
        return passed(step, before) unless step.hands_on?

        minutes = sets(step)
        ids = minutes.each_with_index.map { |each, at| task(step, each, set: at + 1, sets: minutes.size, tray: tray) }
        @first[[step.id, tray]] = ids.first
        before.each { |exit| reach(exit, ids) }
        ids.each_cons(2) { |from, to| join(Exit.new(task: from, wait: between_sets(step), words: step.text), to) }
        return [taken_out(step, ids.last, tray)] unless step.out.zero?

        [Exit.new(task: ids.last, wait: step.wait || Method::Wait.none, words: step.text)]
      end

      # Exits of a step that another comes after: those of the same tray, of all trays, or of what was made once for all of them.
      def before(id, step, tray)
        exits = @exits[id] or return []
        return exits.flatten if trays(step) == 1
        return exits[tray - 1] if exits.size > 1

        exits.first.map { |exit| (tray == 1) ? exit : kept_for_later(exit, tray) }
      end

      # Chocolate is warmed again for a later tray, dough waits under its cover.
      def kept_for_later(exit, tray)
        if exit.wait.place == "melt"
          row = Method::Row.all.fetch("rewarm")
          words = row.words
          id = add("#{exit.task}.again#{tray}", row.hands.minutes, row.uses, words: words, spread: row.hands.spread)
          join(exit.with(wait: Method::Wait.none), id)
          Exit.new(task: id, wait: row.wait, words: words)
        else
          greatest = (@serial || exit.wait.greatest.nil?) ? nil : [exit.wait.greatest, COVERED_MINUTES].max
          exit.with(wait: exit.wait.with(greatest: greatest, place: nil))
        end
      end

      # A step that needs nobody: its wait comes on top of what came before.
      def passed(step, before)
        return before unless step.wait

        slots = trays(step).equal?(1) ? step.trays : 1
        before.map { |exit| exit.with(wait: exit.wait.then(step.wait), words: step.text, slots: slots) }
      end

      # Whole minutes of each set for one tray.
      def sets(step)
        return step.turns.any? ? step.turns : [step.hands.minutes] if trays(step) == 1

        minutes = (step.hands.minutes / rounds.to_f).ceil
        count = step.turns.any? ? [(minutes / Method::Sets::MOST_MINUTES.to_f).ceil, (step.turns.size / rounds.to_f).ceil].max : 1
        Array.new(count) { |at| minutes / count + ((at < minutes % count) ? 1 : 0) }
      end

      def between_sets(step)
        Method::Wait.none.with(greatest: step.wait&.greatest, place: step.uses.find { |name| name == "melt" })
      end

      def task(step, minutes, set:, sets:, tray:)
        id = [step.id, ("tray#{tray}" if trays(step) > 1), ("set#{set}" if sets > 1)].compact.join(".")
        add("#{@prefix}#{id}", minutes, step.uses, step: step, words: step.text, set: set, sets: sets, tray: tray, trays: trays(step),
          spread: step.hands.spread * minutes / step.hands.minutes)
      end

      def add(id, minutes, uses, **item)
        @tasks << Task.new(id: id, minutes: minutes, uses: {Project::HANDS => 1, **uses.to_h { |name| [name, 1] }})
        @items << Item.new(id: id, formula: @index, kind: "hands", **item)
        id
      end

      # What lies in the cold is taken out set by set: the last of them frees its place.
      def reach(exit, ids)
        return join(exit, ids.first) if ids.size == 1 || !cold?(exit.wait.place)

        join(exit.with(wait: exit.wait.with(place: nil)), ids.first)
        join(exit.with(wait: exit.wait.with(greatest: nil)), ids.last)
      end

      # It comes out of the oven when its time is over.
      def taken_out(step, task, tray)
        words = "Take it out of the oven"
        id = add("#{task}.out", step.out, step.uses, step: step, words: words, tray: tray, trays: trays(step))
        join(Exit.new(task: task, wait: step.wait, words: step.text), id)
        Exit.new(task: id, wait: Method::Wait.none, words: words)
      end

      def join(exit, to)
        wait = exit.wait
        keeps = if wait.place
          {wait.place => cold?(wait.place) ? exit.slots : 1}
        else
          {}
        end
        @stays << Stay.new(link: Link.new(from: exit.task, to: to, least: wait.least, greatest: wait.greatest, keeps: keeps), wait: wait,
          words: exit.words)
      end

      # The first round must be out of its mould before the next goes in.
      def in_turn
        on_trays = @steps.select { |step| step.per_tray && step.hands_on? }
        return if on_trays.empty? || rounds == 1

        (1...rounds).each do |tray|
          @exits[on_trays.last.id][tray - 1].each do |exit|
            join(exit.with(wait: Method::Wait.none), @first[[on_trays.first.id, tray + 1]])
          end
        end
      end

      # What waits in the cold for several steps is there once: until the last of them takes it.
      def once_each
        cold = @stays.each_with_index.select { |stay, _| cold?(stay.wait.place) }
        last = cold.to_h { |stay, at| [[stay.link.from, stay.wait.place], at] }
        @stays = @stays.each_with_index.map do |stay, at|
          kept = !cold?(stay.wait.place) || last.fetch([stay.link.from, stay.wait.place]) == at
          kept ? stay : stay.with(link: stay.link.with(keeps: {}), wait: stay.wait.with(place: nil))
        end
      end

      # Everything is there.
      def mark(name, ready_by)
        id = "#{@prefix}#{MARK}"
        from = @stays.map { |stay| stay.link.from }
        @exits.values.flatten.reject { |exit| from.include?(exit.task) }.reverse.uniq(&:task).each { |exit| join(exit, id) }
        @tasks << Task.new(id: id, minutes: 0, ready_by: ready_by)
        @items << Item.new(id: id, formula: @index, kind: "mark", words: "#{name}: ready")
      end
    end
  end
end
