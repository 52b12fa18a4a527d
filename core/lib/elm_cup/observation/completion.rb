# frozen_string_literal: true

module ElmCup
  module Observation
    # What the data of an event says once the core has read it: additions get their ingredient, and grams where none were weighed; text that
    # cannot be read is kept as it was typed.
    module Completion
      # data: Hash of an event of a kind; document: Hash of what is made, whose kitchen says what a cup is.
      def self.call(kind, data, document, library)
        return data unless kind == "addition"

        standard = Quantity::CupStandard.find(document.dig("kitchen", "cup") || "us")
        line = Ingredient::LineResolver.new(process: "hand", standard: standard, library: library)
          .resolve(data["text"], chosen: data["ingredient"])
        return data unless line.read?

        {"grams" => line.grams.to_f.round(2)}.merge(data, {"ingredient" => line.entry.id, "form" => line.form}.compact)
      end
    end
  end
end
