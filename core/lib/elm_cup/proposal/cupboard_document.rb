# frozen_string_literal: true

module ElmCup
  module Proposal
    # Checks a cupboard document ("cupboard/1") before anything is made of it.
    module CupboardDocument
      SCHEMA = JsonFaults.schema("cupboard.schema.json")

      # The Balance::Wishes of it, as they are kept or in a cook's words; InvalidDocument with every fault at its place. library: where its
      # ingredients are found.
      def self.wishes(said, library)
        Document::Schema.refuse("", "A cupboard is a JSON object; this is #{JsonFaults.name_of(said)}") unless said.is_a?(Hash)
        Document::Finite.check(said)
        faults = JsonFaults.of(SCHEMA, said, whole: "a cupboard") { "Give one of piece_grams, scoop_ml and pieces" }
        read, faults = wishes_and_faults(said, library) if faults.empty?
        faults += unknown(said, library) if read
        faults << fault("/have", "Tick at least one thing that there is") if faults.empty? && said["have"].empty? && (said["use_up"] || []).empty?
        faults.any? ? raise(InvalidDocument.new(faults)) : read
      end

      def self.unknown(said, library)
        ids = said["have"].each_with_index.map { |each, at| [each["ingredient"], "/have/#{at}/ingredient"] } + (said["use_up"] || []).each_with_index.map { |id, at| [id, "/use_up/#{at}"] }
        ids.reject { |id, _| library[id] }.map { |id, pointer| fault(pointer, "No ingredient has the id “#{id}”") }
      end

      def self.wishes_and_faults(said, library)
        WishDesk.without_bowl(library).gather(said["wishes"] || []) { |wish, text| wish_fault(wish, said, library)&.then { |message| "“#{text}”: #{message}" } }
      end

      def self.wish_fault(wish, said, library)
        return "there is only one part; take “#{wish.part}.” out" if wish.part
        return Asked.unknown_name(wish, library) if wish.key == "without"
        return "there is nothing to keep in a bowl that is not made yet" if wish.key == "lock"
        return "the texture is said by “want”" if wish.key == "texture"

        "say how large a piece is (shape)" if wish.figure? && said["shape"].nil? && (wish.row.of == "piece" || wish.key == "pieces")
      end

      def self.fault(pointer, message) = InvalidDocument::Fault.new(pointer: pointer, message: message)
      private_class_method :unknown, :wishes_and_faults, :wish_fault, :fault
    end
  end
end
