# frozen_string_literal: true

module ElmCup
  module Method
    # The steps that make a part ready to be shaped: what is done to its ingredients, mixing, powders by halves, a rest.
    class PartSteps
      POWDERS = SecondLook::PowderAtOnce::FAMILIES
      # A part of the mass from which a powder goes in by halves.
      MUCH = 0.10
      # What takes up water for a while.
      THIRSTY_FAMILIES = %w[oats].freeze
      THIRSTY = %w[coconut-flour].freeze

      # sheet: Sheet; assessment: Assessment.
      def initialize(sheet, assessment)
        @sheet = sheet
        @assessment = assessment
        @processor_ml = assessment.formula.kitchen.equipment.processor.ml
        rounds = assessment.section("choices").rounds.select { |round| round.what == "processor" }
        @rounds = rounds.to_h { |round| [round.of, round.rounds] }
      end

      # Puts down the steps of an Assessment::Part; id of the last. start: id of the first step of all; taken: ids of what makes the parts
      # that it takes of.
      def add(part, start, taken)
        preparations = Preparations.new(part, @processor_ml)
        before = prepare(part, preparations, [start]) + taken
        prepared = preparations.all.flat_map(&:lines)
        return pour(part, preparations, before, part.pointers - prepared) if preparations.molten?

        last = mix(part, before, part.pointers - prepared - powders(part) + part.takings.map(&:at))
        last = powder(part, last)
        last = rest(part, last)
        flavours(part, last)
      end

      private

      # Ids of what is prepared, of what must be ready where nothing is.
      def prepare(part, preparations, after)
        blanched = nil
        ids = preparations.all.map do |asked|
          done = prepared(part, asked, (asked.row.step == "toast" && blanched) ? [blanched] : after)
          blanched = done if asked.row.step == "blanch"
          done
        end
        ids -= [blanched] if ids.any? { |id| id == "cool-#{part.name}" }
        ids.empty? ? after : ids
      end

      def prepared(part, asked, after)
        id = @sheet.add(asked.row.step, id: part.name, component: part.name, count: asked.count, after: after, facts: facts(asked),
          lines: asked.lines)
        wait_said(id, asked.minutes) if asked.minutes
        return id unless asked.row.step == "toast"

        @sheet.add("cool", id: part.name, component: part.name, after: [id])
      end

      def facts(asked) = {what: asked.what, celsius: "stirred until the last lump is gone"}

      # How long a line says: what soaks so long may do so for some hours more.
      def wait_said(id, minutes)
        @sheet.change(id) do |step|
          said = minutes.round
          step.with(wait: step.wait.with(least: said, band: [said, said], greatest: said + step.wait.greatest - step.wait.least))
        end
      end

      # What is melted rather than mixed is poured while it is warm.
      def pour(part, preparations, before, lines)
        more = preparations.stirred_in? ? " and stir in the rest" : ""
        @sheet.add("melt", id: part.name, component: part.name, count: preparations.molten_grams / 100.0, after: before, lines: lines,
          facts: {what: "#{preparations.molten_words}#{more}", celsius: "with no lump left"})
      end

      def mix(part, before, lines)
        what = (@assessment.components.size == 1) ? "it" : "the #{part.name}"
        if part.process == "processor"
          rounds = @rounds.fetch(part.name, 1)
          @sheet.add("mix_processor", id: part.name, component: part.name, count: rounds, after: before, lines: lines,
            facts: {what: what, in_rounds: (", in #{rounds} rounds" if rounds > 1)})
        else
          @sheet.add("mix_hand", id: part.name, component: part.name, count: part.grams / 200, after: before, facts: {what: what},
            lines: lines)
        end
      end

      def powder(part, last)
        lines = much_powder(part)
        return last if lines.empty?

        @sheet.add("powder", id: part.name, component: part.name, count: 2, after: [last], facts: {what: Words.of(lines)},
          lines: part.pointers(lines))
      end

      def much_powder(part)
        part.read_lines.map(&:first).select { |line| POWDERS.include?(line.entry.family) && line.grams > MUCH * part.grams }
      end

      def powders(part) = part.pointers(much_powder(part))

      def rest(part, last)
        return last unless part.in_piece?
        return last unless scooped? || part.read_lines.any? { |line, _| thirsty?(line) }

        @sheet.add("rest", id: part.name, component: part.name, after: [last], facts: {what: "it"})
      end

      def thirsty?(line) = THIRSTY_FAMILIES.include?(line.entry.family) || THIRSTY.include?(line.entry.id)

      def scooped? = @assessment.formula.shape&.said&.key?("scoop_ml")

      def flavours(part, last)
        folded = @assessment.flavours.select { |flavour| flavour.base.equal?(part) }.map(&:folded).reject { |each| each.lines.empty? }
        return last if folded.empty?

        @sheet.add("flavours", component: part.name, count: folded.size, after: [last], lines: folded.flat_map(&:pointers))
      end
    end
  end
end
