# frozen_string_literal: true

module ElmCup
  module Cold
    # What a part is to the cold and to a finger: how much of it is dry, water, syrup and fat, and which fats are melted together.
    # Fat in pieces and in cut nuts is not melted into the rest: it takes up room, and its curve is not the dough's.
    #   composition  Ingredient::Composition, grams        blend  Fat::Blend of what is melted together
    #   polyols      grams by kind                         soaked_ml  mL by which the dry side holds more than it fills
    #   air          share of its volume                   in_fruit   grams of "water", "mono" and "di" shut up in pieces of fruit: no syrup
    Material = Value.of(:composition, :blend, :soaked_ml, polyols: {}.freeze, air: 0.0, in_fruit: {}.freeze, derived: true) do
      # g/mL of each; what a gram of the dry side binds of water. Source: docs/model.md, Firmness.
      self::PROTEIN, self::STARCH, self::FIBRE, self::ASH = 1.33, 1.5, 1.31, 2.4
      self::FAT, self::SUGAR, self::SYRUP, self::ALCOHOL = 0.91, 1.58, 1.55, 0.79
      self::BOUND = 0.10
      # Moles of ions in a gram of ash; g/mol of alcohol; where the law of the thickened melt ends.
      self::ASH_MOLES = 0.0075
      self::ALCOHOL_GRAMS_MOL = 46.07
      self::MOST_SOLIDS = 0.7
      # What is melted in a bowl that is poured, whether its line says so or not.
      self::MELTS = ["chocolate", "hard fat"].freeze
      # Pieces that keep their water and their sugar.
      self::FRUIT = ["dried fruit", "sweets"].freeze
      self::SHUT_UP = %i[water mono di].freeze

      # The Material of Binding::Portions and of the Mixture::Bowl that they make.
      #   melted    chocolate in it is melted whatever its lines say      tempered  its cocoa butter is
      def self.of(portions, bowl, air: 0.0, melted: false, tempered: false)
        fats = Hash.new(0.0)
        in_fruit = Hash.new(0.0)
        soaked = 0.0
        portions.each do |portion|
          entry = portion.line.entry
          base = portion.line.base_grams.to_f / 100
          apart = apart?(portion, melted)
          entry.fats.each { |fat, share| fats[fat] += share * entry.composition.fat * base } unless apart
          self::SHUT_UP.each { |part| in_fruit[part] += entry.composition.public_send(part) * base } if shut_up?(portion)
          soaked += dry_ml(entry.composition) * base * (BindingFactor.of(entry, portion.figures.form, loose: apart) - 1)
        end
        new(composition: bowl.composition, blend: Fat::Blend.new(fats, tempered: tempered), soaked_ml: soaked, polyols: bowl.polyols,
          air: air, in_fruit: in_fruit.freeze)
      end

      # Its fat stays in its pieces.
      def self.apart?(portion, melted)
        line = portion.line
        return false if line.melted || (melted && self::MELTS.include?(line.entry.family))

        portion.figures.inclusion || portion.figures.kind == "nut"
      end

      # It is a piece of fruit, or a sweet, which keeps what is wet in it.
      def self.shut_up?(portion) = portion.figures.inclusion && self::FRUIT.include?(portion.line.entry.family)

      # mL of what is dry in a composition.
      def self.dry_ml(parts)
        parts.protein / self::PROTEIN + parts.starch / self::STARCH + parts.fibre / self::FIBRE + parts.ash / self::ASH
      end

      # Grams: of all, of water that nothing holds, of what is dissolved in it, of what is not.
      attr_reader :grams, :free, :dissolved, :undissolved
      # [grams, Mixture::Solute] of what is dissolved. Moles of that and of salts. °C where it would turn to glass, dry.
      attr_reader :solutes, :moles, :glass_c
      # mL: of fat, of syrup, of all. Shares of fat and of syrup in what flows. Volume share of what is solid, at most .7, and the same
      # with what it soaks up.
      attr_reader :fat_ml, :syrup_ml, :fat_share, :syrup_share, :solids, :held

      # There is nothing in it.
      def empty? = grams.zero?

      private

      def derive
        @grams = composition.to_a.first(Ingredient::Composition::PARTS.size).sum
        bound = [self.class::BOUND * (composition.protein + composition.starch + composition.fibre), composition.water].min
        @free = [composition.water - bound - in_fruit.fetch(:water, 0.0), 0.0].max
        dissolve
        volumes(bound)
      end

      def dissolve
        mono, di = %i[mono di].map { |part| [composition.public_send(part) - in_fruit.fetch(part, 0.0), 0.0].max }
        sugars = {"mono" => mono, "di" => di, **polyols}.select { |_, grams| grams.positive? }
          .map { |id, grams| [grams, Mixture::Solute::ALL.fetch(id)] }
        all = sugars.sum(0.0, &:first)
        @dissolved = all.zero? ? 0.0 : [all, free * sugars.sum { |grams, solute| grams / all * solute.grams_per_gram_water }].min
        @undissolved = all - dissolved + in_fruit.fetch(:mono, 0.0) + in_fruit.fetch(:di, 0.0)
        @solutes = sugars.map { |grams, solute| [grams * dissolved / all, solute] }
        @moles = solutes.sum(0.0) { |grams, solute| grams / solute.grams_mol } + self.class::ASH_MOLES * composition.ash +
          composition.alcohol / self.class::ALCOHOL_GRAMS_MOL
        @glass_c = dissolved.zero? ? 0.0 : solutes.sum { |grams, solute| grams / dissolved * solute.glass_c }
      end

      def volumes(bound)
        filled = self.class.dry_ml(composition) + undissolved / self.class::SUGAR + bound + in_fruit.fetch(:water, 0.0)
        @fat_ml = composition.fat / self.class::FAT
        @syrup_ml = free + dissolved / self.class::SYRUP + composition.alcohol / self.class::ALCOHOL
        flowing = fat_ml + syrup_ml
        all = filled + flowing
        @fat_share, @syrup_share = flowing.zero? ? [0.0, 0.0] : [fat_ml / flowing, syrup_ml / flowing]
        @solids = all.zero? ? 0.0 : [filled / all, self.class::MOST_SOLIDS].min
        @held = all.zero? ? 0.0 : (filled + soaked_ml) / all
      end
    end
  end
end
