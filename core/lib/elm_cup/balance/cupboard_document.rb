# frozen_string_literal: true

module ElmCup
  module Balance
    # Checks a cupboard document ("cupboard/1") before anything is made of it.
    module CupboardDocument
      SCHEMA = JsonFaults.schema("cupboard.schema.json")

      # The wishes of it, as they are kept or in a cook's words; InvalidDocument with every fault at its place. library: where its
      # ingredients are found.
      def self.wishes(said, library)
        InvalidDocument.refuse("", :cupboard_not_object, given: JsonFaults.name_of(said)) unless said.is_a?(Hash)
        Document::Finite.check(said)
        faults = schema_faults(said)
        read, faults = wishes_and_faults(said, library) if faults.empty?
        faults += unknown(said, library) if read
        faults << Fault.at("/have", :cupboard_empty) if faults.empty? && said["have"].empty? && (said["use_up"] || []).empty?
        faults.any? ? raise(InvalidDocument.new(faults)) : read
      end

      class << self
        private

        def schema_faults(said)
          whole = "a cupboard"
          JsonFaults.of(SCHEMA, said.except("shape"), whole: whole) { :line_choice } +
            (said.key?("shape") ? Piece::Shape.faults(said["shape"], "/shape", whole: whole) : [])
        end

        def unknown(said, library)
          have = said["have"].each_with_index.map { |each, at| [each["ingredient"], "/have/#{at}/ingredient"] }
          use_up = (said["use_up"] || []).each_with_index.map { |id, at| [id, "/use_up/#{at}"] }
          (have + use_up).reject { |id, _| library[id] }.map { |id, pointer| Fault.at(pointer, :no_such_ingredient, id: id) }
        end

        def wishes_and_faults(said, library)
          WishDesk.without_bowl(library).gather(said["wishes"] || []) { |wish, text| fault(wish, text, said, library) }
        end

        # What cannot be wished of a bowl that is not made yet; nil for nothing.
        def fault(wish, text, said, library)
          return Fault.at("", :cupboard_one_part, text: text, part: wish.part) if wish.part
          return Fault.at("", :cupboard_no_lock, text: text) if wish.lock?
          return Fault.at("", :cupboard_texture, text: text) if wish.texture?
          return Fault.at("", :cupboard_piece_size, text: text) if wish.needs_shape? && said["shape"].nil?

          wish.unknown_name(library)&.then { |unknown| Fault.at("", :wish_waits, text: text, message: unknown.message) }
        end
      end
    end
  end
end
