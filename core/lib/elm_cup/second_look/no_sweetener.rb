# frozen_string_literal: true

module ElmCup
  module SecondLook
    # Nothing sweet in the bowl: a confection that forgot its sweetener. Common practice.
    module NoSweetener
      ID = "no-sweetener"
      # Sucrose-equivalent per cent: below the first it is noticed, the remedy aims at the second.
      LEAST = 4.0
      AIM = 8.0

      # Findings about a Table; empty where there is nothing to say.
      def self.look(table)
        return [] if !table.eaten_as_dough? || !table.bowl.complete? || table.bowl.empty?

        sweetness = Mixture::Sweetness.percent(table.bowl)
        return [] if sweetness >= LEAST

        text = remedy(table, sweetness)
        [Finding.mended_by(rule: ID, component: table.name, remedy_text: "Add #{text}",
          message: "Nothing here sweetens it: #{sweetness.round(1)} % as sweet as sugar. Was the sweetener left out?",
          patch: LineRemedy.add(table, text, "maple"))]
      end

      # The maple syrup x that brings (s m + .62 x) / (m + x) to the aim.
      def self.remedy(table, sweetness)
        maple = table.library["maple"]
        strength = 100 * Mixture::Sweetness.relative(maple)
        grams = table.bowl.grams * (AIM - sweetness) / (strength - AIM)
        per_ml = table.library.weights("maple").first.grams_per_ml
        "#{table.measures.at_least(grams / per_ml.to_f).text} maple syrup"
      end
      private_class_method :remedy
    end
  end
end
