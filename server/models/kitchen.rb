# frozen_string_literal: true

module ElmCupServer
  # The household's kitchen: one row, none while nothing was ever said of it.
  class Kitchen < Record
    ONLY = 1
    # Someone else kept another since it was read; `now` is that.
    class Stale < StandardError
      attr_reader :now, :mine

      def initialize(now, mine)
        @now = now
        @mine = mine
        super("The kitchen was changed elsewhere since")
      end
    end

    # The document that is kept (Hash), with its revision; the usual one, revision 0, where there is none or this version cannot read it.
    def self.document
      row = find_by(id: ONLY) or return ElmCup.usual_kitchen
      said = JSON.parse(row.document).merge("revision" => row.revision)
      ElmCup.check_kitchen(said)
      said
    rescue ElmCup::Error, JSON::ParserError
      ElmCup.usual_kitchen.merge("revision" => row.revision)
    end

    # What formulas take of it (Hash).
    def self.shared = ElmCup.kitchen_of(document)

    # Keeps a document (Hash) that goes on from its revision; the document as it is kept. InvalidDocument where it is none, Stale where
    # another came in between.
    def self.keep(said)
      ElmCup.check_kitchen(said)
      transaction do
        now = find_by(id: ONLY)
        raise Stale.new(document, said) unless said["revision"].to_i == (now&.revision || 0)

        kept = {revision: said["revision"].to_i + 1, document: JSON.generate(said.except("revision"))}
        now ? now.update!(kept) : create!(id: ONLY, **kept)
      end
      document
    end
  end
end
