# frozen_string_literal: true

module ElmCup
  module SecondLook
    # Patches that a remedy is made of.
    module LineRemedy
      # Adds a line at the end of the component.
      def self.add(table, text, ingredient)
        [*table.opening, {"op" => "add", "path" => "#{table.lines_at}/-", "value" => {"text" => text, "ingredient" => ingredient}}]
      end

      # Puts another line in the place of line `index`.
      def self.replace(table, index, value)
        [{"op" => "replace", "path" => "#{table.lines_at}/#{index}", "value" => value}]
      end

      # The remedy that takes `words` in the place of line `index`: the members of a Finding that say so.
      def self.instead(table, index, words, ingredient)
        {remedy_text: "Use #{words} instead", patch: replace(table, index, {"text" => words, "ingredient" => ingredient})}
      end

      # Findings of the rule `id`: `message`, and other words in its place, for every line whose Entry the block takes.
      # other: [the name to write, its ingredient id].
      def self.cautions(whole, id, message, other)
        whole.places.select { |_, line, _| yield line.entry }.map do |table, line, index|
          Finding.mended_by(rule: id, component: table.name, message: message,
            **instead(table, index, "#{grams_text(line.grams)} #{other.first}", other.last))
        end
      end

      # Says no more of it in this formula.
      def self.mute(whole, rule)
        muted = whole.assessment.formula.muted
        [{"op" => "add", "path" => "/muted", "value" => [*muted, rule]}]
      end

      # Takes line `index` out.
      def self.remove(table, index) = [{"op" => "remove", "path" => "#{table.lines_at}/#{index}"}]

      # "120 g soft dates": a line that was given by id and weight, in words.
      def self.weighed_text(line) = "#{grams_text(line.grams)} #{line.entry.name.downcase}"

      # "12.5 g": grams as a cook would weigh them.
      def self.grams_text(grams) = "#{grams.to_f.round((grams < 10) ? 1 : 0).to_s.delete_suffix(".0")} g"
    end
  end
end
