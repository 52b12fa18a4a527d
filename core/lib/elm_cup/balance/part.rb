# frozen_string_literal: true

module ElmCup
  module Balance
    # A part whose texture can be wished for: `number` is its texture number now, nil where it has none; watery: there is
    # water or milk in it.
    Part = Value.of(:name, :type, :number, judged: true, watery: false) do
      # The class it is in now, nil for none.
      def texture = number && Binding::Texture.at(number)
    end
  end
end
