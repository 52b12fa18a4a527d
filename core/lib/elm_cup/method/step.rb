# frozen_string_literal: true

module ElmCup
  module Method
    # One step of a formula's method.
    #   id          the same as long as the formula asks for it      step  id of its Row, "own" for what a cook added
    #   component   name of the part it is of, nil for the whole      text  what is done
    #   after       ids of the steps that it comes after
    #   hands       Hands, none where nobody need be there      out  minutes of taking it out after its wait
    #   wait        Wait behind it, nil for none      uses  resources while it is done
    #   right_when  how one knows that it is right, nil where nothing tells      said  lines of the recipe's own method that tell of it
    #   source      "model", "practice" or "cook"
    #   turns       minutes of each set where it is done in several, empty otherwise      trays  how many it lies on
    #   per_tray    it is done tray by tray where they do not all have room      lines  pointers of what goes in then
    #   edited      names of what a cook set otherwise      drafted  what the draft says of those, by name      dropped
    #   asked       the formula asks for it: false of what a cook added, and of what the formula no longer wants
    Step = Value.of(:id, :step, :text, :hands, component: nil, after: [].freeze, out: 0, wait: nil, uses: [].freeze, right_when: nil,
      source: "practice", said: [].freeze, turns: [].freeze, trays: 1, per_tray: false, lines: [].freeze, edited: [].freeze,
      drafted: {}.freeze, dropped: false, asked: true) do
      self::HIDDEN = %i[per_tray lines].freeze
      self::OWN = "own"

      # A hand is needed for it.
      def hands_on? = !hands.none?

      # The same with one more thing done in the same go, in its last set.
      def and_then(more)
        with(hands: hands + more, turns: turns.empty? ? turns : [*turns[0...-1], turns.last + more.minutes])
      end

      # All hands-on minutes.
      def hands_minutes = hands.minutes + out

      def own? = step == self.class::OWN
    end
  end
end
