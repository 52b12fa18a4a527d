# frozen_string_literal: true

module ElmCup
  module Proposal
    # Solves a Question, writes the solution into the document and judges that by the ordinary path; what the linear sums missed is
    # tightened and solved again.
    class Settler
      # So often at the most. Source: docs/model.md, Balance.
      ROUNDS = 5
      # How far the bounds of a wish come in each time beside what its sums missed: in classes, as a share of a figure, in net carbohydrate per gram.
      TEXTURE_INWARD = 0.05
      FIGURE_INWARD = 0.0005
      NET_INWARD = 0.002
      # In pieces: whole ones hide how little is missing, or over.
      PIECES_INWARD = 0.015
      # What was settled on: Amended, the assessment of its document as a Hash, Balance::Search::Found, Balance::Problem; edge: a texture
      # is only just reached; quick: nothing smaller was looked for.
      Answer = Value.of(:amended, :assessment, :found, :problem, :edge, :quick)

      # reader: SituationReader of the document; question: Balance::Question.
      def initialize(document, reader, question, library)
        @document = document
        @reader = reader
        @question = question
        @library = library
      end

      # An Answer that differs from `earlier` ones (lists of amounts that moved), nil where none is found. The middle of a texture where
      # it can be reached, else its edge.
      def answer(earlier: [], quick: false)
        [false, true].each do |edge|
          answer = settled(earlier, quick, edge)
          return answer if answer
        end
        nil
      end

      private

      def settled(earlier, quick, edge)
        corrections = {}
        bound = Float::INFINITY
        ROUNDS.times do
          problem = @question.problem(@question.wishes, corrections: corrections, all: edge)
          found = least(problem.program(earlier: earlier), quick) or return
          # What corrections leave out may yet be less: no more is proved than before them.
          bound = [bound, found.bound].min
          found = found.with(bound: bound)
          amended = Amended.new(@document, problem, found.values, @reader.spots)
          assessment = Assessment.of(amended.document.except("wishes"), library: @library)
          wished = Assessment::Wished.new(assessment, @library)
          missed = @question.wishes.reject { |wish| wished.met?(wish) }
          return Answer.new(amended: amended, assessment: assessment, found: found, problem: problem, edge: edge, quick: quick) if missed.empty?

          grams = problem.grams_at(found.values)
          missed.each { |wish| corrections[wish.text] = correction(wish, corrections.fetch(wish.text, Balance::Rows::CORRECT), wished, problem.rows, grams) }
        end
        nil
      end

      def least(program, quick)
        search = Balance::Search.new(program, @question.pace)
        found = search.first
        return if found == :impossible || found.nil?

        quick ? found : search.best(found)
      end

      # before: the Correction there was; wished: Wished of what came out; rows, grams: what it was reckoned from.
      def correction(wish, before, wished, rows, grams)
        return before.with(inward: before.inward + PIECES_INWARD) if wish.key == "pieces"
        return before.with(inward: before.inward + NET_INWARD) unless wish.figure? || wish.key == "texture"
        return textured(wish, before, wished, rows, grams) if wish.key == "texture"

        off = (wished.now(wish) || 0.0) - rows.ratio(wish).at(grams)
        before.with(off: off, inward: before.inward + [wish.value * FIGURE_INWARD, 1e-6].max)
      end

      def textured(wish, before, wished, rows, grams)
        numbers = [wished.number(wish), rows.sides(@question.situation.part_of(wish)).number(grams)]
        before.with(off: numbers.all? ? numbers.reduce(:-) : before.off, inward: before.inward + TEXTURE_INWARD)
      end
    end
  end
end
