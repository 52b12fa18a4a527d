# frozen_string_literal: true

module ElmCup
  module Door
    # An Exchange::Import as a Hash ("import/1"): the formula document it makes, and what each line was read as.
    module ImportWriter
      KEYS = %w[text status ingredient name form grams confidence candidates message from to].freeze

      def self.call(import)
        {"elm_cup" => "import/1", "kind" => import.kind, "formula" => import.document, "lines" => lines(import.assessment),
         "notes" => import.notes}
      end

      class << self
        private

        def lines(assessment) = assessment.parts.flat_map { |part| part.lines.each_with_index.map { |line, at| line(part, line, at) } }

        def line(part, line, at)
          {
            "component" => part.name, "pointer" => "#{part.lines_at}/#{at}",
            **LineWriter.call(line, nil, 0.0, part.measures, part.library).slice(*KEYS),
            "note" => [line.message, *line.assumptions, *line.notes].compact.join("; ")
          }
        end
      end
    end
  end
end
