# frozen_string_literal: true

module ElmCup
  module Piece
    # What one component brings to the pieces: its name, the id of its type, grams, and the millilitres it takes up with its air.
    Layer = Value.of(:component, :type, :grams, :millilitres) do
      # The same with `factor` times as much.
      def times(factor) = with(grams: grams * factor, millilitres: millilitres * factor)

      # g/mL.
      def density = grams / millilitres
    end
  end
end
