# frozen_string_literal: true

module ElmCup
  module Document
    # A formula document as values. Made by Formula.from, which refuses what cannot be taken.
    #   parts  Parts     shape  Piece::Shape, nil where none is said     kitchen  Kitchen     wishes  texts
    Formula = Value.of(:name, :parts, :shape, :kitchen, needs: [], muted: [], wishes: []) do
      # The Formula of a parsed document (Hash). InvalidDocument with every fault and its pointer.
      def self.from(document)
        Schema.check(document)
        new(name: document["name"], parts: Parts.new(document), shape: document["shape"] && Piece::Shape.from(document["shape"]),
          kitchen: Kitchen.from(document["kitchen"] || {}), needs: document["needs"] || [], muted: document["muted"] || [],
          wishes: document["wishes"] || [])
      end

      def components = parts.components

      def splits = parts.splits

      # The texture a Part is aimed at: what it says, else what its type or the shape is usually aimed at; nil for what is not judged.
      def want(part)
        part.want || (part.type.want || shape&.want || self.class::USUAL_WANT if part.type.judged?)
      end

      # Where neither the part nor a shape says.
      self::USUAL_WANT = "rolls"
    end
  end
end
