# frozen_string_literal: true

module ElmCup
  module Mixture
    # How free the water in a bowl is for what would grow in it, by four accounts: 1 is water alone.
    # Source: docs/model.md, Water activity: Norrish 1966 with the water that polymers hold by GAB, Ross 1975, Money and Born 1951; Grover
    # 1947 as a comparison. Constants from memory.
    class WaterActivity
      # What counts as dissolved, by the double sugar that the ingredient has; "mono" is half glucose and half fructose.
      MONO = %w[glucose fructose].freeze
      MONO_SOLUTE = Solute::ALL.fetch("mono")
      WATER_MOL = 18.015
      SALT_MOL = 58.44
      # ln aw for a mole of salt in a kg of water.
      SALT = -0.0335
      # Sugar beyond so many grams a gram of water is not dissolved: sucrose and what is like it.
      SATURATED = Solute::ALL.fetch("sucrose").grams_per_gram_water
      # M (g water a g dry, one layer), C, K of what holds water beside sugars.
      POLYMERS = {protein: [0.065, 12.0, 0.82], starch: [0.078, 18.0, 0.72], fibre: [0.055, 12.0, 0.82]}.freeze
      # Under so much water in the whole nothing is said.
      LEAST_WATER = 0.02
      # Money and Born: 1 / (1 + .27 n), n mol in 100 g of water.
      MONEY_BORN = 0.27
      # Grover: what a gram counts beside sucrose, and as far as it goes.
      GROVER = {"mono" => 1.3, "glucose" => 1.3, "fructose" => 1.3}.freeze
      GROVER_SALT = 9.0
      GROVER_PROTEIN = 1.3
      GROVER_STARCH = 0.8
      GROVER_LIMIT = 8.0

      # Of a Bowl; nil where it is too dry to say.
      def self.of(bowl)
        return if bowl.empty? || bowl.composition.water < LEAST_WATER * bowl.grams

        new(bowl.composition, sugars_of(bowl))
      end

      # Grams of each Solute id in a Bowl.
      def self.sugars_of(bowl)
        sugars = Hash.new(0.0)
        bowl.lines.each do |line|
          parts = line.entry.composition
          base = line.base_grams.to_f / 100
          sugars["mono"] += parts.mono * base
          sugars[line.entry.di_kind] += parts.di * base
        end
        bowl.polyols.each { |kind, grams| sugars[kind] += grams }
        sugars.select { |_, grams| grams.positive? }
      end

      # composition: Ingredient::Composition, grams; sugars: grams by Solute id.
      def initialize(composition, sugars)
        @composition = composition
        @sugars = sugars
        @polymer_water = 0.0
        @norrish = found
        @polymer_water = polymer_water(@norrish)
        freeze
      end

      # By each account, 0 to 1; grover nil beyond where it goes.
      attr_reader :norrish

      # What its logarithm is the sum of: share of moles that are water (whose logarithm counts), what sugars take beyond ideal, salt.
      def norrish_terms = terms(left)

      def ross = dissolved(left).inject(salt_ross(left)) { |product, (grams, solute)| product * ross_factor(grams, solute) }

      def money_born
        moles = dissolved(left).sum { |grams, solute| grams / solute.grams_mol } + 2 * @composition.salt / SALT_MOL
        1 / (1 + MONEY_BORN * moles * 100 / left)
      end

      def grover
        weighed = @sugars.sum { |id, grams| grams * GROVER.fetch(id, 1.0) } + GROVER_PROTEIN * @composition.protein +
          GROVER_STARCH * @composition.starch + GROVER_SALT * @composition.salt
        each = weighed / @composition.water
        1.04 - 0.1 * each + 0.0045 * each**2 if each <= GROVER_LIMIT
      end

      # The range that is shown; a verdict goes by the highest.
      def opinions = [norrish, ross, money_born]

      def low = opinions.min

      def high = opinions.max

      private

      # Grams of water that polymers leave.
      def left = [@composition.water - @polymer_water, 1e-9].max

      # Where the water of polymers and that of the syrup together are all there is: by false position, the
      # Illinois way, which takes a handful of turns.
      def found
        low, high = ENDS
        below, above = miss(low), miss(high)
        TURNS.times do
          middle = high - above * (high - low) / (above - below)
          now = miss(middle)
          return middle if now.abs < CLOSE
          now.positive? ? (low, below, above = middle, now, above / 2) : (high, above, below = middle, now, below / 2)
        end
        (low + high) / 2
      end

      ENDS = [0.01, 0.9999].freeze
      TURNS = 60
      CLOSE = 1e-9

      # By how much the syrup that polymers leave at an activity has more than that.
      def miss(activity)
        water = @composition.water - polymer_water(activity)
        water.positive? ? by_norrish(water) - activity : -activity
      end

      # Grams of water that polymers hold at an activity. Source: Guggenheim, Anderson and de Boer.
      def polymer_water(activity)
        POLYMERS.sum { |part, (layer, c, k)|
          free = k * activity
          @composition.public_send(part) * layer * c * free / ((1 - free) * (1 - free + c * free))
        }
      end

      # [grams, Solute] in so much water.
      def dissolved(water)
        @sugars.map { |id, grams|
          solute = Solute::ALL.fetch(id)
          [(id == "mono") ? grams : [grams, solute.grams_per_gram_water * water].min, solute]
        }
      end

      def by_norrish(water)
        share, beyond, salt = terms(water)
        Math.exp(Math.log(share) - beyond + salt)
      end

      def terms(water)
        sugars = dissolved(water).map { |grams, solute| [grams / solute.grams_mol, solute.norrish_k] }
        moles = water / WATER_MOL
        all = moles + sugars.sum(&:first)
        [moles / all, sugars.sum { |each, k| Math.sqrt(k) * each / all }**2, salt(water)]
      end

      def salt(water) = SALT * @composition.salt / SALT_MOL * 1000 / water

      # Ross: the product of what each would do alone in all of that water; glucose and fructose are two.
      def ross_factor(grams, solute)
        return alone(grams / 2, solute)**2 if solute == MONO_SOLUTE

        alone(grams, solute)
      end

      def alone(grams, solute)
        moles = grams / solute.grams_mol
        water = left / WATER_MOL
        share = moles / (moles + water)
        (1 - share) * Math.exp(-solute.norrish_k * share**2)
      end

      def salt_ross(water) = Math.exp(salt(water))
    end
  end
end
