# frozen_string_literal: true

module ElmCup
  module Proposal
    # The formulas nearest to the one there is that grant its wishes, or why there is none.
    class Balancer
      MOST = 3
      # Another answer than the first is only given where it is this near to the least of its kind.
      NEAR = 0.10

      # wishes: texts, nil for those of the document; have: ingredient ids, nil for all; most: id => grams that there are; shares: id => the
      # most of everything that it may be; pace: Balance::Pace.
      def initialize(document, wishes:, have:, library:, pace:, most: {}, shares: {})
        @opened = Opened.of(document, library)
        Asked.check_have(have, library)
        @document = document
        @library = library
        @pace = pace
        @have = have
        @most = most
        @shares = shares
        asked = Asked.new(@opened).wishes(wishes || document["wishes"] || [])
        @kept = kept(asked)
        @wishes = asked + @kept
        @wished = @opened.wished
        @cautions = []
        @met, @open = @wishes.partition { |wish| @wished.met?(wish) }
      end

      # A Hash ready for JSON, of at most `most` answers; quick: the first that is found, not yet the least for sure.
      def to_h(most, quick: false)
        answers = if so_already?
          [Written.same(@document, @wished.figures)]
        else
          found(quick ? 1 : most, quick)
        end
        {"elm_cup" => "balance/1", "wishes" => @wishes.map { |wish| said(wish) }, "answers" => answers, "clashes" => (answers.empty? && !quick) ? clashes : [],
         "notes" => notes(answers, quick)}
      end

      # Hashes that say which wishes cannot be had together; none where they can. within: what is kept to all the while, in words.
      def clashes(within: ClashWords::WITHIN) = Balance::Clash.new(question).all.map { |clash| ClashWords.to_h(clash, @library, within: within) }

      # Balance::Question of all wishes.
      def question = @question ||= Balance::Question.new(reader.situation.with_met(@met), @wishes, @pace)

      private

      # All that is wished, and nothing more of an ingredient than may be.
      def so_already?
        @open.empty? && @shares.all? { |id, share| @opened.lines.sum { |line| (line["ingredient"] == id) ? line["grams"] : 0 } <= share * @opened.answer["grams"] }
      end

      def said(wish) = @wished.to_h(wish).merge(@kept.include?(wish) ? {"kept" => true} : {})

      # Wishes that nobody has to say: no part gets further from what it should be than it is, unless its texture is wished for.
      def kept(asked)
        named = asked.select { |wish| wish.key == "texture" }.map { |wish| wish.part || Document::Leading.name(@opened.answer["components"]) }
        @opened.part_wishes { |part| [part["texture"], part["want"]].uniq.sort_by { |id| Binding::Texture.index(id) }.join("..") }.reject { |wish| named.include?(wish.part) }
      end

      def reader
        @reader ||= SituationReader.new(@opened.read, @document, @wishes, Helpers.new(@opened.answer, @wishes, @have, @library), most: @most, shares: @shares)
      end

      def found(most, quick)
        settler = Settler.new(@document, reader, question, @library)
        answers = []
        most.times do |number|
          answer = settler.answer(earlier: answers.map { |each| each.amended.touched }, quick: quick) or break
          break if number.positive? && answer.found.above > NEAR

          answers << answer
        end
        @cautions = answers.flat_map { |answer| answer.assessment["notes"] } - @opened.answer["notes"]
        answers.each_with_index.map { |answer, number| Written.call(answer, @wished.figures, @library, number: number) }
      end

      def notes(answers, quick)
        unpriced = @opened.answer.dig("cost", "unpriced") || []
        [
          ("No price is known of #{unpriced.join(", ").downcase}: the cost is without them." if unpriced.any? && @wishes.any? { |wish| wish.key == "cost" }),
          ("What comes in is kept to what there is in the kitchen." if @have && @open.any?),
          *@cautions.uniq.map { |words| "Of an answer here it must be said: #{words[0].downcase}#{words[1..]}" },
          ("It was called off." if @pace.stopped?),
          (unfound if answers.empty? && !quick && !@pace.stopped? && question.possible?(@wishes) != false)
        ].compact
      end

      # No answer, and no clash either.
      def unfound
        return "Nothing was found in #{@pace.seconds} s; that is no proof that there is nothing." if @pace.over?

        "It can nearly be: the sums allow it, but no amounts that can be measured here come out right. Loosen one wish a little."
      end
    end
  end
end
