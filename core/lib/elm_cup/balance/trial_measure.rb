# frozen_string_literal: true

module ElmCup
  module Balance
    # How a few grams of a line can be measured: weighed, dropped or pinched.
    class TrialMeasure
      # text, and the grams that it is, exact.
      Measure = Value.of(:text, :grams)
      # The first way that is off by no more than this is taken.
      CLOSE = Rational(1, 20)
      DROP_ML = Quantity::Unit[:drop].size
      MOST_DROPS = 40
      # Of a teaspoon.
      PINCH = Rational(1, 16)
      MOST_HALF_PINCHES = 8
      # What is dropped; what is pinched.
      DROPS = %w[water syrup].freeze
      DROPPED_FAMILIES = %w[oil flavour].freeze

      # line: Ingredient::Line of an Assessment::Part; scale: grams that the scale shows.
      def initialize(line, part, scale:, library:, teaspoon_ml:)
        @line = line
        @part = part
        @scale = scale
        @library = library
        @teaspoon_ml = teaspoon_ml
      end

      # The Measure that comes nearest to `grams` of it, by the scale first where that is near enough.
      def of(grams)
        off = ->(way) { (way.grams - grams).abs / grams }
        [weighed(grams), drops(grams), pinches(grams)].compact.min_by { |way| (off[way] <= CLOSE) ? 0 : off[way] }
      end

      private

      # As it is before it is soaked or toasted.
      def weighed(grams)
        before = Rational(@line.base_grams) / @line.grams
        shown = [(grams * before / @scale).round, 1].max * @scale
        Measure.new(text: "#{Quantity::FractionText.decimal(shown)} g", grams: shown / before)
      end

      def per_ml = @per_ml ||= Ingredient::InMeasures.millilitres(@line, @library)&.then { |ml| @line.grams / ml }

      def drops(grams)
        return unless dropped? && per_ml

        count = [(grams / per_ml / DROP_ML).round, 1].max
        Measure.new(text: "#{count} #{(count == 1) ? "drop" : "drops"}", grams: count * DROP_ML * per_ml) if count <= MOST_DROPS
      end

      def dropped?
        DROPS.include?(@library.binding(@line.entry.id, @line.form)&.kind) || DROPPED_FAMILIES.include?(@line.entry.family) || @line.melted
      end

      def pinches(grams)
        return if dropped? || @line.entry.family == "dates" || per_ml.nil?

        pinch = PINCH * @teaspoon_ml * per_ml
        halves = (grams / pinch * 2).round
        return unless halves.between?(1, MOST_HALF_PINCHES)

        count = Rational(halves, 2)
        Measure.new(text: "#{Quantity::FractionText.mixed(count)} #{(halves <= 2) ? "pinch" : "pinches"}", grams: pinch * count)
      end
    end
  end
end
