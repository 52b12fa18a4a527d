# frozen_string_literal: true

module ElmCup
  module Balance
    # A part whose texture can be wished for: `number` is its texture number now, nil where it has none.
    Part = Value.of(:name, :type, :number, judged: true) do
      # The class it is in now, nil for none.
      def texture = number && Binding::Texture.at(number)
    end
  end
end
