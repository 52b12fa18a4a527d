# frozen_string_literal: true

module ElmCup
  module Piece
    # A tin by its inner measures. Millimetres.
    #   sides_mm   [one side, the other], or [diameter] of a round one
    #   depth_mm   how deep it is, nil where nobody says
    Tin = Value.of(:sides_mm, depth_mm: nil) do
      def round? = sides_mm.size == 1

      # Of its floor.
      def area_mm2 = round? ? Math::PI / 4 * sides_mm.first**2 : sides_mm.inject(:*)

      # "20 × 30 cm tin", "20 cm round tin"
      def words = round? ? "#{cm(sides_mm.first)} cm round tin" : "#{sides_mm.map { |side| cm(side) }.join(" × ")} cm tin"

      # The tin without `mm` all around.
      def trimmed(mm) = with(sides_mm: sides_mm.map { |side| side - 2 * mm })

      private

      def cm(millimetres) = Quantity::FractionText.decimal(Rational((millimetres / 10.0).round(1).to_s))
    end
  end
end
