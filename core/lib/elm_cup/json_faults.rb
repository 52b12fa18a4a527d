# frozen_string_literal: true

require "json"
require "json_schemer"

module ElmCup
  # What a JSON Schema finds wrong, as Faults at their places.
  module JsonFaults
    MOST = 20
    # JSON type => code of the fault where something else stands.
    TYPES = {"object" => :not_object, "array" => :not_list, "string" => :not_text, "number" => :not_number, "integer" => :not_whole}.freeze

    class << self
      # A JSONSchemer schema of core/data/`name`; part: a pointer into it.
      def schema(name, part: nil)
        others = ->(uri) { parsed("#{uri.path.split("/")[1]}.schema.json") }
        whole = JSONSchemer.schema(parsed(name), regexp_resolver: "ecma", ref_resolver: others)
        part ? whole.ref(part) : whole
      end

      # Faults of a parsed value, none where the schema takes it; at: pointer of the value in what was sent.
      # The block gives, for a pointer, the code of what a choice of several shapes means there; whole: what the value is, in words.
      def of(schema, value, at = "", whole: "key")
        return [] if schema.valid?(value)

        found = schema.validate(value).first(MOST).map do |error|
          pointer = "#{at}#{error["data_pointer"]}"
          choice?(error) ? Fault.at(pointer, yield(pointer)) : fault(error, pointer, whole)
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

      def choice?(error) = error["schema_pointer"].include?("/oneOf") || error["type"] == "oneOf"

      # The key that a JSON Pointer (RFC 6901) ends with.
      def last_key(pointer) = pointer.split("/").last.to_s.gsub("~1", "/").gsub("~0", "~")

      # What a list holds, in words: mostly the name of its key.
      def items(pointer) = last_key(pointer).then { |key| ITEMS.fetch(key, key) }

      ITEMS = {"journey" => "stretches"}.freeze

      def fault(error, pointer, whole)
        schema = error["schema"]
        data = error["data"]
        case error["type"]
        when "required" then Fault.at(pointer, :missing_keys,
          keys: error.dig("details", "missing_keys").map { |key| "“#{key}”" }.join(" and "))
        when "schema" then Fault.at(pointer, :unknown_key, key: last_key(error["data_pointer"]), whole: whole)
        when "const" then Fault.at(pointer, :not_this, given: shown(data), wanted: shown(schema["const"]))
        when "enum" then Fault.at(pointer, :not_one_of, given: shown(data), choices: schema["enum"].join(", "))
        when "maxLength" then Fault.at(pointer, :text_too_long, length: data.length, most: schema["maxLength"])
        when "minLength", "pattern" then text_fault(data, pointer)
        when "maxItems" then Fault.at(pointer, :list_too_long, count: data.size, items: items(error["data_pointer"]),
          most: schema["maxItems"])
        when "uniqueItems" then Fault.at(pointer, :list_doubled)
        when "minItems" then Fault.at(pointer, :list_empty)
        when "minimum" then Fault.at(pointer, :number_too_small, given: shown(data), least: schema["minimum"])
        when "exclusiveMinimum" then Fault.at(pointer, :no_amount, given: shown(data), more_than: schema["exclusiveMinimum"])
        when "maximum" then Fault.at(pointer, :number_too_large, given: shown(data), most: schema["maximum"])
        else Fault.at(pointer, TYPES.fetch(error["type"], :not_of_this_kind), given: name_of(data))
        end
      end

      def text_fault(text, pointer)
        return Fault.at(pointer, :text_empty) unless VisibleText.any?(text)
        return Fault.at(pointer, :text_of_one_line) unless VisibleText.one_line?(text)

        Fault.at(pointer, :text_unreadable, given: shown(text))
      end
    end
  end
end
