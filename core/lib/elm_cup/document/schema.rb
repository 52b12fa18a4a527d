# frozen_string_literal: true

module ElmCup
  module Document
    # Checks a parsed document against its JSON Schema and what a schema cannot say, and says every fault.
    module Schema
      FORMULA = "formula.schema.json"
      SCHEMA = JsonFaults.schema(FORMULA)
      VERSION = "formula/1"
      # pointer => code of what a choice of several shapes means there
      TAKE = %r{/takes/\d+\z}

      # nil, or InvalidDocument.
      def self.check(document)
        check_form(document)
        faults = Links.faults(document) + CheckList.faults(document) + too_many(document)
        raise InvalidDocument.new(faults) if faults.any?
      end

      # nil, or InvalidDocument: whether each thing in it is of the right kind, whatever they say of each other.
      def self.check_form(document)
        InvalidDocument.refuse("", :formula_not_object, given: JsonFaults.name_of(document)) unless document.is_a?(Hash)
        Finite.check(document)
        early = version_faults(document)
        raise InvalidDocument.new(early) if early.any?

        faults = schema_faults(document)
        raise InvalidDocument.new(faults) if faults.any?
      end

      COMPONENT = JsonFaults.schema(FORMULA, part: "#/$defs/component")
      # Components, and documents but for theirs, that were found good lately: what is edited or scaled mostly was.
      GOOD = BoundedCache.new(400)
      # Stands for components that are known to be good; for a line that has nothing but words; for a name.
      STUB = [{"name" => "good", "lines" => []}].freeze
      WORDS = {"text" => "words"}.freeze
      # Key of a line => how long its text may be.
      TEXTS = %w[text ingredient].to_h { |key|
        [key, SCHEMA.value.dig("$defs", "line", "properties", key).then { |said| said["minLength"]..said["maxLength"] }]
      }.freeze

      # Every component is good, and so is all the rest.
      def self.good?(document)
        components = document["components"]
        components.is_a?(Array) && components.any? && components.size <= MOST_COMPONENTS &&
          components.all? { |each| wordless(each).then { |said| GOOD.fetch(said) { COMPONENT.valid?(said) } } } &&
          document.except("shape").merge("components" => STUB).then { |rest| GOOD.fetch(rest) { SCHEMA.valid?(rest) } }
      end

      # The component with the same words in every line that has nothing but words and a name: the schema asks only how long they are.
      def self.wordless(component)
        return component unless component.is_a?(Hash) && component["lines"].is_a?(Array)

        component.merge("lines" => component["lines"].map { |line| words?(line) ? WORDS : line })
      end

      def self.words?(line)
        line.is_a?(Hash) && line.key?("text") &&
          line.all? { |key, said| TEXTS.key?(key) && said.is_a?(String) && TEXTS[key].cover?(said.length) }
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
      private_class_method :good?, :wordless, :words?, :schema_faults, :too_many, :version_faults
    end
  end
end
