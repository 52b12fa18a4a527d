# frozen_string_literal: true

module ElmCup
  module Ingredient
    # An ingredient of the household's own: a library row with what the cook's pack says put over it. Figures the label is
    # silent about are the row's; binding figures follow the row's by the rules that built rows follow.
    class Own
      # entry: Entry; weights: Weights; binding: BindingFigures; notes: what was found and taken for granted, in words.
      Made = Value.of(:entry, :weights, :binding, :notes)

      # Grams in 100 g by which fat or water may differ from the row's before its binding figures are reckoned anew.
      ALIKE = 3.0
      NUT_BUTTER_DEMAND = 0.74
      # Diets that allergens of a list break, beside those that are named for them.
      ALLERGENS_BREAK = {"vegan" => %w[milk egg fish crustacean mollusc], "vegetarian" => %w[fish crustacean mollusc], "grain-free" => %w[gluten wheat]}.freeze
      PULP = [0.52, 2.5, 0.22, 0.46, 0.78].freeze

      # said: a checked Hash (docs/ingredient.schema.json); library: where its row is.
      def initialize(said, library)
        @said = said
        @library = library
        @row = library[said["starts_from"] || said["id"]]
        @list = said["ingredients"] && PackList.new(said["ingredients"])
        @label = said["label"] && Label.from(said["label"])
        @natural = natural_row
        @notes = []
      end

      # Made. RangeError is not raised: a label that LabelCheck takes always makes a composition.
      def make
        composition = @label ? composition() : @row.composition
        entry = @row.with(id: @said["id"], name: @said["name"] || @row.name, names: names, assumed_names: (@said["id"] == @row.id) ? @row.assumed_names : [], composition: composition,
          fats: fats, polyol_kind: polyol_kind, added_share: added_share(composition), starts_from: @row.id, price: price, label: @said["label"],
          source: @label ? "the pack's label" : @row.source, no_stir: no_stir?, **from_list)
        Made.new(entry: entry, weights: weights, binding: binding(entry), notes: @notes)
      end

      private

      def names
        own = [@said["name"], *@said["names"]].compact
        (@said["id"] == @row.id) ? (own + @row.names).uniq : own
      end

      def butter? = ["nut butter", "seed butter"].include?(@row.family)

      def no_stir? = (butter? && @list) ? @list.butter == :no_stir : @row.no_stir

      def price
        @said["price"] && Price.new(amount: Rational(@said["price"].to_s), pack_grams: Rational(@said["pack_grams"].to_s))
      end

      # Allergens, traces and diets of the list; the row's where there is none.
      def from_list
        return {} unless @list

        kept = @row.excludes & %w[raw]
        tell_of_list
        {allergens: @list.allergens, traces: @list.traces, excludes: (@list.breaks + kept + ALLERGENS_BREAK.flat_map { |diet, allergens| (@list.allergens & allergens).any? ? [diet] : [] }).uniq}
      end

      def tell_of_list
        @notes << {no_stir: "No-stir: its list names a hard fat", natural: "Natural: its list is nuts or seeds and salt alone", other: "Its list names more than nuts or seeds, but no hard fat: it separates like a natural one"}.fetch(@list.butter) if butter?
        @notes << "#{@list.cocoa_percent} % of cocoa by its list" if @list.cocoa_percent
        @notes << "Sweetened with #{@list.polyol || "a sweetener"} in place of sugar" if @list.sugar_free?
        gone, more = @row.allergens - @list.allergens, @list.allergens - @row.allergens
        @notes << "#{@row.name} of the library has #{Words.and(gone)}, this list does not" if gone.any?
        @notes << "This list has #{Words.and(more)}, #{@row.name.downcase} of the library does not" if more.any?
        @notes << "The pack warns of #{Words.and(@list.traces)}" if @list.traces.any?
      end

      # "tree nut and milk"
      module Words
        def self.and(ids) = ids.map { |id| id.tr("_", " ") }.join(" and ")
      end

      # A label with polyols and no word of which: the usual one of sugar-free sweets.
      def polyol_kind
        known = @list&.polyol || @row.polyol_kind
        return known if known || (@label&.[](:polyols_g) || 0).zero?

        @notes << "Which polyol it holds is not said: maltitol is taken"
        "maltitol"
      end

      # The row of the natural kind where the library row is a no-stir one and the pack's list is not; else nil.
      def natural_row
        @library[@row.id.delete_suffix("-no-stir")] if @row.no_stir && !no_stir?
      end

      def fats
        return @natural.fats if @natural

        (no_stir? && !@row.no_stir) ? @row.fats.transform_values { |share| share * 0.95 }.merge("palm" => 0.05) : @row.fats
      end

      def added_share(composition)
        added = @label&.[](:added_sugars_g)
        return @row.added_share unless added && composition.sugars.positive?

        [added / composition.sugars, 1.0].min
      end

      # Water is what is left of 100 g; sugars divide as the row's do; ash beside salt is the row's.
      def composition
        row = @row.composition
        fibre = said(:fibre_g) { [row.fibre, (@label.rule == "us") ? @label[:carbohydrate_g] : [100 - @label[:fat_g] - @label[:protein_g] - @label[:carbohydrate_g], 0].max].min }
        available = (@label.rule == "us") ? [@label[:carbohydrate_g] - fibre, 0].max : @label[:carbohydrate_g]
        polyols = said(:polyols_g) { [row.polyols, available].min }
        sugars = [said(:sugars_g) { share(row.sugars, row.carbohydrate - row.fibre) * available }, available].min
        mono = sugars * share(row.mono, row.sugars)
        salt = said(:salt_g) { row.salt }
        parts = {protein: @label[:protein_g], fat: @label[:fat_g], mono: mono, di: sugars - mono, starch: [available - sugars - polyols, 0].max, fibre: fibre, polyols: polyols,
                 alcohol: row.alcohol, ash: salt + [row.ash - row.salt, 0].max, salt: salt}
        water = [100 - parts.except(:salt).values.sum, 0].max
        @notes << "#{water.round} g of 100 is left and taken as water; the library row has #{row.water.round}" if (water - row.water).abs > 8
        whole(parts.merge(water: water))
      end

      # A label may come to a little more than 100 g by its rounding.
      def whole(parts)
        sum = parts.except(:salt).values.sum
        Composition.new(Composition::ALL.map { |part| parts.fetch(part) * 100.0 / sum })
      end

      def said(key)
        @label[key] || yield.tap { |value| @notes << "The label does not say #{LabelCheck::WORDS[key]}: #{value.round(1)} g in 100 g is taken, as #{@row.name.downcase}" if value >= 0.1 }
      end

      def share(part, whole) = whole.positive? ? part / whole : 0.0

      def weights
        cup, each = @said["grams_per_cup"], @said["grams_each"]
        own = @library.weights(@row.id).map { |weight| weight.with(ingredient: @said["id"]) }
        own = own.map { |weight| (weight.form == @row.hand_form && weight.grams_per_ml) ? weight.with(grams_per_ml: Rational(cup.to_s) / Quantity::CupStandard::US.cup_ml, plus_minus: 0.03, source: "the cook's own") : weight } if cup
        own = own.map { |weight| weight.grams_each ? weight.with(grams_each: Rational(each.to_s), plus_minus: 0.1, source: "the cook's own") : weight } if each
        own
      end

      def binding(entry)
        like = @library.binding("peanut-butter-no-stir", "smooth") if entry.no_stir && !@row.no_stir
        like ||= @library.binding(@natural.id, "smooth") if @natural
        @library.binding_of(@row.id).map do |figures|
          base = (like && figures.form == "smooth") ? like : figures
          follow(base.with(ingredient: entry.id, form: figures.form), entry.composition, like ? nil : @row.composition)
        end
      end

      # The row's figures while the pack is like it; else brought to its own fat and water, and starred, since no case supports them.
      def follow(figures, own, row)
        return figures if row.nil? || ((own.fat - row.fat).abs <= ALIKE && (own.water - row.water).abs <= ALIKE)

        built = {"pulp" => :pulp, "fat" => :fatty}.fetch(figures.kind, :other).then { |way| method(way).call(figures, own, row) }
        (built == figures) ? figures : built.with(starred: true, source: "built from the pack's label")
      end

      def pulp(figures, own, _row)
        base, slope, usual, demand, dry = PULP
        part = (figures.form == "chopped") ? 0.5 : 1.0
        d = demand * (1 - own.water / 100) / dry
        figures.with(b: [part * (base + slope * (own.water / 100 - usual)), 0].max, d: d, d30: d)
      end

      def fatty(figures, own, row)
        return other(figures, own, row) unless butter?

        d = NUT_BUTTER_DEMAND * (1 - own.fat / 100)
        figures.with(o: figures.o * share(own.fat, row.fat), d: d, d30: d)
      end

      def other(figures, own, row)
        water = row.water.positive? ? own.water / row.water : 1.0
        figures.with(a: (figures.kind == "syrup") ? figures.a : figures.a * water, o: figures.o * (row.fat.positive? ? own.fat / row.fat : 1.0))
      end
    end
  end
end
