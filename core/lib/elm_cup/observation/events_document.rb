# frozen_string_literal: true

module ElmCup
  module Observation
    # Checks what devices say of a batch, whole, before any of it is kept.
    module EventsDocument
      NAME = "batch.schema.json"
      SCHEMA = JsonFaults.schema(NAME)
      DATA = EventKind::ALL.values.select(&:said).to_h { |kind| [kind.name, JsonFaults.schema(NAME, part: "#/$defs/#{kind.name}")] }.freeze
      # The same of what is stored, where the server adds to what was said.
      KEPT = DATA.merge(%w[weighed addition].to_h { |kind| [kind, JsonFaults.schema(NAME, part: "#/$defs/kept_#{kind}")] }).freeze

      LOOKED = "looked"
      # What a look can say.
      SEEN = %w[texture mark said].freeze

      # nil, or InvalidDocument with every fault at its place. said: a parsed batch document ("batch/1").
      def self.check(said)
        InvalidDocument.refuse("", :batch_not_object, given: JsonFaults.name_of(said)) unless said.is_a?(Hash)
        Document::Finite.check(said)
        faults = JsonFaults.of(SCHEMA, said, whole: "a batch") { :not_of_this_kind }
        faults = said["events"].each_with_index.flat_map { |event, at| event_faults(event, "/events/#{at}") } if faults.empty?
        raise InvalidDocument.new(faults) if faults.any?
      end

      # nil, or InvalidDocument: whether events (Hashes) that were kept once, by this version or another, can be read: their kinds, what
      # they say, their times. What the server itself said is not looked into.
      def self.check_kept(events)
        faults = events.each_with_index.flat_map { |event, at| kept_faults(event, "/events/#{at}") }
        raise InvalidDocument.new(faults) if faults.any?
      end

      # The Time of ISO 8601 text; InvalidDocument at `pointer` where it is none.
      def self.time(text, pointer) = read_time(text) || raise(InvalidDocument.new([unreadable_time(text, pointer)]))

      def self.event_faults(event, pointer, schemas = DATA)
        found = JsonFaults.of(schemas.fetch(event["kind"]), event["data"], "#{pointer}/data", whole: "“#{event["kind"]}”") {
          :not_of_this_kind
        }
        found += look_faults(event["data"], "#{pointer}/data") if event["kind"] == LOOKED && found.empty?
        found + (read_time(event["at"]) ? [] : [unreadable_time(event["at"], "#{pointer}/at")])
      end

      # One thing was seen.
      def self.look_faults(data, pointer)
        said = data.keys & SEEN
        if said.size == 1
          []
        else
          [Fault.at(pointer, said.empty? ? :look_of_nothing : :look_of_several, said: said.join(" and "))]
        end
      end

      def self.kept_faults(event, pointer)
        return event_faults(event, pointer, KEPT) if KEPT.key?(event["kind"])
        return [] if EventKind.known?(event["kind"])

        [Fault.at("#{pointer}/kind", :event_of_another_version, kind: event["kind"])]
      end

      def self.read_time(text)
        Time.iso8601(text)
      rescue ArgumentError
        nil
      end

      def self.unreadable_time(text, pointer) = Fault.at(pointer, :text_unreadable, given: JsonFaults.shown(text))
      private_class_method :event_faults, :look_faults, :kept_faults, :read_time, :unreadable_time
    end
  end
end
