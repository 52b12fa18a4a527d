# frozen_string_literal: true

module ElmCup
  module Cold
    # A body that heat passes through in one direction: layers of a slab from the foot up, or rings and shells from the middle outwards.
    #   form     "slab", "cylinder" or "sphere"
    #   layers   StackLayers
    #   tin_j_m2_k   heat that a square metre of a tin under it holds, nil without one
    Stack = Value.of(:form, :layers, tin_j_m2_k: nil) do
      # Power of the radius that the area grows with.
      self::POWERS = {"slab" => 0, "cylinder" => 1, "sphere" => 2}.freeze

      def power = self.class::POWERS.fetch(form)

      def slab? = form == "slab"

      # Millimetres: a slab's depth, else the radius.
      def thick_mm = layers.sum(&:mm)
    end
    # One layer: millimetres, HeatTable; °C of it at the start.
    Stack::Layer = Value.of(:mm, :heat, :start_c)
  end
end
