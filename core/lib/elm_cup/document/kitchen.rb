# frozen_string_literal: true

module ElmCup
  module Document
    # cup: CupStandard; spoons: texts; temperatures in Celsius. What the document leaves out is a usual kitchen.
    Kitchen = Value.of(:cup, :spoons, :freezer_c, :fridge_c, :room_c) do
      self::USUAL = {"cup" => "us", "spoons" => Quantity::KitchenMeasures::SPOONS, "freezer_c" => -18, "fridge_c" => 4, "room_c" => 21}
        .freeze

      # A Kitchen of a checked document.
      def self.from(part)
        said = self::USUAL.merge(part)
        new(cup: Quantity::CupStandard.find(said["cup"]), spoons: said["spoons"],
          freezer_c: said["freezer_c"].to_f, fridge_c: said["fridge_c"].to_f, room_c: said["room_c"].to_f)
      end

      # The measures that exist here.
      def measures = Quantity::KitchenMeasures.of(cup, spoons)
    end
  end
end
