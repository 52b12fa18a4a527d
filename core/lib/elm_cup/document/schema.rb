# frozen_string_literal: true

module ElmCup
  module Document
    # Checks a parsed document against its JSON Schema and says every fault in a cook's words.
    module Schema
      SCHEMA = JsonFaults.schema("formula.schema.json")
      # pointer => what a choice of several shapes means there
      CHOICES = {%r{/shape\z} => "Give one of piece_grams, scoop_ml and pieces", %r{/takes/\d+\z} => "Say one of share (0 to 1), grams and text (a measure)"}.freeze
      LINE = "A line has text, or ingredient and grams, or text and ingredient"

      # nil, or InvalidDocument.
      def self.check(document)
        refuse("", "A formula document is a JSON object; this is #{JsonFaults.name_of(document)}") unless document.is_a?(Hash)
        Finite.check(document)
        early = version_faults(document) + NotBuilt.faults(document)
        raise InvalidDocument.new(early) if early.any?

        faults = JsonFaults.of(SCHEMA, document, whole: "a formula") { |pointer| CHOICES.find { |pattern, _| pattern.match?(pointer) }&.last || LINE }
        faults = Links.faults(document) if faults.empty?
        raise InvalidDocument.new(faults) if faults.any?
      end

      # InvalidDocument with one fault.
      def self.refuse(pointer, message) = raise(InvalidDocument.new([InvalidDocument::Fault.new(pointer: pointer, message: message)]))

      def self.version_faults(document)
        return [] if document["elm_cup"] == "formula/1"

        said = document.key?("elm_cup") ? "says #{JsonFaults.shown(document["elm_cup"])}" : "has no “elm_cup” key"
        [InvalidDocument::Fault.new(pointer: "/elm_cup", message: "This document #{said}; “elm_cup” must be \"formula/1\"")]
      end
      private_class_method :version_faults
    end
  end
end
