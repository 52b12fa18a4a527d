# frozen_string_literal: true

module ElmCup
  module Method
    # Steps as they are put down, one after the other.
    class Sheet
      attr_reader :steps

      def initialize
        @steps = []
      end

      # Puts down a step of a Row; its id. id: what tells it from others of its row; facts: what its words are made with; count: what its
      # minutes go by; more: with what tempering takes.
      def add(row, after:, id: nil, count: 1, more: false, facts: {}, **rest)
        row = Row.all.fetch(row)
        put(Step.new(id: [row.step, id].compact.join("-"), step: row.step, text: said(row.words, facts),
          hands: row.hands(count, more: more), out: row.out.to_i, wait: row.wait, uses: row.uses,
          right_when: row.right_when && said(row.right_when, facts),
          after: after.compact.freeze).with(**rest))
      end

      # Puts down a Step; its id.
      def put(step)
        @steps << step
        step.id
      end

      # The Step of an id.
      def step(id) = @steps.find { |step| step.id == id }

      # Another Step in the place of the one of an id: what the block gives for it.
      def change(id)
        at = @steps.index { |step| step.id == id }
        @steps[at] = yield @steps[at]
      end

      private

      def said(words, facts) = format(words, Hash.new("").merge(facts)).squeeze(" ").strip
    end
  end
end
