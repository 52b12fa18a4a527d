# frozen_string_literal: true

module ElmCup
  module Document
    # The lines of an assessed formula as a table: one row a line, with what it was read as and weighs.
    module LinesCsv
      COLUMNS = %w[component type line ingredient name form grams grams_low grams_high share confidence allergens].freeze

      # CSV text. `answer` is an assessment.
      def self.call(answer)
        rows = answer["components"].flat_map { |part| part["lines"].map { |line| row(part, line) } } +
          (answer["splits"] || []).flat_map { |split| (split["lines"] + split["topping"]).map { |line| row(split.merge("type" => "flavour"), line) } }
        SafeCsv.write([COLUMNS, *rows])
      end

      def self.row(part, line)
        [*part.values_at("name", "type"), line["text"], *line.values_at(*COLUMNS[3..-2]), (line["allergens"] || []).join("|")]
      end
      private_class_method :row
    end
  end
end
