# frozen_string_literal: true

module ElmCup
  module Balance
    # One amount that a Problem may move.
    #   id         what the asker knows it by         part  index of the Part it stands in
    #   role       :line of the bowl, :helper that may come in, :instead of a line that must go
    #   entry      Ingredient::Entry                  heated  its text says heat, so that it is not raw
    #   steps      Steps, nil where it cannot move    most_up  steps up, where that is not what the Steps say
    #   per_gram   figure => Float: "kcal", "cost", "volume" …   shaped  share of it that is shaped to pieces
    #   in_piece   share of it that is in finished pieces, as dough or as coat
    #   binding    part index => Rows::PARTS of a gram, of what comes into that part
    #   fixed_grams  of a line that cannot move        cap_grams  all that there is of its ingredient, nil for enough
    #   senses     other Entries that the words of the line may mean
    #   come_cost  what its coming in costs, of a helper or a stand-in
    #   instead_of  the id of the line that an :instead stands in for
    #   bowl       index of the bowl of Pieces that alone it goes into, nil for all that share
    Amount = Value.of(:id, :part, :role, :entry, :steps, :per_gram, :binding, shaped: 1.0, in_piece: 1.0, heated: false, most_up: nil,
      fixed_grams: nil,
      cap_grams: nil, instead_of: nil, name: nil, bowl: nil, come_cost: 0.0, senses: []) do
      # It stands in the bowl now.
      def line? = role == :line

      # A wish does not let it stay, whatever its words mean.
      def forbidden_by?(wish) = [entry, *senses].any? { |each| wish.forbids?(each, heated: heated) }

      # Grams of it in the bowl now.
      def grams = line? ? (fixed_grams || steps.grams.to_f) : 0.0

      # Most steps down and up; none where it cannot move.
      def range
        return [0, 0] unless steps && !fixed_grams
        return [0, most_up] unless steps.start.positive?

        down, up = steps.range(Amount::LEAST, Amount::MOST)
        [down, [up, most_up || 0].max]
      end

      # What a line may come to, in shares of what it is.
      self::LEAST = Rational(1, 2)
      self::MOST = 2
    end
  end
end
