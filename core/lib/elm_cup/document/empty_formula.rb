# frozen_string_literal: true

module ElmCup
  module Document
    # What a new formula starts from.
    module EmptyFormula
      NAME = "New formula"

      # A formula document (Hash): one part without a line, mixed by hand, to be shaped as usual.
      def self.document
        {"elm_cup" => Schema::VERSION, "name" => NAME,
         "components" => [{"name" => PartType.usual.id, "type" => PartType.usual.id, "process" => "hand", "lines" => []}],
         "shape" => Piece::Shape.usual.said}
      end
    end
  end
end
