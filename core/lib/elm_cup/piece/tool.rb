# frozen_string_literal: true

module ElmCup
  module Piece
    # A thing in the kitchen that pieces are shaped with or stand on. Inner measures, in mm and mL; what a kind has none of is nil.
    #   kind  "tins", "moulds", "liners", "scoops", "trays" or "processor"
    #   mm    [one side, the other], or [diameter] of what is round
    #   ml    of a cavity, a scoop, a processor's bowl      cavities  of a mould
    Tool = Value.of(:kind, :id, :name, mm: nil, depth_mm: nil, ml: nil, cavities: nil, material: nil) do
      # The Tool of a list of a kitchen (Hash of a checked document).
      def self.from(kind, said)
        name = said["name"] || said["id"]
        new(kind: kind, id: said["id"] || kind, name: name || kind, mm: said["mm"] || said["diameter_mm"]&.then { |mm| [mm] },
          depth_mm: said["depth_mm"], ml: said["cavity_ml"] || said["ml"] || said["bowl_ml"], cavities: said["cavities"],
          material: said["material"])
      end

      # The Tin of a tin or a tray.
      def tin = Tin.new(sides_mm: mm, depth_mm: depth_mm)
    end
  end
end
