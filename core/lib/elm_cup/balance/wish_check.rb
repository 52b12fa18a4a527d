# frozen_string_literal: true

module ElmCup
  module Balance
    # Wishes of a formula that can be asked for, or what is wrong with them.
    class WishCheck
      # open: OpenFormula.
      def initialize(open)
        @assessment = open.assessment
        @library = open.library
      end

      # nil, or InvalidDocument: ids of what there is that the pantry does not know.
      def self.check_have(have, library)
        faults = (have || []).reject { |id| library[id] }.map { |id| Fault.at("/have", :no_such_ingredient, id: id.to_s.scrub[0, 60]) }
        raise InvalidDocument.new(faults) if faults.any?
      end

      # The wishes of the texts. InvalidDocument with every fault at its place.
      def wishes(texts)
        InvalidDocument.refuse("/wishes", :nothing_wished) if texts.empty?
        read, faults = WishDesk.new(@assessment, @library).gather(texts) { |wish| wish.unknown_name(@library) || waits(wish) }
        faults.any? ? raise(InvalidDocument.new(faults)) : read
      end

      private

      def waits(wish)
        waits = wish.waits(@assessment) or return
        Fault.at("", :wish_waits, text: wish.text, message: "#{waits.message[0].downcase}#{waits.message[1..]}")
      end
    end
  end
end
