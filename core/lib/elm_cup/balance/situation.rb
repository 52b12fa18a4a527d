# frozen_string_literal: true

module ElmCup
  module Balance
    # A bowl as a Problem sees it.
    #   amounts  Amounts that stand in it     candidates  Amounts that may come in     parts  Parts
    #   leading  index of the Part that stands for all
    #   pieces   Pieces, nil without a shape  met
    #   text of each wish that holds already => its figure now, a texture number or a Float
    #   shares   ingredient id => the most of everything that it may be
    #   times    how many times as large the batch was made before anything moves, exact; 1 where its size is left
    Situation = Value.of(:amounts, :candidates, :parts, :leading, :pieces, met: {}, shares: {}, times: 1r) do
      # Amounts, then candidates.
      def all = amounts + candidates

      # The index of the part that `wish` is said of; nil where there is none of that name.
      def part_of(wish) = wish.part ? parts.index { |part| part.name == wish.part } : leading

      # The same in which `wishes` hold already.
      def with_met(wishes)
        rows = Rows.new(self)
        grams = all.map(&:grams)
        with(met: wishes.to_h { |wish| [wish.text, wish.in_sums(self, rows, grams)] })
      end
    end
  end
end
