# frozen_string_literal: true

module ElmCup
  module SecondLook
    # Melted chocolate poured on a frozen dessert melts it, or cracks on it. Common practice.
    module CoatOnFrozen
      ID = "coat-on-frozen"
      FROZEN = /\b(?:ice cream|frozen dessert|frozen yog(?:h)?urt|sorbet|gelato|nice cream)\b/i

      # Findings about a Whole; empty where there is nothing to say.
      def self.look(whole)
        need = whole.assessment.coat.need
        return [] unless need&.used&.melted?

        table, line = whole.places.find { |each, line, _| each.eaten_as_dough? && line.label.match?(FROZEN) }
        return [] unless table

        [Finding.mended_by(rule: ID, component: table.name, remedy_text: "Coat nothing",
          message: "A warm coat on “#{line.label}” melts it and cracks. Freeze it hard, let the coat cool to hand-warm, and work with a few at a time; or leave the coat out.",
          patch: [{"op" => "add", "path" => "/coat", "value" => {"kind" => Coating::Coat::UNCOATED}}])]
      end
    end
  end
end
