# frozen_string_literal: true

module ElmCup
  module Piece
    # Millimetres inside a cup or a mould that a shell takes up before the filling goes in.
    Inset = Value.of(:bottom_mm, :wall_mm, :top_mm) do
      # The two that a filling stands between.
      def heights_mm = bottom_mm + top_mm
    end
    Inset::NONE = Inset.new(bottom_mm: 0.0, wall_mm: 0.0, top_mm: 0.0)
  end
end
