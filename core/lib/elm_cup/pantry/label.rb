# frozen_string_literal: true

module ElmCup
  module Pantry
    # What a pack's label says, for 100 g or for a serving, brought to 100 g.
    #   rule     "eu": carbohydrate leaves out fibre; "us": it includes it
    #   figures  name => grams in 100 g (kcal for :kcal), what the label says alone
    #   rounding name => how far each may be off through rounding, in 100 g
    Label = Value.of(:rule, :figures, :rounding) do
      self::GRAMS = %w[fat_g saturates_g carbohydrate_g sugars_g added_sugars_g polyols_g fibre_g protein_g salt_g].freeze
      self::SODIUM_TO_SALT = 2.5
      self::KCAL_PER_KJ = 1 / 4.184

      # The Label of a Hash (docs/ingredient.schema.json, "label").
      def self.from(said)
        per = (said["basis"] == "serving") ? 100.0 / said["serving_g"] : 1.0
        figures = self::GRAMS.filter_map { |key| [key.to_sym, said[key] * per] if said[key] }.to_h
        figures[:salt_g] ||= said["sodium_mg"] * self::SODIUM_TO_SALT / 1000 * per if said["sodium_mg"]
        kcal = said["kcal"] || said["kj"]&.then { |kilojoules| kilojoules * self::KCAL_PER_KJ }
        figures[:kcal] = kcal * per if kcal
        new(rule: said["rule"] || "eu", figures: figures,
          rounding: figures.to_h { |key, _| [key, self::STEPS.fetch(key, self::USUAL_ROUNDING) * [per, 1].max] })
      end

      # Half of the step that labels round by, in grams (kcal for energy); a serving's is as much coarser as it is smaller than 100 g.
      self::USUAL_ROUNDING = 0.5
      self::STEPS = {kcal: 5.0, salt_g: 0.05, saturates_g: 0.5}.freeze

      # A figure in 100 g, nil where the label is silent.
      def [](key) = figures[key]

      # Carbohydrate without fibre.
      def available = (rule == "us") ? self[:carbohydrate_g] - (self[:fibre_g] || 0) : self[:carbohydrate_g]

      # Carbohydrate with fibre, as far as the label says it.
      def carbohydrate = (rule == "us") ? self[:carbohydrate_g] : self[:carbohydrate_g] + (self[:fibre_g] || 0)
    end
  end
end
