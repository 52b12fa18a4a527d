# frozen_string_literal: true

module ElmCup
  module Exchange
    # A recipe from elsewhere becomes a formula document, with the reading of every line to be looked over before it is taken.
    #   kind  "text", "json-ld" or "formula"     document  the formula document (Hash)     assessment  of it
    #   remarks  what was not understood or taken for granted, in words
    Import = Value.of(:kind, :document, :assessment, :remarks) do
      # The Import of bytes. InvalidDocument for what is too large, no text, or holds no ingredient.
      def self.of(bytes, library:)
        kind, result = ImportReader.new(library).read(bytes)
        new(kind: kind, document: result.document, assessment: Assessment.of(result.document, library: library), remarks: result.remarks)
      end

      # Steps of its method, then what was not understood.
      def notes = (document["notes"] || []) + remarks
    end
  end
end
