# frozen_string_literal: true

module ElmCup
  module Balance
    # What one gram of a line as it goes into the bowl adds to each figure that can be wished for.
    module PerGram
      # figure => its field in the nutrition: those of a piece that can be wished for, and what a diet asks of a piece.
      FIGURES = Wish::Key.of("piece").reject { |key| key.key == "cost" }.to_h { |key| [key.key, key.field.to_sym] }
        .merge("net_carbohydrate" => :net_carbohydrate_g).freeze
      NOTHING = [*FIGURES.keys, "one", "sweetness", "volume", "cost"].to_h { |figure| [figure, 0.0] }.freeze

      # The same of a line of the library, kept with it where nothing was done to what is in it: there a gram of it is a gram of it.
      def self.kept(line, library)
        return of(line, library) if line.prepared || line.grams.zero?

        library.per_gram.fetch([line.entry.id, line.form, line.melted]) { of(line.with(grams: GRAMS), library) }
      end

      GRAMS = 100r

      # figure => Float; `one` is the gram itself, sweetness in per cent, volume in mL without air, cost in money.
      def self.of(line, library)
        bowl = Mixture::Bowl.new([line])
        return NOTHING if bowl.empty?

        nutrition = Mixture::Nutrition.new(bowl).for_mass(1.0)
        FIGURES.transform_values { |field| nutrition[field] }.merge(
          "one" => 1.0, "sweetness" => Mixture::Sweetness.percent(bowl), "volume" => 1 / Mixture::Density.of(bowl, air: 0),
          "cost" => (Mixture::Cost.of(bowl, library)&.money || 0).to_f / bowl.grams
        )
      end
    end
  end
end
