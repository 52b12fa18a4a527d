# frozen_string_literal: true

module ElmCup
  module SecondLook
    # Unsalted nut or seed butter and no salt anywhere: the mix tastes flat. Common practice.
    module NoSalt
      ID = "no-salt"
      BUTTERS = ["nut butter", "seed butter"].freeze
      # g of salt in 100 g: under it a butter counts as unsalted, and the whole mix as without salt.
      UNSALTED = 0.3
      WITHOUT = 0.1
      WANTED = 0.3

      # Findings about a Table; empty where there is nothing to say.
      def self.look(table)
        return [] unless table.eaten_as_dough? && table.bowl.complete?

        butter = table.bowl.lines.find { |line| BUTTERS.include?(line.entry.family) && line.entry.composition.salt < UNSALTED }
        return [] if butter.nil? || table.bowl.lines.any? { |line| line.entry.family == "salt" } ||
          table.bowl.composition.salt * 100 / table.bowl.grams >= WITHOUT

        text = remedy(table)
        [Finding.mended_by(rule: ID, component: table.name, remedy_text: "Add #{text}",
          message: "#{butter.entry.name} is unsalted and nothing else brings salt; it will taste flat.",
          patch: LineRemedy.add(table, text, "salt"))]
      end

      # A third of a gram in 100 g, in spoons, or in pinches where that is under the smallest spoon.
      def self.remedy(table)
        per_ml = table.library.weights("salt").first.grams_per_ml
        ml = table.bowl.grams * WANTED / 100 / per_ml
        return "#{table.measures.nearest(ml).text} fine salt" if ml >= table.measures.smallest_ml

        pinches = [(ml / Quantity::Unit[:pinch].millilitres(Quantity::CupStandard::US)).ceil, 1].max
        (pinches == 1) ? "1 pinch fine salt" : "#{pinches} pinches fine salt"
      end
      private_class_method :remedy
    end
  end
end
