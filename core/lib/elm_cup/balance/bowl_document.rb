# frozen_string_literal: true

module ElmCup
  module Balance
    # Checks a bowl document ("bowl/1").
    module BowlDocument
      SCHEMA = JsonFaults.schema("bowl.schema.json")

      # nil, or InvalidDocument with every fault at its place.
      def self.check(said)
        InvalidDocument.refuse("", :bowl_not_object, given: JsonFaults.name_of(said)) unless said.is_a?(Hash)
        Document::Finite.check(said)
        faults = JsonFaults.of(SCHEMA, said, whole: "a bowl") { :line_choice }
        raise InvalidDocument.new(faults) if faults.any?
      end
    end
  end
end
