# frozen_string_literal: true

module ElmCup
  module Balance
    # An Assessment::Part among those of a formula: its index among them, the share of it that is shaped to pieces, the index of the
    # flavour's bowl that it is of (nil for what all share).
    Place = Value.of(:part, :at, :in_piece, :bowl)
  end
end
