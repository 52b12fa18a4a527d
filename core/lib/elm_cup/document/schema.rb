# frozen_string_literal: true

require "json"
require "json_schemer"

module ElmCup
  module Document
    # Checks a parsed document against its JSON Schema and says every fault in a cook's words.
    module Schema
      FILE = File.join(DataTable::DIRECTORY, "formula.schema.json")
      SCHEMA = JSONSchemer.schema(JSON.parse(File.read(FILE)))
      MOST_FAULTS = 20

      # nil, or InvalidDocument.
      def self.check(document)
        refuse("", "A formula document is a JSON object; this is #{name_of(document)}") unless document.is_a?(Hash)
        Finite.check(document)
        early = version_faults(document) + NotBuilt.faults(document)
        raise InvalidDocument.new(early) if early.any?
        faults = SCHEMA.valid?(document) ? Links.faults(document) : SCHEMA.validate(document).first(MOST_FAULTS).map { |error| fault(error) }.uniq
        raise InvalidDocument.new(faults) if faults.any?
      end

      # InvalidDocument with one fault.
      def self.refuse(pointer, message) = raise(InvalidDocument.new([InvalidDocument::Fault.new(pointer: pointer, message: message)]))

      class << self
        private

        def version_faults(document)
          return [] if document["elm_cup"] == "formula/1"

          said = document.key?("elm_cup") ? "says #{shown(document["elm_cup"])}" : "has no “elm_cup” key"
          [InvalidDocument::Fault.new(pointer: "/elm_cup", message: "This document #{said}; “elm_cup” must be \"formula/1\"")]
        end

        def fault(error)
          InvalidDocument::Fault.new(pointer: error["data_pointer"], message: message(error))
        end

        # The key that a JSON Pointer (RFC 6901) ends with.
        def last_key(pointer) = pointer.split("/").last.gsub("~1", "/").gsub("~0", "~")

        def message(error)
          schema = error["schema"]
          data = error["data"]
          return one_of(error["data_pointer"]) if error["schema_pointer"].include?("/oneOf") || error["type"] == "oneOf"

          case error["type"]
          when "required" then "#{error.dig("details", "missing_keys").map { |key| "“#{key}”" }.join(" and ")} must be given"
          when "schema" then "The key “#{last_key(error["data_pointer"])}” is not one a formula has; take it out"
          when "const" then "#{shown(data)} is not possible here; it must be #{shown(schema["const"])}"
          when "enum" then "#{shown(data)} is not possible here; it must be one of #{schema["enum"].join(", ")}"
          when "maxLength" then "This is #{data.length} characters long; #{schema["maxLength"]} is the most"
          when "minLength", "pattern" then data.strip.empty? ? "This is empty; write something" : "#{shown(data)} cannot be read here"
          when "maxItems" then "#{data.size} #{last_key(error["data_pointer"])} are too many; #{schema["maxItems"]} is the most"
          when "uniqueItems" then "One of these stands twice; keep it once"
          when "minItems" then "At least one is needed here"
          when "minimum" then "#{shown(data)} is too little; #{schema["minimum"]} is the least"
          when "exclusiveMinimum" then "#{shown(data)} is not an amount; it must be more than #{schema["exclusiveMinimum"]}"
          when "maximum" then "#{shown(data)} is too much; #{schema["maximum"]} is the most"
          else "This must be #{TYPES.fetch(error["type"], error["type"])}, not #{name_of(data)}"
          end
        end

        def one_of(pointer)
          return "Give one of piece_grams, scoop_ml and pieces" if pointer.end_with?("/shape")

          pointer.match?(%r{/takes/\d+\z}) ? "Say one of share (0 to 1), grams and text (a measure)" : "A line has text, or ingredient and grams, or text and ingredient"
        end

        def shown(value)
          text = JSON.generate(value)
          (text.length > 40) ? "#{text[0, 37]}…" : text
        end

        def name_of(value)
          case value
          when Hash then "an object"
          when Array then "a list"
          when String then "text"
          when Numeric then "a number"
          when nil then "null"
          else "true or false"
          end
        end
      end

      TYPES = {"object" => "an object", "array" => "a list", "string" => "text", "number" => "a number", "integer" => "a whole number"}.freeze
    end
  end
end
