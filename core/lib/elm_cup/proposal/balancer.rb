# frozen_string_literal: true

module ElmCup
  module Proposal
    # The formulas nearest to the one there is that grant its wishes, or why there is none.
    class Balancer
      MOST = 3
      # Another answer than the first is only given where it is this near to the least of its kind.
      NEAR = 0.10

      # wishes: texts, nil for those of the document; have: ingredient ids, nil for all; most: id => grams that there are; pace: Balance::Pace.
      def initialize(document, wishes:, have:, library:, pace:, most: {})
        @most = most
        Document::Schema.check(document)
        Asked.check_have(have, library)
        @document = document
        @library = library
        @pace = pace
        @have = have
        @read = Assessment::ReadFormula.new(Document::Formula.from(document.except("wishes")), library)
        @before = Assessment::FormulaAnswer.new(@read).to_h
        @wished = Assessment::Wished.new(@before, library)
        asked = Asked.new(@before, @wished, library).wishes(wishes || document["wishes"] || [])
        @kept = Kept.wishes(@before, asked)
        @wishes = asked + @kept
        @met, @open = @wishes.partition { |wish| @wished.met?(wish) }
      end

      # A Hash ready for JSON, of at most `most` answers; quick: the first that is found, not yet the least for sure.
      def to_h(most, quick: false)
        answers = if @open.empty?
          [Written.same(@document, @wished.figures)]
        else
          found(quick ? 1 : most, quick)
        end
        {"elm_cup" => "balance/1", "wishes" => @wishes.map { |wish| said(wish) }, "answers" => answers, "clashes" => (answers.empty? && !quick) ? clashes : [],
         "notes" => notes(answers, quick)}
      end

      # Balance::Question of all wishes.
      def question = @question ||= Balance::Question.new(reader.situation.with_met(@met), @wishes, @pace)

      private

      def said(wish) = @wished.to_h(wish).merge(@kept.include?(wish) ? {"kept" => true} : {})

      def reader = @reader ||= SituationReader.new(@read, @document, @wishes, Helpers.new(@before, @wishes, @have, @library), most: @most)

      def found(most, quick)
        settler = Settler.new(@document, reader, question, @library)
        answers = []
        most.times do |number|
          answer = settler.answer(earlier: answers.map { |each| each.amended.touched }, quick: quick) or break
          break if number.positive? && answer.found.above > NEAR

          answers << answer
        end
        answers.each_with_index.map { |answer, number| Written.call(answer, @wished.figures, @library, number: number, sized: sized?(answer)) }
      end

      def sized?(answer) = !answer.problem.situation.equal?(question.situation)

      def clashes = Balance::Clash.new(question).all.map { |clash| ClashWords.to_h(clash, @library) }

      def notes(answers, quick)
        unpriced = @before.dig("cost", "unpriced") || []
        [
          ("No price is known of #{unpriced.join(", ").downcase}: the cost is without them." if unpriced.any? && @wishes.any? { |wish| wish.key == "cost" }),
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

    # Wishes that nobody has to say: no part gets further from what it should be than it is, unless its texture is wished for.
    module Kept
      # Balance::Wishes for an assessment (Hash); asked: those that were said.
      def self.wishes(answer, asked)
        named = asked.select { |wish| wish.key == "texture" }.map { |wish| wish.part || Document::Leading.name(answer["components"]) }
        parts = (answer["components"] + (answer["splits"] || [])).select { |part| part["want"] && part["saturation"] && !named.include?(part["name"]) }
        parts.uniq { |part| part["name"] }.map { |part| Balance::Wish.read("#{part["name"]}.texture=#{between(part["texture"], part["want"])}") }
      end

      def self.between(now, want) = [now, want].uniq.sort_by { |id| Binding::Texture.index(id) }.join("..")
      private_class_method :between
    end
  end
end
