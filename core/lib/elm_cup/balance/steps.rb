# frozen_string_literal: true

module ElmCup
  module Balance
    # The amounts that a line may take: what it has, and whole steps of it up or down, in spoons and cups that exist here, in
    # whole things, or in grams and ounces. An amount off its step keeps its offset.
    #   kind       :millilitres, :things, :grams or :ounces      start, step  in that unit, exact
    #   grams_per  grams of one of that unit, exact
    class Steps
      # Below so much of a measure, steps of that. Source: docs/model.md, Balance.
      SPOONS = [["2 tsp", "1/2 tsp"], ["3 tbsp", "1 tsp"], ["1 cup", "1 tbsp"]].freeze
      # From a cup up, the first of these that is a twentieth of it.
      LARGE = ["1/4 cup", "1/2 cup", "1 cup"].freeze
      # A twentieth of the grams is brought to one of these.
      GRAMS = [Rational(1, 2), 1, 2, 5, 10, 20, 25, 50, 100, 200, 250, 500, 1000, 2000, 5000].freeze
      OUNCES = [[8, Rational(1, 4)], [16, Rational(1, 2)]].freeze
      OUNCE = Rational("28.349523125")
      TWENTIETH = 20
      # Grams under this are written to a tenth; ounces to a quarter.
      SMALL_GRAMS = 20
      QUARTER = Rational(1, 4)

      attr_reader :kind, :start, :step, :grams_per

      def initialize(kind:, start:, step:, grams_per:, measures:)
        @kind = kind
        @start = Rational(start)
        @step = Rational(step)
        @grams_per = Rational(grams_per)
        @measures = measures
        freeze
      end

      class << self
        # The Steps of an Ingredient::Line; nil where it says no amount. measures: Quantity::KitchenMeasures.
        def of(line, measures, library)
          return unless line.read? && line.grams.positive?
          return by_grams(line, measures) if line.text.nil?
          return weighed(line, measures) if line.by_weight

          counted(line, measures) || spooned(line, measures, library) || by_grams(line, measures)
        end

        # Steps of a helper: from nothing, by `step`, a text such as "1 tsp"; grams_per_ml exact.
        def from_nothing(step, grams_per_ml, measures)
          new(kind: :millilitres, start: 0, step: measures.millilitres(measures.exists_as(step) || LARGE.first), grams_per: grams_per_ml,
            measures: measures)
        end

        # The step that an amount takes in its unit: never less than a twentieth of it.
        def step(kind, amount, measures)
          case kind
          when :millilitres then measures.millilitres(spoon(amount, measures))
          when :things then 1
          when :grams then GRAMS.min_by { |each| Math.log(each / (Rational(amount) / TWENTIETH)).abs }
          when :ounces then OUNCES.find { |under, _| amount < under }&.last || 1
          end
        end

        private

        def made(kind, amount, grams_per, measures)
          new(kind: kind, start: amount, step: step(kind, Rational(amount), measures), grams_per: grams_per, measures: measures)
        end

        # What was soaked or toasted is weighed as it was before.
        def by_grams(line, measures) = made(:grams, line.base_grams, Rational(line.grams) / line.base_grams, measures)

        def weighed(line, measures)
          units = line.terms.map { |term| term.unit&.id }
          return by_grams(line, measures) if units.empty? || (units - %i[ounce pound]).any?

          ounces = line.terms.sum(&:grams) / OUNCE
          made(:ounces, ounces, line.grams / ounces, measures)
        end

        def counted(line, measures)
          term = line.terms.first
          return if line.terms.size != 1 || term.inner
          return unless term.unit.nil? || term.unit.kind == :count

          made(:things, term.quantity, line.grams / term.quantity, measures)
        end

        def spooned(line, measures, library)
          ml = line.terms.map { |term| term.millilitres(measures.standard) }
          ml = (line.terms.any? && ml.all?) ? ml.sum : Ingredient::InMeasures.millilitres(line, library)
          made(:millilitres, ml, line.grams / ml, measures) if ml&.positive?
        end

        def spoon(millilitres, measures)
          smaller = SPOONS.select { |under, _| millilitres < measures.millilitres(under) }.map(&:last)
          large = LARGE.select { |text| measures.millilitres(text) * TWENTIETH >= millilitres }
          [*smaller, *large, LARGE.last].lazy.filter_map { |text| measures.exists_as(text) }.first || LARGE.first
        end
      end

      # The amount after `count` steps, in its unit; exact.
      def amount(count) = start + count * step

      # Grams after `count` steps; exact.
      def grams(count = 0) = amount(count) * grams_per

      # Grams of one step, a Float.
      def step_grams = (step * grams_per).to_f

      # [most steps down, most steps up] that keep within the shares `least` and `most` of what it has; a thing never goes to none.
      def range(least, most)
        return [0, 0] unless start.positive?

        [((start - start * least) / step).floor, ((start * most - start) / step).floor].map { |count| [count, 0].max }
      end

      # The amount after `count` steps as a cook measures it: "3 tbsp + 1 tsp", "11", "120 g".
      def text(count)
        case kind
        when :millilitres then @measures.nearest(amount(count), exact: true).text
        when :things then Quantity::FractionText.mixed(amount(count))
        when :grams then "#{Quantity::FractionText.decimal(written(amount(count)))} g"
        when :ounces then "#{Quantity::FractionText.mixed((amount(count) / QUARTER).round * QUARTER)} oz"
        end
      end

      # The difference that `count` steps make, as text with its sign: "+2 tsp", "-1".
      def difference(count)
        value = (count * step).abs
        text = case kind
        when :millilitres then @measures.nearest(value, exact: true).text
        when :things then Quantity::FractionText.mixed(value)
        when :grams then "#{Quantity::FractionText.decimal(value.round(1))} g"
        when :ounces then "#{Quantity::FractionText.mixed(value)} oz"
        end
        "#{count.negative? ? "−" : "+"}#{text}"
      end

      # The Steps of about `factor` times as much, brought to an amount that exists: to a step where that is near enough, else to a finer
      # one. most: the grams that there are, nil for enough.
      def scaled(factor, most: nil)
        amount = start * factor
        near = round(amount, self.class.step(kind, amount, @measures))
        near = round(amount, finer(amount)) if (near - amount).abs > NEAR * amount
        near = measured(near) if kind == :millilitres
        near -= finer(amount) while most && near * grams_per > most && near > finer(amount)
        self.class.new(kind: kind, start: near, step: self.class.step(kind, near, @measures), grams_per: grams_per, measures: @measures)
      end

      # What rounding to a whole step may be off by, as a share.
      NEAR = Rational(1, 50)

      private

      # Two spoons or cups make it up, where they come near enough.
      def measured(millilitres)
        two = @measures.nearest(millilitres)
        (two.error.abs < NEAR) ? two.ml : millilitres
      end

      # Things keep the half that they have.
      def round(amount, step)
        offset = (kind == :things) ? start % 1 : 0
        [((amount - offset) / step).round * step + offset, (kind == :things) ? 1 : step].max
      end

      # A tablespoon by teaspoons, the smallest spoon at the least; of grams and ounces a fifth, but no finer than they are written.
      def finer(amount)
        step = self.class.step(kind, amount, @measures)
        case kind
        when :millilitres then [self.class.step(kind, step * 3, @measures), @measures.smallest_ml].min
        when :things then step
        else [Rational(step, 5), written_to(amount)].max
        end
      end

      # An amount as it is written.
      def written(amount) = (amount / written_to(amount)).round * written_to(amount)

      # Grams and ounces are written to so much.
      def written_to(amount)
        return QUARTER if kind == :ounces

        (amount < SMALL_GRAMS) ? Rational(1, 10) : 1
      end
    end
  end
end
