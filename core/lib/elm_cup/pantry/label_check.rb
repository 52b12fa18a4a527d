# frozen_string_literal: true

module ElmCup
  module Pantry
    # Whether a label can be true: its parts fit into 100 g, parts of parts fit into them, and its energy is what they give.
    # Energy by the general factors 4, 4, 9, 2 for fibre, 2.4 for polyols (EU 1169/2011, Annex XIV, from memory). A US label may count
    # fibre as nothing or as other carbohydrate, or go by the food's own factors (21 CFR 101.9(c)(1)(i), from memory).
    class LabelCheck
      MOST_SUM = 104.0
      # Share and kcal by which energy may differ: factors are rough, and labels may use others.
      ENERGY_SHARE = 0.20
      ENERGY_KCAL = 25.0
      # part => what it is a part of
      PARTS = {saturates_g: :fat_g, sugars_g: :carbohydrate_g, polyols_g: :carbohydrate_g, added_sugars_g: :sugars_g}.freeze
      WORDS = {fat_g: "fat", saturates_g: "saturates", carbohydrate_g: "carbohydrate", sugars_g: "sugars", added_sugars_g: "added sugars",
               polyols_g: "polyols",
               fibre_g: "fibre", protein_g: "protein", salt_g: "salt"}.freeze
      MOST_KCAL = 910

      FIBRE_KCAL = {"eu" => [2], "us" => [0, 4]}.freeze
      OWN_FACTORS = DataTable.rows("energy_factors").to_h { |row|
        [row["family"], row.slice("protein", "fat", "carbohydrate").transform_values(&:to_f)]
      }.freeze

      # said: the label as given; at: its pointer; polyol: which one its list names, nil for none; family: of the row it starts from.
      def initialize(said, at, polyol: nil, family: nil)
        @said = said
        @at = at
        @polyol = polyol
        @family = family
      end

      # Faults, none for a label that can be true.
      def faults
        return [fault("serving_g", :serving_without_weight)] if @said["basis"] == "serving" && !@said["serving_g"]

        missing = %w[fat_g carbohydrate_g protein_g].reject { |key| @said[key] }
        return [fault(missing.first, :label_incomplete, missing: missing.map { |key| WORDS[key.to_sym] }.join(" and "))] if missing.any?

        @label = Label.from(@said)
        [sum, *parts, *twice].compact.then { |found| found.any? ? found : [energy].compact }
      end

      private

      def fault(key, code, **facts) = Fault.at("#{@at}/#{key}", code, **facts)

      def grams(value) = "#{value.round(1).to_s.delete_suffix(".0")} g"

      def sum
        total = %i[fat_g protein_g salt_g].sum { |key| @label[key] || 0 } + @label.carbohydrate
        slack = %i[fat_g protein_g salt_g carbohydrate_g].sum { |key| @label.rounding[key] || 0 }
        return if total <= MOST_SUM + slack - 2

        carbohydrate = (@label.rule == "eu" && @label[:fibre_g]) ? "carbohydrate and fibre" : "carbohydrate"
        Fault.at(@at, :label_sum, carbohydrate: carbohydrate, total: grams(total))
      end

      def parts
        PARTS.filter_map do |part, whole|
          next unless @label[part] && @label[whole] && @label[part] > @label[whole] + @label.rounding[part] + @label.rounding[whole]

          fault(part, :label_part, part: WORDS[part].capitalize, grams: grams(@label[part]), whole: WORDS[whole],
            whole_grams: grams(@label[whole]))
        end + fibre
      end

      def fibre
        return [] unless @label.rule == "us" && @label[:fibre_g]
        return [] if @label[:fibre_g] <= @label[:carbohydrate_g] + @label.rounding[:carbohydrate_g] + @label.rounding[:fibre_g]

        [fault("fibre_g", :label_us_fibre)]
      end

      # Kilojoules and kilocalories, salt and sodium say the same twice.
      def twice
        kj = @said["kj"] && @said["kcal"] && (@said["kj"] / 4.184 - @said["kcal"]).abs > 0.03 * @said["kcal"] + 2
        sodium = @said["sodium_mg"] && @said["salt_g"] && (@said["sodium_mg"] * 0.0025 - @said["salt_g"]).abs > 0.1 * @said["salt_g"] + 0.06
        [(fault("kj", :label_kj, kj: @said["kj"], kcal: (@said["kj"] / 4.184).round, said: @said["kcal"]) if kj),
          (if sodium
             fault("sodium_mg", :label_sodium, sodium: @said["sodium_mg"], salt: (@said["sodium_mg"] * 0.0025).round(2),
               said: @said["salt_g"])
           end)]
      end

      def energy
        return unless @label[:kcal]
        too_much = @label[:kcal] > MOST_KCAL + @label.rounding[:kcal]
        return energy_fault(:label_too_much_energy, kcal: @label[:kcal].round) if too_much

        least, most = reckoned_kcal.minmax
        nearest = @label[:kcal].clamp(least, most)
        return if (@label[:kcal] - nearest).abs <= [ENERGY_SHARE * nearest, ENERGY_KCAL].max + coarse_kcal

        energy_fault(:label_energy, kcal: @label[:kcal].round, reckoned: nearest.round)
      end

      def energy_fault(code, **facts) = fault(@said["kcal"] ? "kcal" : "kj", code, **facts)

      # kcal that the rounding of a small serving may hide, over that of a label for 100 g.
      def coarse_kcal
        @label.rounding[:kcal] + {fat_g: 9, carbohydrate_g: 4, protein_g: 4}
          .sum { |key, factor| factor * (@label.rounding[key] - Label::USUAL_ROUNDING) }
      end

      # kcal by each way in which the label's school may reckon them.
      def reckoned_kcal
        FIBRE_KCAL.fetch(@label.rule).map { |fibre| general_kcal(fibre) } + [own_kcal].compact
      end

      def own_kcal
        factors = (@label.rule == "us") && OWN_FACTORS[@family] or return
        factors["protein"] * @label[:protein_g] + factors["fat"] * @label[:fat_g] + factors["carbohydrate"] * @label.carbohydrate
      end

      def general_kcal(fibre_factor)
        polyols = @label[:polyols_g] || 0
        factor = @polyol ? POLYOL_KCAL.fetch(@polyol, 2.4) : 2.4
        4 * @label[:protein_g] + 9 * @label[:fat_g] + 4 * [@label.available - polyols, 0].max +
          fibre_factor * (@label[:fibre_g] || 0) +
          factor * polyols
      end

      POLYOL_KCAL = DataTable.rows("polyols").to_h { |row| [row["polyol"], row["kcal_per_gram"].to_f] }.freeze
    end
  end
end
