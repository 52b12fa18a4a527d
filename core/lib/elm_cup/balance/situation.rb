# frozen_string_literal: true

module ElmCup
  module Balance
    # A part whose texture can be wished for: `number` is its texture number now, nil where it has none.
    Part = Value.of(:name, :type, :number, judged: true) do
      # The class it is in now, nil for none.
      def texture = number && Binding::Texture.at(number)
    end

    # How pieces are counted: kind :grams of one, :scoop of so many mL, or :count of them all; shares: what each bowl that is rolled for itself,
    # a flavour or what stays plain, gets of all that they share.
    Pieces = Value.of(:kind, :size, shares: [1.0]) do
      # Bowls are rolled for themselves, and what is left of each is no piece.
      def apart? = kind != :count && shares.size > 1

      # Pieces that are lost so, about.
      def lost = apart? ? (shares.size - 1) / 2.0 : 0.0
    end

    # A bowl as a Problem sees it.
    #   amounts  Amounts that stand in it     candidates  Amounts that may come in     parts  Parts     leading  index of the Part that stands for all
    #   pieces   Pieces, nil without a shape  met         text of each wish that holds already => its figure now, a texture number or a Float
    #   shares   ingredient id => the most of everything that it may be
    #   times    how many times as large the batch was made before anything moves, exact; 1 where its size is left
    Situation = Value.of(:amounts, :candidates, :parts, :leading, :pieces, met: {}, shares: {}, times: 1r) do
      # The index of the part that `wish` is said of; nil where there is none of that name.
      def part_of(wish) = wish.part ? parts.index { |part| part.name == wish.part } : leading

      # The same in which `wishes` hold already.
      def with_met(wishes)
        rows = Rows.new(self)
        grams = (amounts + candidates).map(&:grams)
        with(met: wishes.to_h { |wish| [wish.text, now(wish, rows, grams)] })
      end

      private

      def now(wish, rows, grams)
        return parts[part_of(wish)].number if wish.key == "texture"
        return rows.net_carbohydrate.at(grams) if wish.value == Mixture::Diets::LOW

        rows.ratio(wish)&.at(grams) if wish.figure?
      end
    end
  end
end
