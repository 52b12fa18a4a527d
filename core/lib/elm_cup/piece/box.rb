# frozen_string_literal: true

module ElmCup
  module Piece
    # A bar: a body with square corners. Millimetres.
    Box = Value.of(:length_mm, :width_mm, :height_mm) do
      def volume_mm3 = length_mm * width_mm * height_mm

      # All six faces, the underside too.
      def surface_mm2 = 2 * (length_mm * width_mm + (length_mm + width_mm) * height_mm)

      # The face that is seen from above.
      def top_mm2 = length_mm * width_mm

      # The body `mm` thicker on every side.
      def grown(mm) = with(length_mm: length_mm + 2 * mm, width_mm: width_mm + 2 * mm, height_mm: height_mm + 2 * mm)

      # Formula, inputs and labels of its volume in mL.
      def why
        {formula: "length * width * height / 1000", inputs: {"length" => length_mm, "width" => width_mm, "height" => height_mm},
         labels: {"length" => "mm", "width" => "mm", "height" => "mm"}}
      end

      # What it is drawn as.
      def form = "bar"

      # [length, width, height]
      def mm = [length_mm, width_mm, height_mm]
    end
  end
end
