# frozen_string_literal: true

module ElmCup
  module Fat
    # Fats melted together, and how much of them is solid at a temperature.
    # Source: docs/model.md, Solid fat: ideal solution of pseudo-components (rows of fat_components.csv and fat_composition.csv).
    class Blend
      NAMES = Component::ALL.keys.freeze
      # fat => shares of its components, by mass.
      SHARES = DataTable.rows("fat_composition").to_h { |row|
        [row["fat"], NAMES.to_h { |name| [name, row[name].to_f] }.select { |_, share| share.positive? }.freeze]
      }.freeze
      # fat => J/g that it takes to melt.
      LATENT = DataTable.rows("fat_composition").to_h { |row| [row["fat"], row["latent_j_g"].to_f] }.freeze
      # Cocoa butter that is melted and simply chilled sets in softer crystals, where there is so much of it in the blend.
      # Source: Wille & Lutton 1966, forms IV (27.5 °C) and V (33.8 °C).
      COCOA_BUTTER = "cocoa_butter"
      UNTEMPERED_FROM = 0.15
      UNTEMPERED = %w[SA SB].freeze
      UNTEMPERED_LOWER_K = 6.0
      UNTEMPERED_HEAT = 115.0

      # Grams by fat; grams of all of it; J/g that all of it takes to melt.
      attr_reader :fats, :grams, :latent_j_g

      # fats: grams by name of fat_composition.csv (KeyError for another); tempered: cocoa butter in it was.
      def initialize(fats, tempered: false)
        @fats = fats.select { |_, grams| grams.positive? }.freeze
        @grams = @fats.values.sum(0.0)
        @tempered = tempered
        @latent_j_g = empty? ? 0.0 : @fats.sum(0.0) { |fat, each| LATENT.fetch(fat) * each } / @grams
        masses = masses_of
        @components = masses.keys.map { |name| component(name) }.freeze
        @masses = masses.values.freeze
        @moles = @components.zip(@masses).map { |each, mass| mass / each.grams_mol }.freeze
        freeze
      end

      # There is none.
      def empty? = fats.empty?

      # Share of it that is of one fat, 0 to 1.
      def share_of(fat) = empty? ? 0.0 : fats.fetch(fat, 0.0) / grams

      # Its cocoa butter is reckoned in the softer crystals.
      def untempered? = !@tempered && share_of(COCOA_BUTTER) >= UNTEMPERED_FROM

      # The SolidFat at °C.
      def at(celsius)
        return SolidFat.new(share: 0.0, tau_minutes: 0.0) if empty?

        solid = solid_masses(celsius)
        sum = solid.sum
        tau = 0.0
        solid.each_with_index { |mass, at| tau += mass * @components[at].tau_minutes } if sum.positive?
        SolidFat.new(share: sum, tau_minutes: sum.positive? ? tau / sum : 0.0)
      end

      # 0 to 1.
      def solid_share(celsius) = empty? ? 0.0 : solid_masses(celsius).sum

      # How much a gram that is solid stiffens: the mean over the components that can be solid at °C; 0 where none can.
      def network(celsius)
        sum = stiff = 0.0
        @components.each_with_index do |each, at|
          next unless each.melts_c > celsius

          sum += @masses[at]
          stiff += @masses[at] * each.network
        end
        sum.zero? ? 0.0 : stiff / sum
      end

      private

      # component => share of the whole, by mass; those there are.
      def masses_of
        fats.each_with_object(Hash.new(0.0)) do |(fat, each), sums|
          SHARES.fetch(fat).each { |name, share| sums[name] += share * each / grams }
        end
      end

      def component(name)
        made = Component::ALL.fetch(name)
        return made unless untempered? && UNTEMPERED.include?(name)

        made.with(melts_c: made.melts_c - UNTEMPERED_LOWER_K, heat_kj_mol: UNTEMPERED_HEAT)
      end

      # Share by mass of each component that is solid.
      def solid_masses(celsius)
        soluble = @components.map { |each| each.solubility(celsius) }
        liquid = liquid_moles(soluble)
        total = @masses.sum
        @components.each_index.map { |at|
          dissolved = soluble[at].infinite? ? @moles[at] : [@moles[at], soluble[at] * liquid].min
          (@moles[at] - dissolved) * @components[at].grams_mol / total
        }
      end

      # L where the sum of min(n, s L) is L: all is solid where the solubilities together do not reach 1; else one component after another
      # dissolves, those first that dissolve most easily.
      def liquid_moles(soluble)
        rest = soluble.sum
        return 0.0 if rest < 1

        order = soluble.each_index.sort_by { |at| soluble[at].infinite? ? 0.0 : @moles[at] / soluble[at] }
        gone = 0.0
        order.each_with_index do |at, done|
          gone += @moles[at]
          rest = order.drop(done + 1).sum(0.0) { |other| soluble[other] }
          next if rest >= 1

          liquid = gone / (1 - rest)
          following = order[done + 1]
          return liquid if following.nil? || liquid <= @moles[following] / soluble[following]
        end
      end
    end
  end
end
