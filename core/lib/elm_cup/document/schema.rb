# frozen_string_literal: true

module ElmCup
  module Document
    # Checks a parsed document against its JSON Schema and what a schema cannot say, and says every fault.
    module Schema
      FORMULA = "formula.schema.json"
      SCHEMA = JsonFaults.schema(FORMULA)
      VERSION = "formula/1"
      # Keys that a formula document has.
      KEYS = SCHEMA.value.fetch("properties").keys.freeze
      # pointer => code of what a choice of several shapes means there
      TAKE = %r{/takes/\d+\z}

      # nil, or InvalidDocument.
      def self.check(document)
        InvalidDocument.refuse("", :formula_not_object, given: JsonFaults.name_of(document)) unless document.is_a?(Hash)
        Finite.check(document)
        early = version_faults(document) + NotBuilt.faults(document, KEYS)
        raise InvalidDocument.new(early) if early.any?

        faults = schema_faults(document)
        faults = Links.faults(document) + CheckList.faults(document) + too_many(document) if faults.empty?
        raise InvalidDocument.new(faults) if faults.any?
      end

      COMPONENT = JsonFaults.schema(FORMULA, part: "#/$defs/component")
      # Components that were found good lately: of a document that is edited most are.
      GOOD = BoundedCache.new(400)
      # Stands for components that are known to be good.
      STUB = [{"name" => "good", "lines" => []}].freeze

      # Every component is good, and so is all the rest.
      def self.good?(document)
        components = document["components"]
        components.is_a?(Array) && components.any? && components.size <= MOST_COMPONENTS &&
          components.all? { |each| GOOD.fetch(each) { COMPONENT.valid?(each) } } &&
          SCHEMA.valid?(document.except("shape").merge("components" => STUB))
      end

      MOST_COMPONENTS = SCHEMA.value.dig("properties", "components", "maxItems")

      # A shape is held to its own kind's schema, so that nothing is said of the kinds that it is not.
      def self.schema_faults(document)
        found = if good?(document)
          []
        else
          JsonFaults.of(SCHEMA, document.except("shape"),
            whole: "a formula") { |pointer| TAKE.match?(pointer) ? :take_choice : :line_choice }
        end
        found + (document.key?("shape") ? Piece::Shape.faults(document["shape"], "/shape") : [])
      end

      MOST_LINES = 1_200

      def self.too_many(document)
        count = Parts.new(document).lines.size
        (count > MOST_LINES) ? [Fault.at("/components", :too_many_lines, count: count, most: MOST_LINES)] : []
      end

      def self.version_faults(document)
        return [] if document["elm_cup"] == VERSION
        return [Fault.at("/elm_cup", :version_missing, version: VERSION)] unless document.key?("elm_cup")

        [Fault.at("/elm_cup", :version_other, given: JsonFaults.shown(document["elm_cup"]), version: VERSION)]
      end
      private_class_method :good?, :schema_faults, :too_many, :version_faults
    end
  end
end
