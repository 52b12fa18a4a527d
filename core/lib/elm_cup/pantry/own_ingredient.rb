# frozen_string_literal: true

module ElmCup
  module Pantry
    # An ingredient of the household's own: a library row with what the cook's pack says put over it. Figures the label is
    # silent about are the row's; binding figures follow the row's by the rules that built rows follow.
    class OwnIngredient
      # entry: Entry; weights: Weights; binding: BindingFigures; notes: what was found and taken for granted, in words; price: Price, nil
      # for none.
      Made = Value.of(:entry, :weights, :binding, :notes, price: nil)

      # Diets that allergens of a list break, beside those that are named for them.
      ALLERGENS_BREAK = {"vegan" => %w[milk egg fish crustacean mollusc], "vegetarian" => %w[fish crustacean mollusc],
                         "grain-free" => %w[gluten wheat]}.freeze
      BUTTERS = {
        no_stir: "No-stir: its list names a hard fat", natural: "Natural: its list is nuts or seeds and salt alone",
        other: "Its list names more than nuts or seeds, but no hard fat: it separates like a natural one"
      }.freeze
      COOKS = "the cook's own"

      # An Ingredient::Entry is a nut or seed butter.
      def self.butter?(entry) = ["nut butter", "seed butter"].include?(entry.family)

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
        entry = @row.with(id: @said["id"], name: @said["name"] || @row.name, **names, composition: composition, fats: fats,
          polyol_kind: polyol_kind,
          added_share: added_share(composition), starts_from: @row.id, label: @said["label"],
          source: @label ? "the pack's label" : @row.source, no_stir: no_stir?, **from_list)
        Made.new(entry: entry, weights: weights, binding: OwnBinding.figures(entry, row: @row, natural: @natural, library: @library),
          notes: @notes, price: price)
      end

      private

      # What is put over a row keeps the row's names; another ingredient has its own alone.
      def names
        own = [@said["name"], *@said["names"]].compact
        (@said["id"] == @row.id) ? {names: (own + @row.names).uniq} : {names: own, assumed_names: []}
      end

      def butter? = self.class.butter?(@row)

      def no_stir? = (butter? && @list) ? @list.butter == :no_stir : @row.no_stir

      def price
        @said["price"] && Price.new(amount: Rational(@said["price"].to_s), pack_grams: Rational(@said["pack_grams"].to_s))
      end

      # Allergens, traces and diets of the list; the row's where there is none.
      def from_list
        return {} unless @list

        kept = @row.excludes & %w[raw]
        tell_of_list
        broken = ALLERGENS_BREAK.select { |_, allergens| @list.allergens.intersect?(allergens) }.keys
        {allergens: @list.allergens, traces: @list.traces, excludes: (@list.breaks + kept + broken).uniq}
      end

      def tell_of_list
        @notes << BUTTERS.fetch(@list.butter) if butter?
        @notes << "#{@list.cocoa_percent} % of cocoa by its list" if @list.cocoa_percent
        @notes << "Sweetened with #{@list.polyol || "a sweetener"} in place of sugar" if @list.sugar_free?
        gone, more = @row.allergens - @list.allergens, @list.allergens - @row.allergens
        @notes << "#{@row.name} in the pantry has #{Words.and(gone)}, this list does not" if gone.any?
        @notes << "This list has #{Words.and(more)}, #{@row.name.downcase} in the pantry does not" if more.any?
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
        fibre = said(:fibre_g) { [row.fibre, room_for_fibre].min }
        available = (@label.rule == "us") ? [@label[:carbohydrate_g] - fibre, 0].max : @label[:carbohydrate_g]
        polyols = said(:polyols_g) { [row.polyols, available].min }
        sugars = [said(:sugars_g) { share(row.sugars, row.carbohydrate - row.fibre) * available }, available].min
        mono = sugars * share(row.mono, row.sugars)
        salt = said(:salt_g) { row.salt }
        parts = {
          protein: @label[:protein_g], fat: @label[:fat_g], mono: mono, di: sugars - mono, starch: [available - sugars - polyols, 0].max,
          fibre: fibre, polyols: polyols, alcohol: row.alcohol, ash: salt + [row.ash - row.salt, 0].max, salt: salt
        }
        water = [100 - parts.except(:salt).values.sum, 0].max
        @notes << "#{water.round} g of 100 is left and taken as water; the pantry row has #{row.water.round}" if (water - row.water)
          .abs > 8
        whole(parts.merge(water: water))
      end

      # Grams that fibre may have where the label is silent: within the carbohydrate, or beside everything else.
      def room_for_fibre
        return @label[:carbohydrate_g] if @label.rule == "us"

        [100 - @label[:fat_g] - @label[:protein_g] - @label[:carbohydrate_g], 0].max
      end

      # A label may come to a little more than 100 g by its rounding.
      def whole(parts)
        sum = parts.except(:salt).values.sum
        Ingredient::Composition.new(Ingredient::Composition::ALL.map { |part| parts.fetch(part) * 100.0 / sum })
      end

      def said(key)
        @label[key] || yield.tap { |value| @notes << silent(key, value) if value >= 0.1 }
      end

      def silent(key, value)
        "The label does not say #{LabelCheck::WORDS[key]}: #{value.round(1)} g in 100 g is taken, as #{@row.name.downcase}"
      end

      def share(part, whole) = whole.positive? ? part / whole : 0.0

      def weights
        cup, each = @said["grams_per_cup"], @said["grams_each"]
        @library.weights(@row.id).map do |weight|
          own = weight.with(ingredient: @said["id"])
          filled = cup && own.grams_per_ml && own.form == @row.hand_form
          own = own.with(grams_per_ml: Rational(cup.to_s) / Quantity::CupStandard::US.cup_ml, plus_minus: 0.03, source: COOKS) if filled
          own = own.with(grams_each: Rational(each.to_s), plus_minus: 0.1, source: COOKS) if each && own.grams_each
          own
        end
      end
    end
  end
end
