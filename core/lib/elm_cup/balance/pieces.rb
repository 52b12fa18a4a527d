# frozen_string_literal: true

module ElmCup
  module Balance
    # How pieces are counted. shape: Piece::Shape; shares: what each bowl that is shaped for itself, a flavour or what stays plain, gets
    # of all that they share.
    Pieces = Value.of(:shape, shares: [1.0]) do
      # The number that the shape fixes; nil where it fixes the size of one.
      def fixed_count = shape.fixed_count

      # Bowls are shaped for themselves, and what is left of each is no piece.
      def apart? = fixed_count.nil? && shares.size > 1

      # Pieces that are lost so, about.
      def lost = apart? ? (shares.size - 1) / 2.0 : 0.0

      # The same with another number that is fixed.
      def with_count(count) = with(shape: shape.with_count(count))
    end
  end
end
