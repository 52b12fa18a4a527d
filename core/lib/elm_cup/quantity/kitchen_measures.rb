# frozen_string_literal: true

module ElmCup
  module Quantity
    # The spoons and cups that exist in a kitchen, and the sum of them that comes nearest to a volume.
    class KitchenMeasures
      # One spoon or cup: "1/2 tsp" is share 1/2 of the teaspoon; `size` is its exact mL as a Float, `too_many` the count from which a
      # larger one is taken instead, both for the search.
      Measure = Value.of(:family, :share, :ml, :size, too_many: Float::INFINITY)
      # What is nearest: `text` such as "3 tbsp + 1 1/2 tsp", its volume in mL, its error against what was asked.
      Nearest = Value.of(:text, :ml, :error)

      CUPS = ["1/4 cup", "1/3 cup", "1/2 cup", "1 cup"].freeze
      SPOONS = ["1/4 tsp", "1/2 tsp", "1 tsp", "1 tbsp"].freeze
      # Spoons that are sold, to choose from; others can be written in a document.
      KNOWN_SPOONS = ["1/8 tsp", "1/4 tsp", "1/3 tsp", "1/2 tsp", "1 tsp", "1/2 tbsp", "1 tbsp"].freeze
      FAMILIES = {"tsp" => :teaspoon, "tbsp" => :tablespoon, "cup" => :cup}.freeze
      # A share that a sum may be off and still be exact.
      MISS = 0.001
      # A term is not counted out further than this many of its own unit where the next larger kind of measure takes no more than that.
      MOST = {"tsp" => 3, "tbsp" => 4}.freeze

      # Kitchens that were measured by lately.
      KEPT = BoundedCache.new(200)

      # The measures of a kitchen: made once, as long as it is asked for now and then.
      def self.of(standard, spoons) = KEPT.fetch([standard.id, spoons]) { new(standard: standard, spoons: spoons) }

      # spoons, cups: texts such as "1/2 tsp"; ArgumentError for one that is no spoon or cup.
      def initialize(standard: CupStandard::US, spoons: SPOONS, cups: CUPS)
        @standard = standard
        all = (spoons + cups).map { |text| measure(text) }.uniq.sort_by { |each| -each.ml }
        @measures = all.map { |each| each.with(too_many: too_many(each, all.select { |other| larger?(other, each) })) }.freeze
        freeze
      end

      # The CupStandard of these measures.
      attr_reader :standard

      # Exact mL of a text such as "1/2 tsp", whether it exists here or not.
      def millilitres(text) = measure(text).ml

      # `text` where a spoon or cup of its kind here makes it up; nil where none does.
      def exists_as(text)
        asked = measure(text)
        text if @measures.any? { |each| each.family == asked.family && (asked.share / each.share).denominator == 1 }
      end

      # The smallest measure in mL.
      def smallest_ml = @measures.last.ml

      # A Term of spoons or cups is a whole number of one that exists here; true for any other Term.
      def exists?(term)
        family = FAMILIES.key(term.unit&.id)
        family.nil? || @measures.any? { |each|
          each.family == family && ((term.low.value + term.high.value) / 2 / each.share).denominator == 1
        }
      end

      # The Nearest to `ml` (Numeric > 0), of at most two terms; of three where two miss and `exact` is asked.
      def nearest(ml, exact: false)
        wanted = ml.to_f
        best = best(wanted, 2)
        best = best(wanted, 3) if exact && best.error.abs >= MISS
        best
      end

      # The least sum that is not under `ml`: a dose rounded up to the next spoon.
      def at_least(ml) = best(ml.to_f, 2, up: true)

      private

      def measure(text)
        match = /\A(\d+(?:\/\d+)?|\d+ \d+\/\d+)\s*(tsp|tbsp|cup)s?\z/.match(text)
        raise ArgumentError, "“#{text}” is no spoon or cup; write “1/2 tsp”, “1 tbsp” or “1/4 cup”" unless match

        share = match[1].split.sum { |part| Rational(part) }
        raise ArgumentError, "“#{text}” holds nothing; write “1/2 tsp”, “1 tbsp” or “1/4 cup”" unless share.positive?

        ml = share * @standard.public_send(:"#{FAMILIES.fetch(match[2])}_ml")
        Measure.new(family: match[2], share: share, ml: ml, size: ml.to_f)
      end

      # The Nearest of all sums of so many terms; up: only sums that are enough.
      def best(wanted, terms, up: false)
        nearest_of(MeasureSearch.new(@measures, wanted, up: up).best(terms) || [[@measures.last, 1]], wanted)
      end

      # As long as no larger one could take its place, it is counted on.
      def too_many(each, larger)
        return Float::INFINITY if larger.empty?

        [(MOST.fetch(each.family) / each.share), larger.map(&:ml).min / each.ml].max.ceil
      end

      def larger?(other, each)
        FAMILIES.keys.index(other.family) > FAMILIES.keys.index(each.family)
      end

      def nearest_of(sum, wanted)
        size = sum.sum(0.0) { |each, count| each.size * count }
        Nearest.new(text: words(sum), ml: sum.sum(0) { |each, count| each.ml * count }, error: (size - wanted) / wanted)
      end

      def words(sum)
        sum.map do |each, count|
          amount = each.share * count
          unit = (each.family == "cup" && amount > 1) ? "cups" : each.family
          "#{FractionText.mixed(amount)} #{unit}"
        end.join(" + ")
      end
    end
  end
end
