# frozen_string_literal: true

module ElmCup
  module Coating
    # What a document says of the coat, or what is taken where it has a part to coat with and says nothing.
    #   kind       Kind                 component     name of the part that it is made of, nil where there is none
    #   coats      1 to 3               thickness_mm  where the cook says it
    #   bowl_c, centre_c  °C that were measured, nil where nobody did       school  "thinned" or "tempered", nil where nothing is said
    #   assumed    nobody said that it is coated so
    Coat = Value.of(:kind, :component, :coats, :thickness_mm, :bowl_c, :centre_c, :school, :assumed) do
      # The Coat of a checked Hash (nil where nothing is said), Document::Parts' components and the Piece::Shape; nil for none.
      def self.of(said, components, shape)
        return usual(components, shape) unless said
        return if said["kind"] == self::UNCOATED

        kind = Kind.all.fetch(said["kind"])
        new(kind: kind, component: said["component"] || part(components, kind)&.name, coats: said["coats"] || 1,
          thickness_mm: said["thickness_mm"]&.to_f, bowl_c: said["bowl_c"]&.to_f, centre_c: said["centre_c"]&.to_f,
          school: said["school"], assumed: false)
      end

      # The kind of a document that says: nothing goes on.
      self::UNCOATED = "none"
      # shape and type of part => Kind, of core/data/usual_coats.csv.
      self::USUAL = DataTable.rows("usual_coats").to_h { |row| [[row["shape"], row["type"]], row["kind"]] }.freeze
      self::TYPES = %w[coating topping].freeze

      # Where a part is there to coat with and nobody says how.
      def self.usual(components, shape)
        return unless shape

        self::TYPES.each do |type|
          part = components.find { |each| each.type.id == type } or next
          id = self::USUAL[[shape.id, type]] or next
          return new(kind: Kind.all.fetch(id), component: part.name, coats: 1, thickness_mm: nil, bowl_c: nil, centre_c: nil, school: nil,
            assumed: true)
        end
        nil
      end

      # The part that a kind is made of where none is named.
      def self.part(components, kind)
        types = kind.melted? ? self::TYPES : self::TYPES.reverse
        types.lazy.filter_map { |type| components.find { |each| each.type.id == type } }.first
      end
      private_class_method :usual, :part

      # What it leaves of the inside of a cup or a mould.
      def inset = kind.inset(self)
    end
  end
end
