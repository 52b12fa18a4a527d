# frozen_string_literal: true

module ElmCup
  module Document
    # A formula document as values. Made by Formula.from, which refuses what cannot be taken.
    Formula = Value.of(:name, :components, :shape, :kitchen, splits: [], needs: [], muted: [], wishes: []) do
      # The Formula of a parsed document (Hash). InvalidDocument with every fault and its pointer.
      def self.from(document)
        Schema.check(document)
        new(name: document["name"], components: document["components"].map { |each| Component.from(each) },
          shape: document["shape"] && Shape.from(document["shape"]), kitchen: Kitchen.from(document["kitchen"] || {}),
          splits: (document["splits"] || []).map { |each| Split.from(each) }, needs: document["needs"] || [], muted: document["muted"] || [],
          wishes: (document["wishes"] || []).map { |text| Balance::Wish.read(text) })
      end
    end

    # One mixed part. `want` is the texture aimed at, nil where none was said.
    Component = Value.of(:name, :type, :process, :want, :lines, takes: []) do
      # A Component of a checked document, with the defaults of the product: a dough, mixed by hand.
      def self.from(part)
        new(name: part["name"], type: part["type"] || "dough", process: part["process"] || "hand", want: part["want"],
          lines: Line.all(part["lines"]), takes: (part["takes"] || []).map { |each| Take.from(each) })
      end
    end

    # text, or ingredient and grams, or text and ingredient.
    Line = Value.of(:text, :ingredient, :grams) do
      # Lines of a checked list.
      def self.all(parts) = parts.map { |line| new(text: line["text"], ingredient: line["ingredient"], grams: line["grams"]) }
    end

    # What a component takes of another: a share of it (0 to 1, exact), or grams, or a measure such as "1/4 cup".
    Take = Value.of(:component, share: nil, grams: nil, text: nil) do
      # A Take of a checked document.
      def self.from(part)
        share, grams = part.values_at("share", "grams").map { |number| number && Rational(number.to_s) }
        new(component: part["component"], share: share, grams: grams, text: part["text"])
      end
    end

    # A flavour: a share of a finished component that gets pieces of its own folded in and a topping strewn on. `component` is
    # the name of the base, nil for the leading one (Leading); lines and topping are nil where the document has no list.
    Split = Value.of(:name, :share, component: nil, lines: nil, topping: nil) do
      # A Split of a checked document.
      def self.from(part)
        lines, topping = part.values_at("lines", "topping").map { |list| list && Line.all(list) }
        new(name: part["name"], share: Rational(part["share"].to_s), component: part["component"], lines: lines, topping: topping)
      end
    end

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
