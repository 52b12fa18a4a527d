# frozen_string_literal: true

module ElmCup
  module Ingredient
    # One typed amount said another way: "1/2 c + 2 tbsp honey" in grams, or in cups.
    class Conversion
      # Named in the message; every other name of a mass or a volume that a line may carry is taken too.
      UNITS = ["g", "kg", "oz", "lb", "ml", "l", "dl", "tsp", "tbsp", "cup", "cups", "fl oz", "pint"].freeze
      KINDS = %i[mass volume household].freeze
      MEASURE = "measure"

      # line: the Line that was read; nearest: Quantity::KitchenMeasures::Nearest, nil where its volume is not known; unit: as it was said
      attr_reader :line, :nearest, :unit

      # to: a unit's name, or MEASURE. UnreadableText with one clear sentence when it cannot be done.
      def initialize(text, library:, to: "g", cup: "us")
        @to = target(to)
        @unit = to
        @standard = standard(cup)
        @line = LineResolver.new(process: "hand", standard: @standard, library: library).resolve(text)
        refuse_line unless line.read?
        UnreadableText.refuse("", :nothing_to_convert, text: text) if line.grams.zero?

        @ml = InMeasures.millilitres(line, library)
        @nearest = InMeasures.nearest(line, Quantity::KitchenMeasures.new(standard: @standard), library)
        UnreadableText.refuse("", :cup_weight_unknown_ask_grams, name: line.entry.name.downcase) if @ml.nil? && @to&.kind != :mass
      end

      # The amount in the unit, exact; nil where spoons and cups are asked for.
      def amount
        return unless @to

        (@to.kind == :mass) ? line.grams / @to.size : @ml / @to.millilitres(@standard)
      end

      # "211.9 g honey"
      def text
        return "#{nearest.text} #{line.name}" unless @to

        number = amount.to_f
        "#{number.round((number < 10) ? 2 : 1).to_s.delete_suffix(".0")} #{unit} #{line.name}"
      end

      private

      def target(to)
        return if to == MEASURE

        unit = Quantity::Unit.find(to.to_s.strip)
        return unit if unit && KINDS.include?(unit.kind)

        UnreadableText.refuse("", :no_unit_to_convert_to, unit: to, units: [*UNITS, MEASURE].join(", "))
      end

      def standard(cup)
        Quantity::CupStandard.find(cup)
      rescue KeyError
        UnreadableText.refuse("", :no_cup_standard, cup: cup, cups: Quantity::CupStandard::ALL.keys.join(", "))
      end

      def refuse_line
        guesses = line.candidates.first(4).map { |each| each.entry.name.downcase }
        place = line.from ? " (at characters #{line.from + 1} to #{line.to})" : ""
        hint = (line.status == :unknown && guesses.any?) ? "; the nearest are #{guesses.join(", ")}" : ""
        UnreadableText.refuse("", :cannot_convert, message: line.message, hint: hint, place: place)
      end
    end
  end
end
