# frozen_string_literal: true

module ElmCup
  module Proposal
    # Solves a Question, writes the solution into the document and judges that by the ordinary path; what the linear sums missed is
    # tightened and solved again.
    class Settler
      # So often at the most. Source: docs/model.md, Balance.
      ROUNDS = 5
      # How far a texture's window gives way inwards each time, in classes; and by how much more than it missed a figure's bound does.
      TEXTURE_SLACK = 0.05
      MORE = 1.2
      # Whole pieces hide how little is missing; of several flavours each hides some.
      PIECES_SLACK = 0.06
      FLAVOUR_SLACK = 0.4
      LEAST_SLACK = 0.0005
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
        slack = {}
        ROUNDS.times do
          problem = @question.problem(@question.wishes, slack: slack, all: edge)
          found = least(problem.program(earlier: earlier), quick) or return
          amended = Amended.new(@document, problem, found.values, @reader.spots)
          assessment = Assessment.of(amended.document.except("wishes"), library: @library)
          wished = Assessment::Wished.new(assessment, @library)
          missed = @question.wishes.reject { |wish| wished.met?(wish) }
          return Answer.new(amended: amended, assessment: assessment, found: found, problem: problem, edge: edge, quick: quick) if missed.empty?

          missed.each { |wish| slack[wish.text] = slack.fetch(wish.text, 0.0) + missed_by(wish, wished) }
        end
        nil
      end

      def least(program, quick)
        search = Balance::Search.new(program, @question.pace)
        found = search.first
        return if found == :impossible || found.nil?

        quick ? found : search.best(found)
      end

      # Up where there are too few.
      def pieces_slack(missing)
        missing * ((@question.situation.pieces.bowls > 1) ? FLAVOUR_SLACK : PIECES_SLACK)
      end

      def missed_by(wish, wished)
        now = wished.now(wish)
        return TEXTURE_SLACK unless wish.figure? && now
        return pieces_slack(wish.value - now) if wish.key == "pieces"

        least, most = Balance::Rows.new(@question.situation).limits(wish)
        over = [most && now - most, least && least - now, 0.0].compact.max
        [over * MORE, wish.value * LEAST_SLACK, 1e-6].max
      end
    end
  end
end
