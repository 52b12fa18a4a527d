# frozen_string_literal: true

module ElmCup
  module Document
    # cup: CupStandard; spoons: texts; room_c: °C; places: Cold::Place by kind; equipment: Piece::Equipment; means: Means. What the document
    # leaves out is the household's, and what that leaves out a usual kitchen.
    Kitchen = Value.of(:cup, :spoons, :room_c, :places, :equipment, :means) do
      self::USUAL = {"cup" => "us", "spoons" => Quantity::KitchenMeasures::SPOONS, "freezer_c" => -18, "fridge_c" => 4, "room_c" => 21}
        .freeze
      # Kind of a place => the key of a formula's kitchen that says how warm it is there.
      self::WARMTH = {"room" => "room_c", "fridge" => "fridge_c", "freezer" => "freezer_c"}.freeze
      # Kitchens that were made lately, by what was said of them.
      self::KEPT = BoundedCache.new(100)

      # A Kitchen of a checked document's part and of the household's (Hashes).
      def self.from(part, household = {})
        self::KEPT.fetch([part, household]) { made(self::USUAL.merge(household).merge(part), part, household) }
      end

      def self.made(said, part, household)
        new(cup: Quantity::CupStandard.find(said["cup"]), spoons: said["spoons"], room_c: said["room_c"].to_f,
          places: self::WARMTH.to_h { |kind, key| [kind, place(kind, key, part, household)] }.freeze, equipment: Piece::Equipment.new(said),
          means: Means.from(household))
      end

      # A temperature of the document is the air's; the first place of its kind in the household keeps how its air moves.
      def self.place(kind, key, part, household)
        kept = (household["places"] || []).find { |each| each["kind"] == kind }
        known = kept ? Cold::Place.from(kept) : Cold::Place.new(kind: kind, celsius: (household[key] || self::USUAL[key]).to_f)
        part[key] ? known.with(celsius: part[key].to_f, assumed: nil) : known
      end
      private_class_method :made, :place

      # The Cold::Place of a kind, "freezer", "fridge" or "room".
      def place(kind) = places.fetch(kind)

      # The measures that exist here.
      def measures = Quantity::KitchenMeasures.of(cup, spoons)

      # All that a bowl that is mixed here depends on.
      def mixing = [cup.id, spoons, room_c]
    end
  end
end
