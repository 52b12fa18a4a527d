# frozen_string_literal: true

module ElmCup
  module Exchange
    # The words by which parts of a written recipe are known: rows of recipe_words.csv.
    module RecipeWords
      ROWS = DataTable.rows("recipe_words").to_h { |row| [row["kind"], row["words"]] }.freeze
      # What a heading opens, when it is nothing else than these words, "for the" aside.
      SECTIONS = %w[ingredients method notes skip same].to_h { |kind| [kind.to_sym, /\A(?:the\s+)?(?:#{ROWS[kind]})\b[^[:alnum:]]*\z/i] }
        .freeze
      # The type of a component by the words of its heading, first match first.
      TYPES = %w[coating topping base filling layer dough].to_h { |kind| [kind, /\b(?:#{ROWS[kind]})\b/i] }.freeze
      # Times, ratings and buttons of a page.
      META = /\A(?:(?:#{ROWS["meta"]})\b|(?:\d+x\s*)+\z|\d(?:\.\d)? (?:from|stars?|out of)\b)/i
      VERB = /\A(?:#{ROWS["verb"]})\b(?!-)/i
      MACHINE = /\b(?:#{ROWS["machine"]})\b/i

      # The section a heading opens, nil for a component's.
      def self.section(heading)
        return opened_by(heading) unless heading.match?(/[\/|]/)

        heading.split(/\s*[\/|]\s*/).each { |words| opened_by(words)&.then { |section| return section } }
        nil
      end

      def self.opened_by(words) = SECTIONS.find { |_, pattern| pattern.match?(words) }&.first
      private_class_method :opened_by

      # The type of the component that a heading names; a dough where it says nothing else.
      def self.type(heading) = TYPES.find { |_, pattern| pattern.match?(heading) }&.first || "dough"

      # It names a kind of component.
      def self.part?(heading) = TYPES.any? { |_, pattern| pattern.match?(heading) }
    end
  end
end
