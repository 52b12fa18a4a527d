# frozen_string_literal: true

module ElmCup
  module SecondLook
    # A no-stir nut butter has hard fat and often sugar in it: it flows less and sets firmer. Common practice.
    module NoStirButter
      ID = "no-stir-butter"
      NATURAL = {"peanut-butter-no-stir" => ["natural peanut butter", "peanut-butter"]}.freeze

      # Findings about a Table; empty where there is nothing to say.
      def self.look(table)
        table.read_lines.select { |line, _| line.entry.no_stir }.map do |line, index|
          words, id = NATURAL.fetch(line.entry.like) { |like| [table.library[like].name.downcase, like] }
          message = "#{line.entry.name} flows less and sets firmer than one of only nuts: warm it well, or take a natural one."
          other = LineRemedy.instead(table, index, "#{LineRemedy.grams_text(line.grams)} #{words}", id)
          Finding.mended_by(rule: ID, component: table.name, message: message, **other)
        end
      end
    end
  end
end
