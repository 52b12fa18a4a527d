# frozen_string_literal: true

module ElmCup
  module Balance
    # The formulas nearest to the one there is that grant its wishes, or why there is none.
    class Balancer
      MOST = 3
      # Another answer than the first is only given where it is this near to the least of its kind.
      NEAR = 0.10

      # wishes: texts, nil for those of the document; have: ingredient ids, nil for all; most: id => grams that there are; shares: id => the
      # most of everything that it may be; resize: pieces of another size are an answer; other_ways: so is another way to make it
      # (Variants); pace: Pace.
      def initialize(document, wishes:, have:, library:, pace:, most: {}, shares: {}, resize: true, other_ways: true)
        @open = OpenFormula.of(document, library)
        WishCheck.check_have(have, library)
        @document = document
        @library = library
        @pace = pace
        @have = have
        @most = most
        @shares = shares
        @resize = resize
        @other_ways = other_ways
        @asked = WishCheck.new(@open).wishes(wishes || document["wishes"] || [])
        @kept = kept(@asked)
        @wishes = @asked + @kept
        @met, @unmet = @wishes.partition { |wish| wish.met?(assessment) }
      end

      # The Result, of at most `most` answers; quick: the first that is found, not yet the least for sure.
      def result(most, quick: false)
        answers = if granted?
          [NoChange.new(@document, assessment)]
        else
          with_variants(among(found(quick ? 1 : most, quick), most, quick), most, quick)
        end
        Result.new(wishes: @wishes.map { |wish| Wish::State.of(wish, assessment, @library) }, kept: @kept.map(&:text), answers: answers,
          clashes: (answers.empty? && !quick) ? clashes : [], notes: notes(answers, quick))
      end

      # ClashWords of the wishes that cannot be had together; none where they can. within: what is kept to all the while, in words.
      def clashes(within: ClashWords::WITHIN) = clashing.map { |clash| ClashWords.of(clash, @library, within: within) }

      # The same as Clash::Founds.
      def clashing = @clashing ||= Clash.new(question).all

      # Question of all wishes.
      def question = @question ||= Question.new(reader.situation.with_met(@met), @wishes, @pace)

      # SituationReader of the formula.
      def reader
        @reader ||= SituationReader.new(@open, @wishes, helpers, most: @most, shares: @shares)
      end

      # All that is wished, and nothing more of an ingredient than may be.
      def granted?
        @unmet.empty? && @shares.all? do |id, share|
          @open.lines.sum { |line| (line.entry.id == id) ? line.grams.to_f.round(2) : 0 } <= share * assessment.grams.round(2)
        end
      end

      # The Answer that counts least; nil for none.
      def least = found(1, false).first

      # Its wishes cannot be had together, for sure.
      def impossible? = question.possible?(@wishes) == false

      private

      def assessment = @open.assessment

      def helpers = @helpers ||= Helpers.new(assessment, @wishes, @have, @library)

      # Wishes that nobody has to say: no part gets further from what it should be than it is, unless its texture is wished for.
      def kept(asked)
        named = asked.select(&:texture?).map { |wish| wish.part || assessment.leading.name }
        all = @open.part_wishes { |part| [part.texture, part.want].uniq.sort_by { |id| Binding::Texture.index(id) }.join("..") }
        all.reject { |wish| named.include?(wish.part) }
      end

      # Answers with those that change the size of a piece, the least first.
      def among(answers, most, quick)
        return answers if sizes_stay?
        return resized ? [resized] : answers if quick

        limit = [answers.first, resized].compact.map(&:size).min || MOST_COST
        others = OtherSizes.new(resizing, limit, @pace) { |document| again(document) }
        all = [*answers, *resized, *others.answer].sort_by.with_index { |answer, at| [answer.size, at] }.first(most)
        floor = [others.floor, answers.first&.bound || (impossible? ? Float::INFINITY : -Float::INFINITY)].min
        all.each_with_index.map { |answer, at| answer.ranked(least: at.zero? && answer.size <= floor + Search::SURE, number: at) }
      end

      # Answers with those that make it in another way, the least first. In haste the first that does.
      def with_variants(answers, most, quick)
        return answers if variants.empty? || (quick && answers.any?)

        made = variants.filter_map { |variant| from(variant) unless @pace.over? }
        all = [*answers, *made].sort_by.with_index { |answer, at| [answer.size, at] }.first(most)
        floor = @pace.over? ? -Float::INFINITY : [*answers, *made].map(&:bound).min
        all.each_with_index.map { |answer, at| answer.ranked(least: at.zero? && answer.size <= floor + Search::SURE, number: at) }
      end

      # A Variant where that alone does, else the VariantAnswer with the least change of lines; nil for none.
      def from(variant)
        balancer = again(variant.document)
        return variant if balancer.granted?

        balancer.least&.then { |answer| VariantAnswer.new(variant, answer) }
      end

      def variants
        @variants ||= @other_ways ? Variants.new(@open.document, assessment, @wishes, helpers, @library).all : []
      end

      # Where nothing else does: a piece half as large again.
      MOST_COST = 0.5

      # The same asked of another document, with pieces as large as they are there.
      def again(document)
        Balancer.new(document, wishes: @asked.map(&:text), have: @have, library: @library, pace: @pace, most: @most, shares: @shares,
          resize: false, other_ways: false)
      end

      # Nobody asks for anything that goes with the size of a piece, or it is to stay.
      def sizes_stay? = !@resize || @wishes.any?(&:size_lock?) || !resizing.helps?

      def resizing = @resizing ||= Resizing.new(@open.document, assessment, @wishes, @library)

      def resized
        return @resized if defined?(@resized)

        @resized = (resizing.answer unless sizes_stay?)
      end

      def found(most, quick)
        # In haste the size of a piece does: nothing has to be looked for.
        return [] if quick && resized

        settler = Settler.new(@document, reader, question, @library)
        before = Assessment::Outline.new(assessment)
        answers = []
        most.times do |number|
          settled = settler.answer(earlier: answers.map { |each| each.settled.builder.touched }, quick: quick) or break
          break if number.positive? && settled.found.above > NEAR

          answers << Answer.new(settled, before, number: number)
        end
        answers
      end

      def notes(answers, quick)
        unpriced = assessment.cost.amounts&.unpriced || []
        [
          ("No price yet for #{unpriced.join(", ").downcase}: the cost is without them." if unpriced.any? && cost_wished?),
          ("Only what you have ticked may be added." if @have && @unmet.any?),
          *cautions(answers).map { |words| "Mind this in one of the answers: #{words[0].downcase}#{words[1..]}" },
          ("Stopped." if @pace.stopped?),
          (unfound if answers.empty? && !quick && !@pace.stopped? && question.possible?(@wishes) != false)
        ].compact
      end

      def cost_wished? = @wishes.any? { |wish| wish.key == Wish::PieceFigure::MONEY }

      # What must be said of an answer, and need not be said of the formula as it is.
      def cautions(answers) = (answers.flat_map { |answer| answer.assessment.notes } - assessment.notes).uniq

      # No answer, and no clash either.
      def unfound
        return "Nothing was found in #{@pace.seconds} s; there may still be an answer." if @pace.over?

        judged = @unmet.find { |wish| wish.is_a?(Wish::Judged) }
        return "No amounts were found for “#{judged.words(@library)}”. Ask for a little less." if judged

        "It nearly works, but no amounts that you can measure come out right. Loosen one wish a little."
      end
    end
  end
end
