# frozen_string_literal: true

module ElmCup
  module Ingredient
    # One line of a component after reading.
    #   text         as typed; nil for a line given as ingredient and grams
    #   status       :read, :ambiguous (candidates to choose from), :unknown, :unreadable
    #   message      what is wrong and the mend, nil when read; from, to  its place in the text
    #   entry, form  what it was read as; form_named  the line itself named the form
    #   melted       the line says melted, so that its fat is liquid whatever the room
    #   moisture_said  dates: the cook said soft, dry or moist
    #   grams        exact; grams_low, grams_high the ends of a typed range and of what the measure may weigh
    #   chosen       the id that the cook said it is
    #   by_weight    the amount was given in grams or another mass
    #   terms        the Quantity::Terms that were typed; none for a line given as ingredient and grams
    #   told         allergens that its words tell of
    #   senses       other Entries that its words may as well mean      rough  it is only known what kind of thing it is
    #   prepared     PreparationEffect where it was soaked, toasted or the like: `grams` is what came of it; nil otherwise
    #   apart        texts of the lines of one that it should be, where it names several things with amounts
    #   assumptions  what was taken for granted, in words; notes  what was not used
    Line = Value.of(:status, text: nil, message: nil, from: nil, to: nil, entry: nil, form: nil, form_named: false, melted: false,
      moisture_said: true, grams: nil, grams_low: nil, grams_high: nil, confidence: 0.0, candidates: [], assumptions: [], notes: [],
      name: nil, by_weight: false, chosen: nil, prepared: nil, terms: [], senses: [], told: [], rough: false, apart: []) do
      # Words of a line that say heat, so that it is not raw.
      self::HEATED = /\b(?:toasted|roasted|baked|boiled|cooked|blanched|caramelised|caramelized)\b/i

      # It has an ingredient and grams.
      def read? = status == :read

      # The line says that it was heated.
      def heated? = !text.nil? && text.match?(self.class::HEATED)

      # Grams of the ingredient as the library knows it, before it was prepared.
      def base_grams = prepared ? prepared.base_grams : grams

      # Ids of the diets that it breaks in any sense that its words may have.
      def broken_diets
        return entry.broken_diets if senses.empty? && told.empty?

        [entry, *senses].flat_map(&:broken_diets) | DietRules.broken_by(told)
      end

      # It breaks a diet in any sense that its words may have.
      def breaks?(diet) = broken_diets.include?(diet)

      # Allergens that it may hold beside those that it holds.
      def possible_allergens
        return entry.possible - entry.allergens if told.empty? && senses.empty?

        (entry.possible + told + senses.flat_map { |sense| sense.allergens + sense.possible }).uniq - entry.allergens
      end

      # The same line with `factor` times as much.
      def times(factor)
        low, high = [grams_low, grams_high].map { |each| each && each * factor.to_f }
        with(grams: grams * factor, grams_low: low, grams_high: high, prepared: prepared&.times(factor))
      end

      # Lines that are the same thing but for how much of it there is, each once with the sum of them; exact.
      def self.summed(lines)
        lines.group_by { |line| [line.entry&.id, line.form, line.form_named, line.melted, line.text, line.status] }.values.map do |same|
          first = same.first
          (same.size == 1 || !first.read? || first.grams.zero?) ? first : first.times(same.sum(&:grams) / first.grams)
        end
      end

      # The form that counts in a bowl, by its Binding::Portion there (nil without one). Fats have no figures of their own for melted: they
      # are liquid, that is all.
      def form_in(portion) = melted ? "melted" : portion&.figures&.form || form

      # The words for a person: what was typed, else the ingredient's name and grams.
      def label = text || "#{Quantity::FractionText.decimal(grams.round(2))} g #{(entry&.name || name).downcase}"
    end
  end
end
