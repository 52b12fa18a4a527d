# frozen_string_literal: true

module ElmCup
  module Document
    # A formula document as values. Made by Formula.from, which refuses what cannot be taken.
    Formula = Value.of(:name, :components, :shape, :kitchen) do
      # The Formula of a parsed document (Hash). InvalidDocument with every fault and its pointer.
      def self.from(document)
        Schema.check(document)
        new(name: document["name"], components: document["components"].map { |each| Component.from(each) },
          shape: document["shape"] && Shape.from(document["shape"]), kitchen: Kitchen.from(document["kitchen"] || {}))
      end
    end

    # One mixed part. `want` is the texture aimed at, nil where none was said.
    Component = Value.of(:name, :type, :process, :want, :lines) do
      # A Component of a checked document, with the defaults of the product: a dough, mixed by hand.
      def self.from(part)
        new(name: part["name"], type: part["type"] || "dough", process: part["process"] || "hand", want: part["want"],
          lines: part["lines"].map { |line| Line.new(text: line["text"], ingredient: line["ingredient"], grams: line["grams"]) })
      end
    end

    # text, or ingredient and grams, or text and ingredient.
    Line = Value.of(:text, :ingredient, :grams)

    # kind "ball" with one of piece_grams, scoop_ml, pieces.
    Shape = Value.of(:kind, :piece_grams, :scoop_ml, :pieces) do
      # A Shape of a checked document.
      def self.from(part)
        new(kind: part["kind"], piece_grams: part["piece_grams"]&.to_f, scoop_ml: part["scoop_ml"]&.to_f, pieces: part["pieces"])
      end
    end

    # cup: CupStandard; spoons: texts; temperatures in Celsius. What the document leaves out is a usual kitchen.
    Kitchen = Value.of(:cup, :spoons, :freezer_c, :fridge_c, :room_c) do
      self::USUAL = {"cup" => "us", "spoons" => Quantity::KitchenMeasures::SPOONS, "freezer_c" => -18, "fridge_c" => 4, "room_c" => 21}.freeze

      # A Kitchen of a checked document.
      def self.from(part)
        said = self::USUAL.merge(part)
        new(cup: Quantity::CupStandard.find(said["cup"]), spoons: said["spoons"],
          freezer_c: said["freezer_c"].to_f, fridge_c: said["fridge_c"].to_f, room_c: said["room_c"].to_f)
      end

      # The measures that exist here.
      def measures = Quantity::KitchenMeasures.new(standard: cup, spoons: spoons)
    end
  end
end
