# frozen_string_literal: true

module ElmCup
  module Piece
    # A body with an upright wall on a foot of any outline: a disc, a slice, a wedge of a round tin. Millimetres.
    #   area_mm2, perimeter_mm   of the foot       across_mm  [length, width] that it needs
    Prism = Value.of(:area_mm2, :perimeter_mm, :height_mm, :across_mm) do
      # A disc.
      def self.disc(diameter_mm, height_mm)
        new(area_mm2: Math::PI / 4 * diameter_mm**2, perimeter_mm: Math::PI * diameter_mm, height_mm: height_mm,
          across_mm: [diameter_mm, diameter_mm])
      end

      def volume_mm3 = area_mm2 * height_mm

      # Foot, top and wall.
      def surface_mm2 = 2 * area_mm2 + perimeter_mm * height_mm

      # The face that is seen from above.
      def top_mm2 = area_mm2

      # The body `mm` thicker on every side; its corners are rounded. Source: Steiner's formula for the outline of a convex foot.
      def grown(mm)
        with(area_mm2: area_mm2 + perimeter_mm * mm + Math::PI * mm**2, perimeter_mm: perimeter_mm + 2 * Math::PI * mm,
          height_mm: height_mm + 2 * mm, across_mm: across_mm.map { |each| each + 2 * mm })
      end

      # Formula, inputs and labels of its volume in mL.
      def why
        {formula: "foot * height / 1000", inputs: {"foot" => area_mm2, "height" => height_mm},
         labels: {"foot" => "mm² of its foot", "height" => "mm"}}
      end

      # What it is drawn as.
      def form = "disc"

      # [length, width, height]
      def mm = [*across_mm, height_mm]
    end
  end
end
