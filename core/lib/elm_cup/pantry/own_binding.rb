# frozen_string_literal: true

module ElmCup
  module Pantry
    # Binding figures of the household's own: those of the row that it starts from, brought to the pack's own fat and water by the
    # rules that built rows follow. Source of the rules: docs/model.md, Binding.
    module OwnBinding
      # Grams in 100 g by which fat or water may differ from the row's before its figures are reckoned anew.
      ALIKE = 3.0
      # mL that a gram of nut butter without its fat takes up.
      NUT_BUTTER_DEMAND = 0.74
      NO_STIR = "peanut-butter-no-stir"

      class << self
        # Ingredient::BindingFigures of an Ingredient::Entry in each form of its row. natural: the row of the natural kind where the pack's
        # list says that it is one and the row is a no-stir butter, else nil.
        def figures(entry, row:, natural:, library:)
          like = library.binding(NO_STIR, "smooth") if entry.no_stir && !row.no_stir
          like ||= library.binding(natural.id, "smooth") if natural
          library.binding_of(row.id).map do |figures|
            base = (like && figures.form == "smooth") ? like : figures
            follow(base.with(ingredient: entry.id, form: figures.form), entry.composition, like ? nil : row)
          end
        end

        private

        # The row's figures while the pack is like it; else brought to its own fat and water, and starred, since no case supports them.
        def follow(figures, own, row)
          return figures if row.nil? || alike?(own, row.composition)

          built = built(figures, own, row)
          (built == figures) ? figures : built.with(starred: true, source: "built from the pack's label")
        end

        def alike?(own, row) = (own.fat - row.fat).abs <= ALIKE && (own.water - row.water).abs <= ALIKE

        def built(figures, own, row)
          case figures.kind
          when "pulp" then pulp(figures, own)
          when "fat" then OwnIngredient.butter?(row) ? butter(figures, own, row.composition) : other(figures, own, row.composition)
          else other(figures, own, row.composition)
          end
        end

        def pulp(figures, own)
          held, demand = Ingredient::Pulp.held(own.water / 100), Ingredient::Pulp.demand(own.water / 100)
          figures.with(b: ((figures.form == "chopped") ? 0.5 : 1.0) * held, d: demand, d30: demand)
        end

        def butter(figures, own, row)
          demand = NUT_BUTTER_DEMAND * (1 - own.fat / 100)
          figures.with(o: figures.o * ratio(own.fat, row.fat), d: demand, d30: demand)
        end

        # What it offers goes with its water and its fat; a syrup's is the same however wet.
        def other(figures, own, row)
          a = (figures.kind == "syrup") ? figures.a : figures.a * ratio(own.water, row.water)
          figures.with(a: a, o: figures.o * ratio(own.fat, row.fat))
        end

        def ratio(part, whole) = whole.positive? ? part / whole : 1.0
      end
    end
  end
end
