# frozen_string_literal: true

module ElmCup
  module Piece
    # A ball, or an egg drawn out along one axis. Millimetres.
    Spheroid = Value.of(:diameter_mm, :length_mm) do
      # A ball of so many millilitres, or a body `longer` times as long as it is thick. d = (6 V / pi / longer)^(1/3).
      def self.of_millilitres(millilitres, longer: 1.0)
        across = 10 * Math.cbrt(6 * millilitres / Math::PI / longer)
        new(diameter_mm: across, length_mm: across * longer)
      end

      def volume_mm3 = Math::PI / 6 * diameter_mm**2 * length_mm

      # Source: the surface of a prolate spheroid, 2 pi a^2 (1 + c / (a e) asin e) with e^2 = 1 - a^2 / c^2.
      def surface_mm2
        short, long = [diameter_mm, length_mm].map { |each| each / 2 }
        return 4 * Math::PI * short**2 if long - short < short * 1e-9

        e = Math.sqrt(1 - short**2 / long**2)
        2 * Math::PI * short**2 * (1 + long / (short * e) * Math.asin(e))
      end

      # What is seen from above, lying on its side.
      def top_mm2 = Math::PI / 4 * diameter_mm * length_mm

      # The body `mm` thicker on every side.
      def grown(mm) = with(diameter_mm: diameter_mm + 2 * mm, length_mm: length_mm + 2 * mm)

      # Formula, inputs and labels of its volume in mL.
      def why
        {formula: "pi / 6 * across * across * long / 1000", inputs: {"pi" => Math::PI, "across" => diameter_mm, "long" => length_mm},
         labels: {"across" => "mm across", "long" => "mm long"}}
      end

      # What it is drawn as.
      def form = "ball"

      # [length, width, height]
      def mm = [length_mm, diameter_mm, diameter_mm]
    end
  end
end
