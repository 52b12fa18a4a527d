# frozen_string_literal: true

module ElmCup
  module Document
    # A formula document as values. Made by Formula.from, which refuses what cannot be taken.
    #   parts  Parts     shape  Piece::Shape, nil where none is said     coat  Coating::Coat, nil for none     kitchen  Kitchen
    #   journey  [minutes, °C] of each stretch that the pieces go through
    #   lives  where the pieces will live: "room", "fridge" or "freezer"     wishes  texts
    #   notes  texts of the recipe's own method      steps  Hashes of what the cook set otherwise in the steps
    Formula = Value.of(:name, :parts, :shape, :kitchen, coat: nil, lives: nil, journey: [].freeze, needs: [], muted: [], wishes: [],
      notes: [].freeze, steps: [].freeze) do
      # The Formula of a parsed document (Hash). InvalidDocument with every fault and its pointer. household: what is so in the kitchen
      # where the document says nothing of it (Hash).
      def self.from(document, household: {})
        Schema.check(document)
        parts = Parts.new(document)
        shape = document["shape"] && Piece::Shape.from(document["shape"])
        new(name: document["name"], parts: parts, shape: shape, coat: Coating::Coat.of(document["coat"], parts.components, shape),
          lives: document["lives"] || self::LIVES, journey: (document["journey"] || []).map { |each| each.values_at("minutes", "celsius") },
          kitchen: Kitchen.from(document["kitchen"] || {}, household), needs: document["needs"] || [],
          muted: document["muted"] || [], wishes: document["wishes"] || [], notes: document["notes"] || [], steps: document["steps"] || [])
      end

      # Where pieces live where nothing is said.
      self::LIVES = "fridge"

      def components = parts.components

      def splits = parts.splits

      # The texture a Part is aimed at: what it says, else what its type or the shape is usually aimed at; nil for what is not judged.
      def want(part)
        part.want || (Want.of(part.type.id, shape&.id) if part.type.judged?)
      end
    end
  end
end
