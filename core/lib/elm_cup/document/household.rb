# frozen_string_literal: true

module ElmCup
  module Document
    # The household's kitchen document ("kitchen/1", core/data/kitchen.schema.json).
    module Household
      VERSION = "kitchen/1"
      SCHEMA = JsonFaults.schema("kitchen.schema.json")
      WARMTH = Kitchen::WARMTH
      # What tins and liners can be made of.
      MATERIALS = {"tins" => "tin", "liners" => "liner"}.transform_values { |name|
        Schema::SCHEMA.value.dig("$defs", name, "properties", "material", "enum")
      }.freeze
      # Keys that formulas have too.
      SHARED = ["cup", "spoons", *Piece::Equipment::KINDS, Piece::Equipment::ONE, "hob", "melt", "oven", "hands", "asleep", "away"].freeze

      # nil, or InvalidDocument with every fault.
      def self.check(said)
        InvalidDocument.refuse("", :not_object, given: JsonFaults.name_of(said)) unless said.is_a?(Hash)
        Finite.check(said)
        faults = JsonFaults.of(SCHEMA, said, whole: "a kitchen")
        faults += doubled(said) + warm(said) if faults.empty?
        raise InvalidDocument.new(faults) if faults.any?
      end

      # What a formula's kitchen has of a checked one (Hash).
      def self.shared(said)
        places = said["places"] || []
        room = places.find { |place| place["kind"] == "room" }
        said.slice(*SHARED).merge(places.any? ? {"places" => places} : {}, room ? {WARMTH.fetch("room") => room["dial_c"]} : {})
      end

      # The document of a household that has said nothing.
      def self.usual
        usual = Kitchen::USUAL
        {"elm_cup" => VERSION, "revision" => 0, "cup" => usual["cup"], "spoons" => usual["spoons"],
         **Piece::Equipment::KINDS.to_h { |kind| [kind, Piece::Equipment.usual.fetch(kind)] },
         Piece::Equipment::ONE => Piece::Equipment.usual.fetch(Piece::Equipment::ONE).first,
         "places" => WARMTH.map { |kind, key| {"id" => kind, "kind" => kind, "dial_c" => usual[key]} }}
      end

      class << self
        private

        # Two of one id could not be told apart.
        def doubled(said)
          [*Piece::Equipment::KINDS, "places"].flat_map { |kind|
            ids = (said[kind] || []).map { |each| each["id"] }
            ids.tally.select { |_, count| count > 1 }.keys.map { |id| Fault.at("/#{kind}/#{ids.rindex(id)}/id", :tool_doubled, id: id) }
          }
        end

        # A place as warm as a formula takes it, by its dial and by a thermometer.
        def warm(said)
          limits = Schema::SCHEMA.value.dig("$defs", "kitchen", "properties")
          (said["places"] || []).each_with_index.flat_map { |place, at|
            key = limits.fetch(WARMTH.fetch(place["kind"]))
            %w[dial_c air_c].filter_map { |name|
              given = place[name]
              next if given.nil? || given.between?(key["minimum"], key["maximum"])

              Fault.at("/places/#{at}/#{name}", :place_too_warm, kind: place["kind"], given: given, least: key["minimum"],
                most: key["maximum"])
            }
          }
        end
      end
    end
  end
end
