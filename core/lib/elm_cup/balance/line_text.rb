# frozen_string_literal: true

module ElmCup
  module Balance
    # A line of a document with another amount, in words that read as the same thing.
    module LineText
      # What reading the words again may differ by, as a share of the grams.
      CLOSE = 0.02

      # The line's Hash for a document. said: its Hash now, {} for a new one; line: Ingredient::Line; amount: text such as "3 tbsp";
      # grams: exact, what it must come to; resolver: Ingredient::LineResolver.
      def self.call(said, line, amount, grams, resolver)
        return {"ingredient" => said["ingredient"], "grams" => number(grams)} unless said["text"]

        candidates(said, line, amount, grams)
          .find { |each| same?(resolver.resolve(each["text"], chosen: each["ingredient"]), line, grams) } ||
          {"ingredient" => line.entry.id, "grams" => number(grams)}
      end

      # Grams as a document has them.
      def self.number(grams)
        rounded = grams.to_f.round((grams < 20) ? 1 : 0)
        (rounded % 1).zero? ? rounded.to_i : rounded
      end

      class << self
        private

        def candidates(said, line, amount, grams)
          own = said.slice("ingredient")
          reading = Quantity::LineReader.read(said["text"])
          plain = [amount, ("packed" if reading.packed?), [reading.name, *reading.preparations].join(", ")].compact.join(" ")
          [Quantity::Restatement.call(said["text"], amount), plain, "#{amount} #{reading.name}", weighed(line, reading, grams)]
            .compact.uniq.flat_map do |text|
            [{"text" => text, **own}, {"text" => text, "ingredient" => line.entry.id}]
          end.uniq
        end

        # By weight, as it is before it is soaked or toasted, where no measure reads as the same thing.
        def weighed(line, reading, grams)
          "#{number(grams * line.base_grams / line.grams)} g #{[reading.name, *reading.preparations].join(", ")}"
        end

        def same?(read, line, grams)
          read.read? && read.entry == line.entry && read.form == line.form && read.melted == line.melted &&
            read.prepared.nil? == line.prepared.nil? &&
            (read.grams - grams).abs <= CLOSE * grams
        end
      end
    end
  end
end
