# frozen_string_literal: true

module ElmCup
  # One typed amount said another way: "1/2 c + 2 tbsp honey" in grams, or in cups.
  module Conversion
    # Named in the message; every other name of a mass or a volume that a line may carry is taken too.
    UNITS = ["g", "kg", "oz", "lb", "ml", "l", "dl", "tsp", "tbsp", "cup", "cups", "fl oz", "pint"].freeze
    KINDS = %i[mass volume household].freeze
    MEASURE = "measure"

    # A Hash: grams, ingredient, name, amount (Float in the unit), unit, text, kitchen (nearest spoons and cups, with its
    # error), assumptions. UnreadableText with one clear sentence when it cannot be done.
    def self.call(text, to: "g", cup: "us", library: Ingredient::Library.default)
      unit = target(to)
      standard = Quantity::CupStandard.find(cup)
      line = Ingredient::LineResolver.new(process: "hand", standard: standard, library: library).resolve(text)
      raise UnreadableText, refusal(line) unless line.read?
      raise UnreadableText, "“#{text}” gives no amount to convert" if line.grams.zero?

      answer(line, unit, to, standard, library)
    rescue KeyError
      raise UnreadableText, "“#{cup}” is no cup standard; use #{Quantity::CupStandard::ALL.keys.join(", ")}"
    end

    class << self
      private

      def target(to)
        return if to == MEASURE

        unit = Quantity::Unit.find(to.to_s.strip)
        return unit if unit && KINDS.include?(unit.kind)

        raise UnreadableText, "“#{to}” is no unit to convert to; use #{[*UNITS, MEASURE].join(", ")}"
      end

      def refusal(line)
        guesses = line.candidates.first(4).map { |each| each.entry.name.downcase }
        place = line.from ? " (at characters #{line.from + 1} to #{line.to})" : ""
        hint = (line.status == :unknown && guesses.any?) ? "; the nearest are #{guesses.join(", ")}" : ""
        "#{line.message}#{hint}#{place}"
      end

      def answer(line, unit, to, standard, library)
        ml = Ingredient::InMeasures.millilitres(line, library)
        nearest = Ingredient::InMeasures.nearest(line, Quantity::KitchenMeasures.new(standard: standard), library)
        {
          "elm_cup" => "convert/1", "grams" => line.grams.to_f.round(2), "ingredient" => line.entry.id, "name" => line.entry.name, "form" => line.form,
          **said(line, unit, to, ml, nearest, standard), "kitchen" => nearest && {"text" => nearest.text, "error_pct" => (100 * nearest.error).round(1)},
          "confidence" => line.confidence, "assumptions" => line.assumptions
        }.compact
      end

      def said(line, unit, to, ml, nearest, standard)
        raise UnreadableText, "How much a cup of #{line.entry.name.downcase} weighs is not known; ask for g" if ml.nil? && (unit.nil? || unit.kind != :mass)
        return {"text" => "#{nearest.text} #{line.name}"} unless unit

        amount = ((unit.kind == :mass) ? line.grams / unit.size : ml / unit.millilitres(standard)).to_f
        {"amount" => amount.round(4), "unit" => to, "text" => "#{amount.round((amount < 10) ? 2 : 1).to_s.delete_suffix(".0")} #{to} #{line.name}"}
      end
    end
  end
end
