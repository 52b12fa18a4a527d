# frozen_string_literal: true

module ElmCup
  module Proposal
    # Checks a cupboard document ("cupboard/1") before anything is made of it.
    module CupboardDocument
      SCHEMA = JsonFaults.schema("cupboard.schema.json")

      # nil, or InvalidDocument with every fault at its place. library: where its ingredients are found.
      def self.check(said, library)
        Document::Schema.refuse("", "A cupboard is a JSON object; this is #{JsonFaults.name_of(said)}") unless said.is_a?(Hash)
        Document::Finite.check(said)
        faults = JsonFaults.of(SCHEMA, said, whole: "a cupboard") { "Give one of piece_grams, scoop_ml and pieces" }
        faults = unknown(said, library) + wishes(said) if faults.empty?
        faults << fault("/have", "Tick at least one thing that there is") if faults.empty? && said["have"].empty? && (said["use_up"] || []).empty?
        raise InvalidDocument.new(faults) if faults.any?
      end

      def self.unknown(said, library)
        ids = said["have"].each_with_index.map { |each, at| [each["ingredient"], "/have/#{at}/ingredient"] } + (said["use_up"] || []).each_with_index.map { |id, at| [id, "/use_up/#{at}"] }
        ids.reject { |id, _| library[id] }.map { |id, pointer| fault(pointer, "No ingredient has the id “#{id}”") }
      end

      def self.wishes(said)
        (said["wishes"] || []).each_with_index.filter_map do |text, at|
          wish = Balance::Wish.read(text)
          message = wish_fault(wish, said)
          fault("/wishes/#{at}", "“#{text}”: #{message}") if message
        rescue Balance::WishReader::Unreadable => error
          fault("/wishes/#{at}", error.message)
        end
      end

      def self.wish_fault(wish, said)
        return "there is nothing to keep in a bowl that is not made yet" if wish.key == "lock"
        return "the texture is said by “want”" if wish.key == "texture"

        "say how large a piece is (shape)" if wish.figure? && said["shape"].nil? && (wish.row.of == "piece" || wish.key == "pieces")
      end

      def self.fault(pointer, message) = InvalidDocument::Fault.new(pointer: pointer, message: message)
      private_class_method :unknown, :wishes, :wish_fault, :fault
    end
  end
end
