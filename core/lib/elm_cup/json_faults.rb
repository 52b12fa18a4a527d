# frozen_string_literal: true

require "json"
require "json_schemer"

module ElmCup
  # What a JSON Schema finds wrong, said in a cook's words at its place.
  module JsonFaults
    MOST = 20
    TYPES = {"object" => "an object", "array" => "a list", "string" => "text", "number" => "a number", "integer" => "a whole number"}.freeze

    class << self
      # A JSONSchemer schema of core/data/`name`.
      def schema(name) = JSONSchemer.schema(parsed(name), ref_resolver: ->(uri) { parsed("#{uri.path.split("/")[1]}.schema.json") })

      # InvalidDocument::Faults of a parsed value, none where the schema takes it; at: pointer of the value in what was sent.
      # The block says, for a pointer, what a choice of several shapes means there; whole: what the value is.
      def of(schema, value, at = "", whole: "key")
        return [] if schema.valid?(value)

        found = schema.validate(value).first(MOST).map do |error|
          said = choice(error) { |pointer| yield(pointer) } || message(error, whole)
          InvalidDocument::Fault.new(pointer: "#{at}#{error["data_pointer"]}", message: said)
        end
        found.uniq
      end

      # The kind of a parsed value, in words.
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

      # A value as JSON, short.
      def shown(value)
        text = JSON.generate(value)
        (text.length > 40) ? "#{text[0, 37]}…" : text
      end

      private

      # "https://elm-cup.invalid/formula/1" is formula.schema.json.
      def parsed(name) = JSON.parse(File.read(File.join(DataTable::DIRECTORY, name)))

      def choice(error)
        yield(error["data_pointer"]) if error["schema_pointer"].include?("/oneOf") || error["type"] == "oneOf"
      end

      # The key that a JSON Pointer (RFC 6901) ends with.
      def last_key(pointer) = pointer.split("/").last.to_s.gsub("~1", "/").gsub("~0", "~")

      def message(error, whole)
        schema = error["schema"]
        data = error["data"]
        case error["type"]
        when "required" then "#{error.dig("details", "missing_keys").map { |key| "“#{key}”" }.join(" and ")} must be given"
        when "schema" then "The key “#{last_key(error["data_pointer"])}” is not one #{whole} has; take it out"
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
    end
  end
end
