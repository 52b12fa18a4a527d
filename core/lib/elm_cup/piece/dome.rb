# frozen_string_literal: true

module ElmCup
  module Piece
    # Half a ball lying on its flat side, as it comes out of a mould. Millimetres.
    Dome = Value.of(:radius_mm) do
      # A dome of so many millilitres.
      def self.of_millilitres(millilitres) = new(radius_mm: 10 * Math.cbrt(3 * millilitres / 2 / Math::PI))

      def volume_mm3 = 2 * Math::PI / 3 * radius_mm**3

      # The round side and the flat one.
      def surface_mm2 = 3 * Math::PI * radius_mm**2

      # What is seen from above.
      def top_mm2 = Math::PI * radius_mm**2

      # The body `mm` thicker on the round side, and on the flat one as a disc.
      def grown(mm) = Dome::Grown.new(inner: self, thicker_mm: mm)

      # Formula, inputs and labels of its volume in mL.
      def why
        {formula: "2 * pi / 3 * radius * radius * radius / 1000", inputs: {"pi" => Math::PI, "radius" => radius_mm}, labels: {"radius" => "mm"}}
      end

      # What it is drawn as.
      def form = "dome"

      # [length, width, height]
      def mm = [2 * radius_mm, 2 * radius_mm, radius_mm]
    end
    # A Dome with a layer around it: the flat side stays flat.
    Dome::Grown = Value.of(:inner, :thicker_mm) do
      def volume_mm3
        radius = inner.radius_mm + thicker_mm
        Math::PI * (2 * radius**3 / 3 + radius**2 * thicker_mm)
      end
    end
  end
end
