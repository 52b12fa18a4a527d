# frozen_string_literal: true

module ElmCup
  module Piece
    # How heat leaves what chills: in one direction, through layers from the foot up or from the heart outwards.
    #   form    "slab", "cylinder" or "sphere"     layers  Depths: [component, mm], radii of what is round
    #   tin     it stands in its tin
    HeatPath = Value.of(:form, :layers, tin: false) do
      # What lies flat and wide: all its height counts.
      def self.flat(layers, tin: false)
        new(form: "slab", layers: layers.map { |layer| HeatPath::Depth.new(component: layer.component, mm: layer.mm) }, tin: tin)
      end

      # What stands apart and is small: as deep a slab as has the same surface for its volume.
      def self.apart(layers, body) = flat(layers).scaled(2 * body.volume_mm3 / body.surface_mm2)

      # What is round: layers from the heart outwards, the first given by its diameter. A ball with the same surface for its volume.
      def self.round(layers, body) = rings("sphere", layers).scaled(3 * body.volume_mm3 / body.surface_mm2)

      # A roll, before it is cut.
      def self.roll(layers) = rings("cylinder", layers)

      def self.rings(form, layers)
        radii = layers.each_with_index.map { |layer, at|
          HeatPath::Depth.new(component: layer.component, mm: at.zero? ? layer.mm / 2 : layer.mm)
        }
        new(form: form, layers: radii)
      end
      private_class_method :rings

      # Millimetres through all layers.
      def mm = layers.sum(&:mm)

      # The same path so many millimetres long.
      def scaled(millimetres)
        times = millimetres / mm
        with(layers: layers.map { |layer| layer.with(mm: layer.mm * times) })
      end
    end
    HeatPath::Depth = Value.of(:component, :mm)
  end
end
