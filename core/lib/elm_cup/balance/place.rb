# frozen_string_literal: true

module ElmCup
  module Balance
    # An Assessment::Part among those of a formula: its index among them, the share of it that is shaped to pieces, the share that is in
    # finished ones, coats and toppings too, and the index of the flavour's bowl that it is of (nil for what all share).
    Place = Value.of(:part, :at, :shaped, :in_piece, :bowl)
  end
end
