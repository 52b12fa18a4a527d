# frozen_string_literal: true

module ElmCup
  module Balance
    # Why wishes cannot be had together: those of which none can be spared, and what each would have to give.
    class Clash
      # wishes: a least set that cannot be had; relaxed: Price::Relaxations of them, against everything else that is wished; certain: every
      # step of it was proved in the time.
      Found = Value.of(:wishes, :relaxed, certain: true)
      MOST = 3

      # question: Question whose wishes cannot all be had.
      def initialize(question)
        @question = question
      end

      # Founds, of which no two share a wish, at most MOST; none where the wishes can be had.
      def all
        found = []
        left = @question.wishes
        while found.size < MOST && @question.possible?(left) == false
          least = least_of(left)
          found << least
          left -= least
        end
        found.map { |wishes| Found.new(wishes: wishes, relaxed: prices(wishes), certain: !@question.pace.over?) }
      end

      private

      # A deletion filter: what can be left out and the rest still cannot be had, is left out. The last go first: what nobody said
      # stands behind what was said.
      def least_of(wishes)
        wishes.reverse.reduce(wishes) { |kept, wish| (kept.size > 1 && @question.possible?(kept - [wish]) == false) ? kept - [wish] : kept }
      end

      # Against all other wishes where that can be had, else against those of the clash alone.
      def prices(wishes)
        wishes.filter_map do |wish|
          Price.new(@question, wish, @question.wishes - [wish]).relaxed ||
            Price.new(@question, wish, wishes - [wish]).relaxed&.with(enough: false)
        end
      end
    end
  end
end
