# frozen_string_literal: true

module ElmCup
  module Exchange
    # The lines of an assessed formula as a table: one row a line, with what it was read as and weighs.
    module LinesCsv
      COLUMNS = %w[component type line ingredient name form grams grams_low grams_high share confidence allergens].freeze
      FLAVOUR = "flavour"

      # CSV text of an Assessment.
      def self.call(assessment)
        components = assessment.components.flat_map { |part| rows(part, part.type.id) }
        flavours = assessment.flavours.flat_map { |flavour| rows(flavour.folded, FLAVOUR) + rows(flavour.topping, FLAVOUR, mixed: false) }
        SafeCsv.write([COLUMNS, *components, *flavours])
      end

      class << self
        private

        # mixed: nothing of what is only strewn on meets in a bowl.
        def rows(part, type, mixed: true)
          part.lines.each_with_index.map { |line, at|
            [part.name, type, line.label, *(line.read? ? figures(part, line, (part.portion(at) if mixed)) : waiting(line))]
          }
        end

        def figures(part, line, portion)
          share = part.bowl.grams.positive? ? (line.grams / part.bowl.grams).to_f.round(4) : 0.0
          [line.entry.id, line.entry.name, line.form_in(portion),
            *[line.grams, line.grams_low, line.grams_high].map { |grams| grams.to_f.round(2) },
            share, line.confidence.round(2), line.entry.allergens.join("|")]
        end

        def waiting(line) = [nil, nil, nil, line.grams&.to_f&.round(2), nil, nil, nil, line.confidence.to_f.round(2), ""]
      end
    end
  end
end
