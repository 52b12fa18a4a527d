# frozen_string_literal: true

module ElmCup
  module Balance
    # Solves a Question, writes the solution into the document and judges that by the ordinary path; what the linear sums missed is
    # tightened and solved again.
    class Settler
      # So often at the most. Source: docs/model.md, Balance.
      ROUNDS = 5
      # What came of a Problem, for a wish to tighten its bounds by: the Situation, its Rows, the grams of each amount; columns and slopes
      # for what is no sum.
      Sums = Value.of(:situation, :rows, :grams, :slopes)

      # reader: SituationReader of the document; question: Question.
      def initialize(document, reader, question, library)
        @document = document
        @reader = reader
        @question = question
        @library = library
      end

      # A Settlement that differs from `earlier` ones (lists of amounts that moved), nil where none is found. The middle of a texture where
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
          builder = PatchBuilder.new(@document, problem, found.values, @reader.spots)
          assessment = judged(builder)
          missed = @question.wishes.reject { |wish| wish.met?(assessment) }
          if missed.empty?
            return Settlement.new(builder: builder, assessment: assessment, found: found.with(bound: bound), problem: problem, edge: edge,
              quick: quick)
          end

          sums = sums(problem, found.values)
          missed.each { |wish| corrections[wish.text] = wish.tighten(corrections.fetch(wish.text, Correction::NONE), assessment, sums) }
        end
        nil
      end

      def judged(builder) = Assessment.of(builder.document.except("wishes"), library: @library)

      def sums(problem, values)
        slopes = Slopes.new(problem, values) { |others| judged(PatchBuilder.new(@document, problem, others, @reader.spots)) }
        Sums.new(situation: @question.situation, rows: problem.rows, grams: problem.grams_at(values), slopes: slopes)
      end

      def least(program, quick)
        search = Search.new(program, @question.pace)
        found = search.first
        return if found == :impossible || found.nil?

        quick ? found : search.best(found)
      end
    end
  end
end
