# frozen_string_literal: true

module ElmCup
  module Ingredient
    # One row of the library.
    #   composition   Composition per 100 g
    #   fats          name of the fat => share of this ingredient's fat
    #   di_kind       which double sugar `di` is        polyol_kind  which polyol
    #   free_share    share of the sugars that is free (WHO) ; added_share  that the US label calls added
    #   allergens     ids; `excludes` diets that it breaks beside those its allergens break
    #   starts_from   of the household's own: the library row it was made from; nil for a library row
    #   possible      allergens that some of what goes by its name hold
    #   traces        allergens that its pack warns of       label  Label, nil for a library row
    #   no_stir       a nut or seed butter with hard fat in it, so that it does not separate
    #   hand_form, processor_form   the form it takes when the line names none
    Entry = Value.of(:id, :name, :family, :names, :assumed_names, :composition, :fats, :di_kind, :polyol_kind, :free_share,
      :added_share, :allergens, :excludes, :hand_form, :processor_form, :perishable, :source, :note, starts_from: nil, traces: [],
      possible: [], label: nil, no_stir: false, derived: true) do
      # An Entry from a row of ingredients.csv. RangeError when its composition is not believable.
      def self.from_row(row)
        parts = Composition::ALL.to_h { |part| [part, row.fetch(part.to_s).to_f] }
        new(id: row["id"], name: row["name"], family: row["family"],
          names: DataTable.list(row["names"]), assumed_names: DataTable.list(row["assumed_names"]),
          composition: Composition.per_100g(parts),
          fats: DataTable.list(row["fats"]).to_h { |pair| pair.split(":").then { |fat, share| [fat, share.to_f] } }.freeze,
          di_kind: row["di_kind"], polyol_kind: row["polyol_kind"],
          free_share: row["free_share"].to_f, added_share: row["added_share"].to_f,
          allergens: DataTable.list(row["allergens"]), possible: DataTable.list(row["possible"]), excludes: DataTable.list(row["not"]),
          hand_form: row["hand_form"], processor_form: row["processor_form"],
          perishable: row["perishable"] == "yes", no_stir: row["id"].end_with?("-no-stir"), source: row["source"], note: row["note"])
      rescue RangeError => error
        raise RangeError, "#{row["id"]}: #{error.message}"
      end

      # The id of the library row that it is or was made from: what rules about a certain ingredient go by.
      attr_reader :like

      # Ids of the diets that it breaks, whatever its amount.
      attr_reader :broken_diets

      # It breaks a diet, whatever its amount.
      def breaks?(diet) = broken_diets.include?(diet)

      # The form this ingredient takes under `process` ("hand" or "processor").
      def form_under(process) = (process == "processor") ? processor_form : hand_form

      # True when `name` is one of its own names, letter case aside.
      def named?(name) = [self.name, *names].any? { |own| own.casecmp?(name) }

      # Identity is the id: entries are compared often, and there is one of each.
      def ==(other) = equal?(other)

      def hash = id.hash

      private

      def derive
        @like = starts_from || id
        @broken_diets = (excludes + DietRules.broken_by(allergens + possible)).uniq.freeze
      end
    end
  end
end
