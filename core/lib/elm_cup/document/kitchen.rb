# frozen_string_literal: true

module ElmCup
  module Document
    # cup: CupStandard; spoons: texts; temperatures in Celsius; equipment: Piece::Equipment. What the document leaves out is the
    # household's,
    # and what that leaves out a usual kitchen.
    Kitchen = Value.of(:cup, :spoons, :freezer_c, :fridge_c, :room_c, :equipment) do
      self::USUAL = {"cup" => "us", "spoons" => Quantity::KitchenMeasures::SPOONS, "freezer_c" => -18, "fridge_c" => 4, "room_c" => 21}
        .freeze
      # Kitchens that were made lately, by what was said of them.
      self::KEPT = BoundedCache.new(100)

      # A Kitchen of a checked document's part and of the household's (Hashes).
      def self.from(part, household = {})
        self::KEPT.fetch([part, household]) { made(self::USUAL.merge(household).merge(part)) }
      end

      def self.made(said)
        new(cup: Quantity::CupStandard.find(said["cup"]), spoons: said["spoons"], freezer_c: said["freezer_c"].to_f,
          fridge_c: said["fridge_c"].to_f, room_c: said["room_c"].to_f, equipment: Piece::Equipment.new(said))
      end
      private_class_method :made

      # The measures that exist here.
      def measures = Quantity::KitchenMeasures.of(cup, spoons)

      # All that a bowl that is mixed here depends on.
      def mixing = [cup.id, spoons, room_c]
    end
  end
end
