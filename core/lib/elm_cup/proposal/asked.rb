# frozen_string_literal: true

module ElmCup
  module Proposal
    # Wishes of a formula that can be asked for, or what is wrong with them.
    class Asked
      def initialize(opened)
        @opened = opened
        @wished = opened.wished
        @library = opened.library
      end

      # nil, or InvalidDocument: ids of what there is that the pantry does not know.
      def self.check_have(have, library)
        faults = (have || []).reject { |id| library[id] }.map { |id| InvalidDocument::Fault.new(pointer: "/have", message: "No ingredient has the id “#{id.to_s.scrub[0, 60]}”") }
        raise InvalidDocument.new(faults) if faults.any?
      end

      # What is wrong with what a lock or a without names; nil for nothing.
      def self.unknown_name(wish, library)
        "“#{wish.value}” is neither an ingredient nor an allergen" unless library[wish.value] || Mixture::Allergens::ALL.include?(wish.value)
      end

      # Balance::Wishes of the texts. InvalidDocument with every fault at its place.
      def wishes(texts)
        refuse([fault("/wishes", "Say what you want, such as texture=rolls or kcal<=90")]) if texts.empty?
        read, faults = WishDesk.new(@opened.answer, @wished, @library).gather(texts) { |wish| message(wish) }
        faults.any? ? refuse(faults) : read
      end

      private

      def refuse(faults) = raise(InvalidDocument.new(faults))

      def fault(pointer, message) = InvalidDocument::Fault.new(pointer: pointer, message: message)

      def message(wish)
        return Asked.unknown_name(wish, @library) if %w[lock without].include?(wish.key)
        return if wish.key == "diet" || (wish.figure? && wish.row.of == "batch" && wish.key == "grams")

        message = @wished.to_h(wish)["message"] and "“#{wish.text}”: #{message[0].downcase}#{message[1..]}"
      end
    end
  end
end
