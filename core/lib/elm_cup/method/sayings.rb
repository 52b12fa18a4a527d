# frozen_string_literal: true

module ElmCup
  module Method
    # The lines of a recipe's own method take their places among the steps: a line that says what a step does is that step's, with the
    # minutes that it says; what says nothing of the kind stands by itself behind the line before it.
    class Sayings
      WORDS = DataTable.rows("method_words").to_h { |row|
        [row["step"], Regexp.union(DataTable.list(row["words"]).map { |word| /\b#{Regexp.escape(word)}(?:s|es|ed|ped|ing|ping)?\b/i })]
      }.freeze
      # A wait that nobody would put into a plan of steps: "keeps two weeks".
      LONGEST_MINUTES = 3 * 24 * 60
      NUMBER = "note"

      # steps: drafted Steps; notes: texts.
      def initialize(steps, notes)
        @steps = steps
        @notes = notes
      end

      # Steps with the lines in their places.
      def steps
        @lines = Hash.new { |hash, id| hash[id] = [] }
        @waits = {}
        @added = []
        @at = 0
        @notes.each_with_index { |text, number| take(text, number) }
        @steps.flat_map { |step| [told(step), *@added.select { |before, _| before == step.id }.map(&:last)] }
      end

      private

      def take(text, number)
        found = places(text)
        return add(text, number) if found.empty?

        @at = @steps.index(found.first)
        @lines[found.first.id] << text
        wait(found, text)
      end

      # Steps that a line tells of, in the order of its words: each word of one step.
      def places(text)
        told = @steps.filter_map { |step| WORDS[step.step] && (place = text.index(WORDS[step.step])) && [place, step] }
        at = @at
        told.group_by(&:first).sort.map { |_, same|
          likeliest(same.map(&:last), text, at).tap { |step| at = @steps.index(step) }
        }.uniq
      end

      # Not told of yet, of the part that the line names, behind what was told before.
      def likeliest(steps, text, before)
        steps.min_by do |step|
          named = step.component && text.match?(/\b#{Regexp.escape(step.component)}\b/i)
          at = @steps.index(step)
          [@lines.key?(step.id) ? 1 : 0, named ? 0 : 1, (at >= before) ? 0 : 1, at]
        end
      end

      # The minutes that a line says are those of the first of its steps whose time goes by itself: in the cold, in water, in the oven.
      def wait(steps, text)
        minutes = Ingredient::Duration.minutes(text)&.round
        step = steps.find { |each| !each.wait.nil? && !each.wait.short? && !@waits.key?(each.id) }
        return unless step && minutes&.between?(1, LONGEST_MINUTES)

        was = step.wait
        greatest = was.greatest && [was.greatest, minutes + was.greatest - was.least].max
        @waits[step.id] = was.with(least: minutes, band: [minutes, minutes], greatest: greatest, source: "cook", why: nil)
      end

      # What tells of no step stands by itself behind the line before it; no time is known of it.
      def add(text, number)
        before = @steps[@at]&.id
        last = @added.reverse.find { |id, _| id == before }&.last
        @added << [before, Step.new(id: "#{NUMBER}-#{number + 1}", step: Step::OWN, text: text, hands: Hands.none, source: "cook",
          after: [last&.id || before].compact.freeze)]
      end

      def told(step)
        wait = @waits[step.id]
        step = step.with(said: @lines[step.id].freeze) if @lines.key?(step.id)
        wait ? step.with(wait: wait, drafted: {"wait" => step.wait}.freeze) : step
      end
    end
  end
end
